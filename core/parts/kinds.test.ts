import { analyse } from '../analysis/analyse'
import { buildSchema, type Build } from '../document/build'
import { resolve } from '../document/resolve'
import { part } from '../test-helpers/demos'
import { valueOf } from '../figures/quantity'
import { kindOf, partSchema, type Item } from '.'

const itemOf = (id: string, more: object = {}): Item =>
  resolve(
    {
      id: 'x',
      part: partSchema.parse({ ...part(id), ...more }),
      state: 'have',
      condition: 'new',
      figures: {},
    },
    part(id).model,
  )
const ends = (id: string, more: object = {}) => {
  const item = itemOf(id, more)
  return kindOf(item).ends(item)
}
const build = (...ids: readonly string[]): Build =>
  buildSchema.parse({
    id: 'b',
    name: 'B',
    items: ids.map((id, i) => ({ id: `${part(id).kind}-${i}`, part: part(id), state: 'have' })),
  })
const joints = (...ids: readonly string[]) => analyse(build(...ids)).horizons.then.joints
const stops = (...ids: readonly string[]) =>
  analyse(build(...ids))
    .horizons.then.findings.filter(f => f.verdict === 'stop')
    .map(f => f.sentence)

describe('a liquid cooler', () => {
  test('has a block, a radiator, a pump lead, a lead for each fan, and a USB lead where it has one', () => {
    expect(ends('ottery-rill-360').map(e => [e.key, e.face])).toEqual([
      ['mount', 'cooler-mount'],
      ['radiator', 'radiator-place'],
      ['pump', 'fan-3'],
      ['fan-1', 'fan-4'],
      ['fan-2', 'fan-4'],
      ['fan-3', 'fan-4'],
      ['usb', 'usb-2'],
    ])
    expect(ends('ottery-rill-240').some(e => e.key === 'usb')).toBe(false)
  })
  test('its radiator takes its place and the fan places with it', () => {
    const seats = joints(
      'brackwater-twinlock-8',
      'saltpan-lagoon-9',
      'ottery-rill-360',
      'ottery-breeze-120',
    )
    const radiator = seats.find(j => j.face === 'radiator-place')
    const fan = seats.find(j => j.face === 'fan-place')
    expect(radiator?.to).toMatch(/radiator place/)
    const wall = /front|top/.exec(radiator?.to ?? '')?.[0] ?? ''
    expect(fan && fan.to.startsWith(`${wall} fan`)).toBe(false)
  })
  test('a radiator larger than every place is short', () => {
    expect(
      stops('fenwright-flatfen-2', 'marram-dune-m', 'ottery-rill-360').some(s =>
        /radiator/.test(s),
      ),
    ).toBe(true)
  })
  test('draws 0.3 A × 12 V for the pump and 0.22 A × 12 V for each fan', () => {
    const item = itemOf('ottery-rill-240')
    expect(
      kindOf(item)
        .draws?.(item)
        .map(d => valueOf(d.worst)),
    ).toEqual([expect.closeTo(3.6), expect.closeTo(2.64), expect.closeTo(2.64)])
  })
})

describe('carriers, brackets, leads with branches', () => {
  test('a small drive goes into a sled, the sled into a bay', () => {
    const list = joints('fenwright-haystack-8', 'fenwright-sled-25-35', 'pennick-slate-500')
    expect(
      list
        .filter(j => j.face === 'bay')
        .map(j => j.to)
        .sort(),
    ).toEqual([expect.stringMatching(/bay/), expect.stringMatching(/sled/)])
  })
  test('a bracket takes the cover farthest from the processor, its lead a header', () => {
    const list = joints('brackwater-harbour-4', 'saltpan-lagoon-9', 'hollin-bracket-usb2')
    expect(list.find(j => j.face === 'rear-cover')?.to).toMatch(/slot cover 7/)
    expect(list.find(j => j.face === 'usb-2' && /USB 2 lead/.test(j.from))?.to).toMatch(/USB2/)
  })
  test('a cover that a card takes is no place for a bracket; put there by hand it is a stop', () => {
    const both = build(
      'brackwater-harbour-4',
      'saltpan-lagoon-9',
      'hollin-bracket-usb2',
      'saltpan-s4',
    )
    const found = (b: Build) =>
      analyse(b).horizons.then.findings.find(f => f.rule === 'fit/rear-cover')
    const card = analyse(both).horizons.then.joints.find(j => j.face === 'slot')
    const row = Number(/slot-(\d)$/.exec(card?.id ?? '')?.[1])
    expect(
      found({
        ...both,
        choices: { ...both.choices, pins: { 'bracket-2/cover': 'case-0/cover-1' } },
      })?.verdict,
    ).toBe('clear')
    expect(
      found({
        ...both,
        choices: { ...both.choices, pins: { 'bracket-2/cover': `case-0/cover-${row}` } },
      }),
    ).toMatchObject({ verdict: 'stop', parts: ['bracket-2', 'case-0', 'card-3'] })
  })
  test('a fan-out joins four disks to one port group', () => {
    const list = joints(
      'fenwright-haystack-8',
      'saltpan-lagoon-9',
      'saltpan-h8',
      'saltpan-fan-out-800',
      'sedgeline-r5-12000',
      'sedgeline-r3-2000',
    )
    expect(list.filter(j => j.face === 'mini-sas')).toHaveLength(1)
    expect(list.filter(j => j.face === 'sata-data' && j.from.startsWith('Fan-out'))).toHaveLength(2)
  })
  test('a ribbon’s second drive comes first: 300, then 150 more', () => {
    expect(ends('hollin-ribbon-80').map(e => [e.key, e.lead && valueOf(e.lead.length)])).toEqual([
      ['board', 450],
      ['device-1', 300],
      ['device-2', 450],
    ])
  })
})

describe('old parts', () => {
  test('a board of 1995 takes the twin plugs, ribbons, cards of its time', () => {
    const faces = ends('saltpan-weir-486').map(e => e.face)
    for (const face of ['board-pair', 'ribbon-40', 'ribbon-34', 'speaker', 'serial'])
      expect(faces).toContain(face)
    expect(ends('saltpan-weir-486').find(e => e.key === 'slot-4')?.traits.size).toEqual([
      'ISA-16',
      'ISA-8',
    ])
  })
  test('old drives take old plugs: large four, and the small one for a floppy', () => {
    expect(ends('sedgeline-ide-2').map(e => e.face)).toEqual(['bay', 'ribbon-40', 'drive-4'])
    expect(ends('sedgeline-floppy-35').map(e => e.face)).toEqual([
      'bay',
      'ribbon-34',
      'drive-small-4',
    ])
  })
  test('an old machine comes together', () => {
    const list = joints(
      'fenwright-barn-at',
      'saltpan-weir-486',
      'quillmark-heron-100',
      'ottery-heronclip',
      'merewick-simm-2x16',
      'teazle-at-200',
      'marram-isa-vga',
      'sedgeline-ide-2',
      'hollin-ribbon-40',
      'sedgeline-floppy-35',
      'hollin-ribbon-34',
      'hollin-beeper',
    )
    for (const face of [
      'tray',
      'processor-socket',
      'memory-slot',
      'board-pair',
      'slot',
      'ribbon-40',
      'ribbon-34',
      'speaker',
    ])
      expect([face, list.some(j => j.face === face)]).toEqual([face, true])
  })
})

describe('small and outer things', () => {
  test('a maker’s own lights join only their own controller', () => {
    expect(
      joints('hollin-lantern-6', 'hollin-lantern-strip', 'saltpan-lagoon-9', 'dunlin-a850').some(
        j => j.face === 'light-own',
      ),
    ).toBe(true)
    expect(
      joints('hollin-glow-4', 'hollin-lantern-strip', 'saltpan-lagoon-9', 'dunlin-a850').some(
        j => j.face === 'light-own',
      ),
    ).toBe(false)
  })
  test('a stick, a keyboard and a monitor find their sockets at the rear', () => {
    const list = joints('marram-dune-m', 'pennick-stick-32', 'hollin-keys', 'marram-view-27')
    expect(
      list
        .map(j => j.face)
        .filter(f => f === 'usb-a' || f === 'displayport')
        .sort(),
    ).toEqual(['displayport', 'usb-a', 'usb-a'])
  })
  test('a probe and a beeper find their pins', () => {
    expect(
      joints('saltpan-marsh-7', 'ottery-probe', 'hollin-beeper')
        .map(j => j.face)
        .filter(f => f === 'probe' || f === 'speaker')
        .sort(),
    ).toEqual(['probe', 'speaker'])
  })
  test('outer plugs are the last thing done, after the case is closed', () => {
    const { steps } = analyse(
      build('brackwater-harbour-m', 'marram-dune-m', 'teazle-t450', 'hollin-keys'),
    ).horizons.then.order
    const at = (kind: string): number => steps.findIndex(s => s.kind === kind)
    expect(at('outer-plug')).toBeGreaterThan(at('panels-on'))
    expect(at('outer-plug')).toBeLessThan(at('record'))
  })
})
