// No two statements of one report contradict each other: read as a person would, over builds thrown
// together by chance.
import type { Build } from '../document/build'
import { Memory } from '../pipeline/memory'
import { gravity } from '../figures/verdict'
import { avocet, change, lazily, plover } from '../test-helpers/demos'
import { chance, randomBuild } from '../test-helpers/random-builds'
import { runs } from '../test-helpers/runs'
import { placesFor, type HorizonAnalysis } from './analyse'

const FIRST = 7001
const BUILDS: readonly (readonly [string, Build])[] = [
  ['plover', plover],
  ['avocet', avocet],
  ...Array.from(
    { length: runs(100) },
    (_, i) => [`seed ${FIRST + i}`, randomBuild(FIRST + i)] as const,
  ),
]

const endsOf = (id: string): readonly string[] => id.split('~')
const socketOf = (id: string): string => endsOf(id)[1] ?? ''
const itemOf = (end: string): string => end.split('/')[0] ?? ''

/** The keys of a board that what is joined in one of its slots switches off, by the board's data. */
function switchedOff(build: Build, h: HorizonAnalysis): readonly string[] {
  const boards = build.items.flatMap(i =>
    i.part.kind === 'board' ? [{ id: i.id, part: i.part }] : [],
  )
  return boards.flatMap(({ id, part }) =>
    [...(part.slots ?? []), ...(part.m2 ?? [])].flatMap(slot => {
      const used = h.joints.find(j => socketOf(j.id) === `${id}/${slot.key}`)
      const plugged = build.items.find(i => i.id === itemOf(endsOf(used?.id ?? '')[0] ?? ''))
      const protocol = plugged?.part.kind === 'drive' ? plugged.part.protocol : null
      return slot.shuts
        .filter(s => used && (s.protocol === undefined || s.protocol === protocol))
        .flatMap(s => s.keys.map(key => `${id}/${key}`))
    }),
  )
}

describe.each(BUILDS)('%s', (_, build) => {
  const h = lazily(build, new Memory())
  const stops = (of: HorizonAnalysis): number =>
    of.findings.filter(f => gravity(f.verdict) >= gravity('stop')).length

  test('a socket that is told dead is not used', () => {
    const dead = new Set(switchedOff(build, h))
    expect(h.joints.filter(j => dead.has(socketOf(j.id))).map(j => j.id)).toEqual([])
  })

  test('an end is in one joint, and what finds no partner is in none', () => {
    const used = h.joints.flatMap(j => endsOf(j.id))
    expect(new Set(used).size).toBe(used.length)
    const joined = new Set(used)
    const without = h.findings.filter(f => f.rule === 'joints/unmet').map(f => f.demand ?? '')
    expect(without.filter(demand => joined.has(demand))).toEqual([])
  })

  test('what is told fed hangs on a supply, and what hangs on none is told not fed', () => {
    const kindOf = new Map(build.items.map(i => [i.id, i.part.kind]))
    // A case holds everything and feeds nothing.
    const ways = h.joints
      .map(j => endsOf(j.id).map(itemOf))
      .filter(items => !items.some(item => kindOf.get(item) === 'case'))
    const reached = new Set(build.items.flatMap(i => (i.part.kind === 'supply' ? [i.id] : [])))
    for (let before = -1; reached.size > before;) {
      before = reached.size
      for (const items of ways)
        if (items.some(i => reached.has(i))) items.forEach(i => reached.add(i))
    }
    const fed = h.power.flatMap(s => s.loads.filter(l => l.fed).map(l => l.item))
    expect(fed.filter(item => !reached.has(item))).toEqual([])
  })

  test('every joint has one step, every place without a partner an open one', () => {
    const inSteps = h.order.steps.flatMap(s =>
      ['take-out', 'refit', 'bench-start', 'bench-clear'].includes(s.kind) ? [] : s.joints,
    )
    expect(new Set(inSteps).size).toBe(inSteps.length)
    expect([...inSteps].sort()).toEqual(h.joints.map(j => j.id).sort())
    const open = h.order.steps.flatMap(s => s.demand ?? [])
    const unmet = h.findings.filter(f => f.rule === 'joints/unmet' && f.verdict !== 'clear')
    expect([...open].sort()).toEqual(unmet.map(f => f.demand).sort())
  })

  test('what is said of a joint is said of one that there is', () => {
    const joints = new Set(h.joints.map(j => j.id))
    expect(h.findings.flatMap(f => f.joints).filter(id => !joints.has(id))).toEqual([])
  })

  test('whatever stops or harms says the way out of it', () => {
    const grave = h.findings.filter(f => gravity(f.verdict) >= gravity('stop'))
    expect(grave.filter(f => f.wayOut === '').map(f => f.sentence)).toEqual([])
  })

  test('what must be and is told impossible, no free and harmless place makes possible', () => {
    if (!h.exact) return
    const next = chance(build.name.length)
    const lacking = h.findings.filter(f => f.rule === 'joints/unmet' && f.verdict === 'stop')
    for (const finding of lacking) {
      const places = placesFor(build, 'then', finding.demand ?? '', new Memory()).filter(
        p => p.verdict === 'clear' && p.taken === null && p.shut === null,
      )
      const place = places[Math.floor(next() * places.length)]
      if (!place) continue
      const byHand = change(build, {
        do: 'pinJoint',
        plug: finding.demand ?? '',
        socket: place.ref,
        title: 'by hand',
      })
      expect(stops(lazily(byHand, new Memory()))).toBeGreaterThanOrEqual(stops(h))
    }
  })
})
