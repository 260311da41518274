// For tests: builds thrown together from the shelf by a seed. Mostly what a person would buy
// together, sometimes not.
import { buildSchema, type Build } from '../document/build'
import type { Part, PartKind } from '../parts'
import { shelf } from './demos'

/** A stream of numbers from 0 to 1, always the same for a seed (mulberry32). */
export function chance(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** Seeds of builds that between them have every rule say something, for and against. */
export const SPEAKING = [
  3001, 3005, 3009, 3028, 3035, 3042, 3053, 3099, 3106, 3111, 3320, 3346, 5146, 5007, 5026,
]

/** How often a part is taken that suits the others, where one does. */
const SUITS = 0.85
const of = <K extends PartKind>(kind: K): readonly Extract<Part, { kind: K }>[] =>
  shelf.filter((p): p is Extract<Part, { kind: K }> => p.kind === kind)

/**
 * One build from a seed: a machine of up to thirty parts, in states and conditions of all sorts.
 */
export function randomBuild(seed: number): Build {
  const next = chance(seed)
  const one = <T>(list: readonly T[]): T => {
    const found = list[Math.floor(next() * list.length)]
    if (found === undefined) throw new Error('nothing to choose from')
    return found
  }
  const pick = <T>(list: readonly T[], suits: (it: T) => boolean): T => {
    const good = list.filter(suits)
    return good.length > 0 && next() < SUITS ? one(good) : one(list)
  }
  const several = <T>(most: number, list: readonly T[]): readonly T[] =>
    Array.from({ length: Math.floor(next() * (most + 1)) }, () => one(list))
  const parts: Part[] = []

  const board = one(of('board'))
  const pc = pick(of('case'), c => (c.boards ?? []).some(f => f === board.form))
  const processor = pick(of('processor'), p => p.socket === board.processor.socket)
  const cooler = pick(of('cooler'), c => (c.sockets ?? []).includes(board.processor.socket ?? ''))
  const memory = pick(
    of('memory'),
    m => m.type === board.memory.type && (m.modules ?? 1) <= (board.memory.slots ?? []).length,
  )
  const supply = pick(of('supply'), s => (pc.supply.forms ?? []).some(f => f === s.form))
  parts.push(pc, board, processor, cooler, memory, supply)
  if (next() < 0.3) parts.push(pick(of('memory'), m => m.type === board.memory.type))
  if (!processor.picture || next() < 0.5)
    parts.push(
      pick(
        of('card').filter(c => c.does === 'graphics'),
        c => c.size === 'x16',
      ),
    )
  parts.push(
    ...several(
      2,
      of('card').filter(c => c.does !== 'graphics'),
    ),
    ...several(7, of('drive')),
    ...several(6, of('fan')),
    ...several(1, of('hub')),
    ...several(2, of('light')),
  )
  parts.push(
    ...several(
      4,
      of('lead').filter(l => l.face === 'sata-data'),
    ),
    ...several(2, of('adapter')),
    ...several(1, of('bracket')),
    ...several(1, of('rail')),
  )
  if (next() < 0.7)
    parts.push(
      ...of('sundry')
        .filter(s => s.use === 'standoff')
        .slice(0, 1),
    )

  const ids = new Map<string, number>()
  return buildSchema.parse({
    id: `random-${seed}`,
    name: `Random ${seed}`,
    items: parts.map(part => {
      const n = (ids.get(part.kind) ?? 0) + 1
      ids.set(part.kind, n)
      return {
        id: n === 1 ? part.kind : `${part.kind}-${n}`,
        part,
        state: one(['have', 'have', 'ordered', 'wanted'] as const),
      }
    }),
    choices: { school: one(['lean', 'roomy', 'quiet'] as const) },
  })
}
