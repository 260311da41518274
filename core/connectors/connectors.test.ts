// The table of connectors, row by row: what passes on each rail, what looks alike and what a swap
// does, what part of a plug carries.
import { CONNECTORS, connector, mating, type PlugFace } from './connectors'
import { VOLTS, type Rail } from '../standards/rails'

const watts = (face: PlugFace, rail: Rail): number | undefined => {
  const amps = connector(face).limit?.rails?.amps[rail]
  return amps === undefined ? undefined : Math.round(amps * VOLTS[rail] * 10) / 10
}

describe('what passes at most, W by rail', () => {
  test.each<[PlugFace, Partial<Record<Rail, number>>, 'standard' | 'practice']>([
    // 6 A a contact: 2, 5 and 4 of them; in 20 contacts one less of each
    ['main-24', { '12': 144, '5': 150, '3.3': 79.2 }, 'standard'],
    ['main-20', { '12': 72, '5': 120, '3.3': 59.4 }, 'standard'],
    ['main-4', { '12': 72, '5': 30, '3.3': 19.8 }, 'standard'],
    // 7 A a contact, two and four of them
    ['cpu-4', { '12': 168 }, 'practice'],
    ['cpu-8', { '12': 336 }, 'practice'],
    ['card-6', { '12': 75 }, 'standard'],
    ['card-8', { '12': 150 }, 'standard'],
    // 9.2 A a contact, six of them; what the card may take is its class
    ['card-16', { '12': 662.4 }, 'standard'],
    // three contacts a rail of 1.5 A
    ['sata-power', { '12': 54, '5': 22.5, '3.3': 14.9 }, 'standard'],
    ['drive-4', { '12': 120, '5': 50 }, 'practice'],
    ['drive-small-4', { '12': 24, '5': 10 }, 'practice'],
    ['fan-3', { '12': 12 }, 'practice'],
    ['fan-4', { '12': 12 }, 'practice'],
    ['light-12', { '12': 36 }, 'practice'],
    ['light-5', { '5': 15 }, 'practice'],
    // two ports of 0.5 and of 0.9 A; one of up to 3 A
    ['usb-2', { '5': 5 }, 'standard'],
    ['usb-3', { '5': 9 }, 'standard'],
    ['usb-c', { '5': 15 }, 'standard'],
  ])('%s', (face, rails, by) => {
    for (const rail of ['12', '5', '3.3'] as const)
      expect([rail, watts(face, rail)]).toEqual([rail, rails[rail]])
    expect(connector(face).limit?.rails?.by).toBe(by)
  })
  test('no other connector says a current', () => {
    const silent = (Object.keys(CONNECTORS) as PlugFace[]).filter(f => connector(f).limit?.rails)
    expect(silent).toHaveLength(18 + ['usb-a', 'usb-c-socket'].length)
  })
})

describe('the first stretch of a plug that stays straight, mm, by practice', () => {
  test.each<[PlugFace, number]>([
    ['card-16', 35],
    ['card-8', 20],
    ['main-24', 35],
    ['usb-3', 30],
    ['sata-data', 20],
    ['mini-sas', 38],
    ['audio-hd', 12],
  ])('%s: %i', (face, mm) => {
    expect(connector(face).straight).toBe(mm)
  })
})

describe('how long a lead may be, mm, by its standard', () => {
  test.each<[PlugFace, number]>([
    ['sata-data', 1000],
    ['esata', 2000],
    ['mini-sas', 1000],
    ['ribbon-40', 457],
  ])('%s: %i', (face, mm) => {
    expect(connector(face).longest).toBe(mm)
  })
})

describe('part of a plug, or a larger one', () => {
  test.each<[PlugFace, PlugFace, RegExp]>([
    ['main-20', 'main-24', /72 W/],
    ['main-24', 'main-20', /hang free/],
    ['cpu-4', 'cpu-8', /168 W/],
    ['card-6', 'card-8', /75 W.*refuse/],
    ['audio-97', 'audio-hd', /without jack sensing/],
    ['audio-hd', 'audio-97', /jack sensing is dead/],
  ])('%s in %s works, at a price', (plug, socket, note) => {
    expect(mating(plug, socket)).toMatchObject({
      verdict: 'watch',
      note: expect.stringMatching(note) as string,
    })
  })
})

describe('look-alikes: what a swap does', () => {
  test.each<[PlugFace, PlugFace, 'harm' | 'stop']>([
    ['cpu-8', 'card-8', 'harm'],
    ['card-8', 'cpu-8', 'harm'],
    ['light-5', 'light-12', 'harm'],
    ['light-12', 'light-5', 'stop'],
    ['firewire', 'usb-2', 'harm'],
    ['usb-2', 'firewire', 'harm'],
    ['audio-hd', 'usb-2', 'harm'],
    ['usb-2', 'audio-hd', 'harm'],
    ['serial', 'usb-2', 'harm'],
    ['usb-2', 'serial', 'harm'],
    ['fan-4', 'light-12', 'harm'],
    ['fan-3', 'light-12', 'harm'],
    ['light-12', 'fan-4', 'harm'],
    ['drive-small-4', 'fan-4', 'harm'],
    ['drive-small-4', 'fan-3', 'harm'],
    ['board-pair', 'board-pair-9', 'harm'],
    ['board-pair-9', 'board-pair', 'harm'],
    ['sata-data', 'sas-drive', 'stop'],
  ])('%s in %s: %s', (plug, socket, verdict) => {
    expect(mating(plug, socket)?.verdict).toBe(verdict)
  })
})

describe('adapters from one power plug to another', () => {
  const fed = (from: PlugFace, to: PlugFace) =>
    connector(from).adapted?.find(a => a.to.includes(to))?.verdict
  test('SATA to any plug of a card: harm; the large four to six contacts: watch, to more: harm', () => {
    for (const to of ['card-6', 'card-8', 'card-16'] as const)
      expect(fed('sata-power', to)).toBe('harm')
    expect([fed('drive-4', 'card-6'), fed('drive-4', 'card-8'), fed('drive-4', 'card-16')]).toEqual(
      ['watch', 'harm', 'harm'],
    )
  })
})
