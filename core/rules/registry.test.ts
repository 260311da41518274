import { analyse } from '../analysis/analyse'
import { randomBuild } from '../test-helpers/random-builds'
import { RULES } from './registry'
import type { Verdict } from '../figures/verdict'

/** Seeds of the builds: with these every rule has something to say, for and against. */
const FIRST = 3001
const COUNT = 200

test('two hundred builds thrown together: none breaks, and every rule speaks both ways', () => {
  const said = new Map<string, Set<Verdict>>()
  for (let seed = FIRST; seed < FIRST + COUNT; seed++) {
    const { findings } = analyse(randomBuild(seed)).horizons.then
    expect(new Set(findings.map(f => f.id)).size).toBe(findings.length)
    for (const f of findings) said.set(f.rule, (said.get(f.rule) ?? new Set()).add(f.verdict))
  }
  const oneSided = RULES.filter(r => {
    const own = said.get(r.id) ?? new Set()
    return !own.has('clear') || own.size < 2
  }).map(r => r.id)
  expect(oneSided).toEqual([])
}, 180_000)

test('a seed is a build: the same again, another one otherwise', () => {
  expect(randomBuild(7)).toEqual(randomBuild(7))
  expect(randomBuild(7)).not.toEqual(randomBuild(8))
})
