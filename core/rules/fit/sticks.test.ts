// Sticks and lanes: two heat sinks, chips below, lanes that nobody stated, lanes that are split, one
// uplink for several.
import type { Finding } from '../finding'
import {
  altered,
  buildOf,
  TOWER,
  type Fields,
  type Machine,
} from '../../test-helpers/planted-machine'
import { part, then } from '../../test-helpers/demos'

const said = (machine: Machine, rule: string): readonly Finding[] =>
  then(buildOf(machine)).findings.filter(f => f.rule === rule)

const SOCKET: Fields = {
  ...{ key: 'm', label: 'M2_1', keys: ['M'], lengths: ['2280'], protocols: ['NVMe', 'SATA'] },
  ...{ lanes: 4, generation: 4 },
}
const stick = (m2: Fields = {}, about: Fields = {}): Fields => ({
  ...{ kind: 'drive', id: 'stick', model: 'Stick', shape: 'M.2', protocol: 'NVMe', ...about },
  m2: { keys: ['M'], length: '2280', generation: 4, ...m2 },
})
const inSocket = (socket: Fields, m2: Fields): Machine =>
  altered(TOWER, { board: { m2: [{ ...SOCKET, ...socket }], shares: [] }, stick: stick(m2) })

describe('a stick and its socket as bodies', () => {
  const rule = 'fit/stick-body'
  test.each<[string, Fields, Fields, readonly string[]]>([
    [
      'both have a sink, the board’s comes off',
      { cover: 'removable' },
      { heatSink: true },
      ['watch'],
    ],
    ['both have a sink, the board’s stays', { cover: 'fixed' }, { heatSink: true }, ['stop']],
    ['only the stick has one', { cover: 'none' }, { heatSink: true }, []],
    ['only the board has one', { cover: 'fixed' }, { heatSink: false }, []],
    ['chips below, room below', { takes: 'double-sided' }, { sides: 'both' }, []],
    ['chips below, no room', { takes: 'single-sided' }, { sides: 'both' }, ['stop']],
    ['chips above alone', { takes: 'single-sided' }, { sides: 'one' }, []],
    ['nobody says anything', {}, {}, []],
  ])('%s', (_, socket, m2, verdicts) => {
    expect(said(inSocket(socket, m2), rule).map(f => f.verdict)).toEqual(verdicts)
  })
  test.each<[string, Fields, Fields, string, string]>([
    ['the stick’s sink', { cover: 'removable' }, {}, 'stick', 'm2.heatSink'],
    ['the board’s sink', {}, { heatSink: true }, 'board', 'm2.0.cover'],
    ['the stick’s sides', { takes: 'single-sided' }, {}, 'stick', 'm2.sides'],
    ['the socket’s height', {}, { sides: 'both' }, 'board', 'm2.0.takes'],
  ])('not known: %s is asked', (_, socket, m2, item, path) => {
    expect(said(inSocket(socket, m2), rule)).toMatchObject([
      { verdict: 'measure', asks: [{ item, path }] },
    ])
  })
})

describe('lanes and generation', () => {
  test.each<[string, Fields, Fields, string, string]>([
    ['lanes of the socket', { lanes: undefined }, {}, 'board', 'm2.0.lanes'],
    ['generation of the socket', { generation: undefined }, {}, 'board', 'm2.0.generation'],
    ['generation of the stick', {}, { generation: undefined }, 'stick', 'm2.generation'],
  ])('%s not stated: asked, not taken for clear', (_, socket, m2, item, path) => {
    expect(said(inSocket(socket, m2), 'fit/link')).toMatchObject([
      { verdict: 'measure', asks: [{ item, path }] },
    ])
  })

  const SPLIT = { label: 'processor lanes', keys: ['slot-1', 'm'], sharing: 'split', each: [8, 4] }
  const slots = [{ key: 'slot-1', label: 'PCIE_1', row: 2, size: 'x16', lanes: 16, generation: 4 }]
  const gpu = { ...part('strandline-spindrift-310') }
  const linkOf = (machine: Machine) => said(machine, 'fit/link').find(f => f.parts.includes('card'))
  test('a slot of sixteen beside a socket that takes eight of them: 15.8 of 31.5 GB/s', () => {
    const both = altered(TOWER, {
      board: { m2: [SOCKET], slots, shares: [SPLIT] },
      ...{ stick: stick(), card: gpu },
    })
    // Generation 4 carries 1.969 GB/s a lane: 8 × 1.969 = 15.75, 16 × 1.969 = 31.5
    expect(linkOf(both)).toMatchObject({
      verdict: 'watch',
      sentence: expect.stringMatching(/15\.8 of 31\.5 GB\/s in PCIE_1 beside M2_1/) as string,
    })
    const alone = altered(TOWER, { board: { m2: [SOCKET], slots, shares: [SPLIT] }, card: gpu })
    expect(linkOf(alone)).toMatchObject({ verdict: 'clear' })
  })
})

describe('one uplink', () => {
  const second = { ...SOCKET, key: 'm-2', label: 'M2_2' }
  const share = (about: Fields = {}): Fields => ({
    ...{ label: 'uplink', keys: ['m', 'm-2'], sharing: 'uplink', lanes: 4, generation: 4 },
    ...about,
  })
  const two = (shares: readonly Fields[], m2: Fields = {}, about: Fields = {}): Machine =>
    altered(TOWER, {
      board: { m2: [SOCKET, second], shares },
      ...{ stick: stick(), other: { ...stick(m2, about), id: 'other' } },
    })
  const rule = 'fit/uplink'
  test('two sticks of four lanes behind four: 7.9 of 15.8; behind eight it is enough', () => {
    expect(said(two([share()]), rule)).toMatchObject([
      { verdict: 'watch', sentence: expect.stringContaining('7.9 of 15.8 GB/s') as string },
    ])
    expect(said(two([share({ lanes: 8 })]), rule)).toMatchObject([{ verdict: 'clear' }])
  })
  test('a SATA stick asks for 0.6: 8.5 of 7.9 is still too much, of generation 5 it is not', () => {
    expect(said(two([share()], {}, { protocol: 'SATA' }), rule)).toMatchObject([
      { verdict: 'watch', sentence: expect.stringContaining('7.9 of 8.5 GB/s') as string },
    ])
    expect(said(two([share({ generation: 5 })], {}, { protocol: 'SATA' }), rule)).toMatchObject([
      { verdict: 'clear' },
    ])
  })
  test('a speed behind it that nobody knows is no clear', () => {
    const rank = {
      label: 'uplink',
      keys: ['m', 'slot-9'],
      sharing: 'uplink',
      lanes: 8,
      generation: 4,
    }
    const slot = { key: 'slot-9', label: 'PCIE_9', row: 4, size: 'x1' }
    const card = { ...part('hollin-usb-x1'), generation: undefined }
    const machine = altered(TOWER, {
      board: { m2: [SOCKET], slots: [slot], shares: [rank] },
      ...{ stick: stick(), card },
    })
    expect(said(machine, rule)).toMatchObject([{ verdict: 'measure', asks: [{ item: 'board' }] }])
  })
  test('its lanes not stated: asked; one in use alone shares with nobody', () => {
    expect(said(two([share({ lanes: undefined })]), rule)).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'board', path: 'shares.0.lanes' }] },
    ])
    const alone = altered(TOWER, {
      board: { m2: [SOCKET, second], shares: [share()] },
      stick: stick(),
    })
    expect(said(alone, rule)).toEqual([])
  })
})
