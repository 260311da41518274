// Curlew, the machine that reads the 1990s: what is wrong with it is found, and nothing else; put
// right, it stops at nothing. Figures are worked out by hand.
import { change, curlew, finding, part, then, type Sent } from '../test-helpers/demos'
import type { Build } from '../document/build'
import { BUILD_ORDERS } from '../document/build-orders'

const open = (build: Build) => then(build).findings.filter(f => f.verdict !== 'clear')
const idsOf = (build: Build): readonly string[] => [...new Set(open(build).map(f => f.rule))].sort()

/** The two modules that were promised. */
const MODULES: Sent = {
  do: 'addItem',
  item: { id: 'promised', part: part('merewick-simm30-2x1'), state: 'have' },
}
const SECOND: Sent = { do: 'setJumper', id: 'disk-2', jumper: 'place', stands: 'second' }
const MONO: Sent = { do: 'setJumper', id: 'board', jumper: 'JP3', stands: '2-3' }
const UNCROSSED: Sent = {
  do: 'together',
  title: 'twin put right',
  commands: [
    { do: 'pinJoint', plug: 'supply/pair.1', socket: null },
    { do: 'pinJoint', plug: 'supply/pair.1.9', socket: null },
  ],
}
/** The case as the shelf has it: its mains switch is no lead. */
const CASE: Sent = { do: 'swapPart', id: 'case', part: part('fenwright-loft-at'), figures: {} }
const right = (...acts: readonly Sent[]): Build => change(curlew, ...acts)

test('five things are wrong, each told where it is; besides, its supply draws in peaks', () => {
  expect(idsOf(curlew)).toEqual([
    'fit/memory-banks',
    'joints/joined',
    'joints/jumper',
    'joints/ribbon-order',
    'panel/mains-lead',
    'power/factor',
  ])
})

test('a bank half filled: two of four modules stop it, four do not', () => {
  const bank = 'fit/memory-banks:modules:board:2'
  expect(finding(then(curlew), bank)).toMatchObject({ verdict: 'stop' })
  expect(finding(then(curlew), bank).sentence).toMatch(/SIM3 and SIM4 stay empty/)
  const whole = right(MODULES)
  expect(finding(then(whole), 'fit/memory-banks:modules:promised:board:2').verdict).toBe('clear')
})

test('36 chips of 256 kbit fill four rows of nine: 1 MB, and with two modules 3 MB', () => {
  expect(finding(then(curlew), 'fit/memory-banks:chips:board:1').verdict).toBe('clear')
  // four rows of 256 kB and two modules of 1 MB
  expect(finding(then(curlew), 'fit/memory-size').need).toBeCloseTo(4 * 0.000256 + 2 * 0.001, 6)
})

test('two drives both first, a display jumper on colour, a crossed twin: each put right by itself', () => {
  expect(idsOf(right(SECOND))).not.toContain('joints/ribbon-order')
  expect(idsOf(right(MONO))).not.toContain('joints/jumper')
  expect(open(curlew).filter(f => f.rule === 'joints/joined')).toHaveLength(2)
  expect(idsOf(right(UNCROSSED))).not.toContain('joints/joined')
})

test('the mains switch taken for a lead: harm, joined to nothing, and no lead of the block', () => {
  const h = then(curlew)
  expect(finding(h, 'panel/mains-lead').verdict).toBe('harm')
  expect(h.joints.some(j => j.id.includes('case/power-switch'))).toBe(false)
  expect(h.findings.some(f => f.rule === 'joints/unmet' && f.id.includes('power-switch'))).toBe(
    false,
  )
  expect(JSON.stringify(h.panel)).not.toContain('thick wires')
  expect(finding(then(right(CASE)), 'panel/mains-lead').verdict).toBe('clear')
})

test('all put right, nothing stops, harms or is asked', () => {
  const sound = right(MODULES, SECOND, MONO, UNCROSSED, CASE)
  expect(open(sound).map(f => [f.verdict, f.rule])).toEqual([['watch', 'power/factor']])
})

test('on 5 V hang board, processor, memory, cards and the drives’ logic', () => {
  // board 9, processor 2.5, chips 4 × 1.5, modules 2 × 1, cards 3 + 6; of disks 6 W and floppies 2 and
  // 6 the part that is not 12 V: 0.3 of 20
  const { need } = finding(then(curlew), 'power/rail:supply:5')
  expect(need).toBeCloseTo(9 + 2.5 + 6 + 2 + 9 + 0.3 * 20, 3)
  // P8 has one wire of 5 V, P9 three
  const h = then(curlew)
  expect(finding(h, 'power/cable:supply:pair:5').have).toBe(4 * 10 * 5)
  expect(finding(h, 'power/cable:supply:pair:5').need).toBeCloseTo(9 + 2.5 + 6 + 2 + 9, 3)
  expect(h.findings.some(f => f.id.startsWith('power/rail:supply:3.3'))).toBe(false)
})

test('its start has a mains switch, no button; no word of a 24-pin', () => {
  const h = then(curlew)
  expect(JSON.stringify([h.proof, h.order])).not.toMatch(
    /24-pin|Press the button|power-switch lead/,
  )
  const steps = h.order.steps.map(s => s.kind)
  expect(steps.indexOf('jumpers')).toBeLessThan(steps.indexOf('board-in'))
  expect(steps.indexOf('supply-in')).toBeLessThan(steps.indexOf('mains-switch'))
  expect(steps.indexOf('mains-switch')).toBeLessThan(steps.indexOf('first-power'))
  const fit = h.order.steps.find(s => s.kind === 'mains-switch')
  expect(fit?.cautions.join(' ')).toMatch(/licensed electrician, by local rules/)
  const posts = h.order.steps.find(s => s.kind === 'standoffs')
  expect(posts?.does.join(' ')).toMatch(/Plastic posts into the board at H2, H4, H5, H6/)
})

test.each(BUILD_ORDERS)('%s: nothing is started on the table, no pins are bridged', school => {
  const { order } = then(change(curlew, { do: 'chooseOrder', school }))
  expect(order.steps.map(s => s.kind)).not.toContain('bench-start')
  expect(JSON.stringify(order.steps)).not.toMatch(/bridge the two pins|then the button/)
  const start = order.steps.find(s => s.kind === 'first-power')
  expect(start?.does.join(' ')).toMatch(/as soon as the switch at the front is on/)
})

test('the full-length card goes into its guide, the chips are pressed one by one', () => {
  const step = (title: RegExp) => then(curlew).order.steps.find(s => title.test(s.title))
  expect(step(/Seat the Sallow mono/)?.does.join(' ')).toMatch(/into the guide at the front wall/)
  expect(step(/Seat the Multi ISA/)?.does.join(' ')).not.toMatch(/guide/)
  expect(step(/Press the Chips/)?.does.join(' ')).toMatch(/no leg stands out/)
  expect(step(/Press the 30-contact/)?.does.join(' ')).toMatch(/In at a slant/)
})
