// Old slots: keyed by voltage; counted from the lower edge on boards with a keyboard's hole.
import { altered, buildOf, TOWER, type Fields } from '../../test-helpers/planted-machine'
import { part, then } from '../../test-helpers/demos'
import { slotLine } from '../../standards/cards'

const CARD: Fields = {
  ...{ kind: 'card', id: 'pci', model: 'Old capture', does: 'capture', size: 'PCI' },
  ...{ profile: 'full', power: [], watts: 5, software: 'none' },
}
const inSlot = (card: readonly string[] | undefined, slot: readonly string[] | undefined) =>
  then(
    buildOf(
      altered(TOWER, {
        board: { slots: [{ key: 's', label: 'PCI_1', row: 6, size: 'PCI', keyed: slot }] },
        card: { ...CARD, keyed: card },
      }),
    ),
  )
const said = (h: ReturnType<typeof inSlot>) => h.findings.filter(f => f.rule === 'fit/slot-key')

test('a card notched for 3.3 V alone does not go into a slot of 5 V; one for both does', () => {
  expect(inSlot(['3.3 V'], ['5 V']).joints.some(j => j.id.startsWith('card/seat'))).toBe(false)
  expect(said(inSlot(['5 V', '3.3 V'], ['5 V']))).toMatchObject([{ verdict: 'clear' }])
})
test('not stated: asked of the card, of the slot', () => {
  expect(said(inSlot(undefined, ['5 V']))).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'card', path: 'keyed' }] },
  ])
  expect(said(inSlot(['5 V'], undefined))).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'board', path: 'slots.0.keyed' }] },
  ])
})
test('a slot of lanes has no such key', () => {
  const card = { ...part('hollin-net-10') }
  const build = buildOf(altered(TOWER, { card }))
  expect(then(build).findings.filter(f => f.rule === 'fit/slot-key')).toEqual([])
})

test('slots from the first one down, or from the last one up', () => {
  // the third slot of an ATX board: 165 + 2 × 20.32
  expect(slotLine(3, { edge: null, last: null })).toBeCloseTo(205.64, 2)
  // Baby-AT, 215.9 along the rear: the last of seven 18 over the lower edge, the first six pitches up
  expect(slotLine(7, { edge: 215.9, last: 7 })).toBeCloseTo(197.9, 2)
  expect(slotLine(1, { edge: 215.9, last: 7 })).toBeCloseTo(75.98, 2)
})
