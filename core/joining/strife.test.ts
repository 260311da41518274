// Where several places are there, what sits there decides: bodies that meet, room and tubes.
import { buildFrom, type Fields } from '../test-helpers/planted-machine'
import { part, then } from '../test-helpers/demos'
import type { Build } from '../document/build'

const altered = (id: string, changes: Fields): Fields => ({ ...part(id), ...changes })
const wet = (changes: Fields = {}): Fields => {
  const own = part('ottery-rill-360') as Fields
  return { ...own, liquid: { ...(own['liquid'] as Fields), ...changes } }
}
/** Two chambers, 425 deep: places for 360 mm at the front (first) and on top (second). */
const machine = (cooler: Fields, card: Fields, modules: string = 'merewick-d5-2x8') =>
  buildFrom(
    part('brackwater-twinlock-8'),
    part('saltpan-lagoon-9'),
    part('quillmark-t2-65'),
    cooler,
    part(modules),
    part('dunlin-a550'),
    card,
  )
const joinIds = (build: Build): readonly string[] => then(build).joints.map(j => j.id)
const grave = (build: Build): readonly string[] =>
  then(build)
    .findings.filter(f => f.stage === 'fit' && f.verdict === 'stop')
    .map(f => f.rule)
const placeIn = (build: ReturnType<typeof machine>): string | undefined =>
  joinIds(build).find(id => id.startsWith('cooler-3/radiator~'))
const FRONT = 'cooler-3/radiator~case-0/radiator-front'
const TOP = 'cooler-3/radiator~case-0/radiator-top'
const CARD = 'strandline-tempest-390'

test('a short card leaves the first place as it is', () => {
  expect(placeIn(machine(wet(), altered(CARD, { length: 300 })))).toBe(FRONT)
})

test('390 of card do not pass 425 − 27 − 25: the radiator goes on top', () => {
  const build = machine(wet(), part(CARD))
  expect(placeIn(build)).toBe(TOP)
  expect(grave(build)).toEqual([])
})

test('nothing moves for what is only not sure: 372 of card before 373', () => {
  expect(placeIn(machine(wet(), altered(CARD, { length: 372 })))).toBe(FRONT)
})

test('too thick for the top, 38 + 25 of 58: it stays in front, and what it meets is told', () => {
  const build = machine(wet({ thickness: 38 }), part(CARD))
  expect(placeIn(build)).toBe(FRONT)
  expect(grave(build)).toEqual(['fit/clearance'])
})

test('tubes of 320 do not reach the front: the radiator goes where they do', () => {
  expect(placeIn(machine(wet({ tube: 320 }), altered(CARD, { length: 300 })))).toBe(TOP)
})

test('what a hand has pinned stays, and what it meets is told', () => {
  const build = machine(wet(), part(CARD))
  const pinned = {
    ...build,
    choices: { ...build.choices, pins: { 'cooler-3/radiator': 'case-0/radiator-front' } },
  }
  expect(placeIn(pinned)).toBe(FRONT)
  expect(grave(pinned)).toEqual(['fit/clearance'])
})
