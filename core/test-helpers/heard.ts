// For tests: whether what is said of a build hears of a field. Where it was heard before is looked
// at first (heard-at.json, written by `npm run heard`); where it is heard no more it is searched for.
import { readFileSync } from 'node:fs'
import { SHOWN, type HorizonAnalysis } from '../analysis/analyse'
import { oncePer } from '../collections/once'
import type { Build } from '../document/build'
import type { Part, PartKind } from '../parts'
import { Memory } from '../pipeline/memory'
import { avocet, change, lazily, plover, shelf, teal } from './demos'
import * as leads from './odd-leads'
import * as machines from './odd-machines'
import type { Fields } from './planted-machine'
import { randomBuild, SPEAKING } from './random-builds'
import { variationsOf, WHOLE, type Breadth } from './variations'

/** Seeds of builds with radiators, adapters, brackets and slots that switch others off. */
const JOINING = [5020, 5028, 5031, 5026]
/** Builds that between them have every rule speak and every kind joined. */
const BUILDS: readonly Build[] = [
  ...[leads.CHOOSING, machines.TURNED, machines.UPRIGHT, leads.LIT, leads.RARE, leads.RELAYED],
  ...[machines.SURROUNDED, machines.BACKED, machines.HOLED, machines.TINKERED, machines.FANNED],
  ...[machines.BANKED, machines.CHANNELLED, plover, avocet, teal, machines.OLD],
  ...[...JOINING, ...SPEAKING].map(randomBuild),
]

/** A build, and the part in it whose fields are changed. */
export interface Trial {
  readonly build: Build
  readonly part: Part
}
/** How many parts of the shelf are tried that no build holds. */
const FROM_SHELF = 6

/** Whether no trial before it is of the same model. */
const isFirst = (trial: Trial, i: number, all: readonly Trial[]): boolean =>
  all.findIndex(t => t.part.id === trial.part.id) === i

/** Parts of a kind in builds that hold one; for a kind that none holds, parts of the shelf. */
export function trialsOf(kind: PartKind): readonly Trial[] {
  const own = BUILDS.flatMap(build =>
    build.items
      .filter(i => i.part.kind === kind)
      .map((i): Trial => ({ build, part: i.part }))
      .filter(isFirst),
  )
  const others = shelf.filter(p => p.kind === kind && !own.some(t => t.part.id === p.id))
  const added = others.slice(-FROM_SHELF).map((part): Trial => {
    const item = { id: 'x', part, state: 'have' }
    return { build: change(avocet, { do: 'addItem', item }), part }
  })
  const [first, again] = [own.filter(isFirst), own.filter((t, i, all) => !isFirst(t, i, all))]
  return [...first, ...added, ...again]
}

/** A small machine is looked at fast: what it shows is not tried on a large one. */
const smallFirst = (trials: readonly Trial[]): readonly Trial[] =>
  [...trials].sort((a, b) => a.build.items.length - b.build.items.length)

/** What is judged, joined, ordered and shown of a build, but for the bare list of its figures. */
const SECTIONS = Object.keys(SHOWN) as readonly (keyof HorizonAnalysis)[]
const told = (h: HorizonAnalysis, section: keyof HorizonAnalysis): string => {
  if (section === 'parts') return String(h.parts.rows.length)
  if (section === 'measuring') return String(h.measuring.length)
  return JSON.stringify(h[section])
}

/** What is told of a build as it is. */
function toldOf({ build }: Trial) {
  const memory = new Memory()
  const before = lazily(build, memory)
  return { memory, before, was: new Map(SECTIONS.map(s => [s, told(before, s)])) }
}
const known = oncePer(toldOf)

/** Whether anything is told otherwise of a build once a part of it is another. */
function isHeard(trial: Trial, part: Part): boolean {
  const { memory, before, was } = known(trial)
  // All copies at once: that one copy is not like the others is no reading of the field.
  const copies = trial.build.items.filter(i => i.part.id === trial.part.id)
  const parts = Object.fromEntries(copies.map(({ id }) => [id, part]))
  const after = lazily(change(trial.build, { do: 'setParts', parts, title: 'x' }), memory)
  return SECTIONS.some(s => after[s] !== before[s] && told(after, s) !== was.get(s))
}

/** Whether a part says anything of a field. */
function states(value: unknown, [key, ...rest]: readonly string[]): boolean {
  if (key === undefined) return value !== undefined
  if (typeof value !== 'object' || value === null) return false
  const inside = key === '*' ? Object.values(value) : [(value as Fields)[key]]
  return inside.some(one => states(one, rest))
}

/** Named choices: what shows most fields, and what shows more of them. */
const LOOKS: readonly { readonly areStated: boolean; readonly breadth: Breadth }[] = [
  { areStated: true, breadth: { members: 1, values: 1 } },
  { areStated: true, breadth: { members: 2, values: 3 } },
  { areStated: true, breadth: WHOLE },
  { areStated: false, breadth: WHOLE },
]

/** Where a field is heard: which trial, at which look, which variation of that field. */
export type Place = readonly [trial: number, look: number, variation: number]
export type Places = Readonly<Record<string, Place>>

/**
 * Where fields are heard, of those that are looked for: first a little where a part states them,
 * there they show the soonest, then all of it everywhere.
 */
export function searched(
  trials: readonly Trial[],
  fields: readonly string[],
): ReadonlyMap<string, Place> {
  const found = new Map<string, Place>()
  LOOKS.forEach(({ areStated, breadth }, look) => {
    trials.forEach((trial, at) => {
      const isWanted = (f: string): boolean => !areStated || states(trial.part, f.split('.'))
      const left = fields.filter(f => !found.has(f) && isWanted(f))
      if (left.length === 0) return
      const tried = new Map<string, number>()
      const isLeft = (f: string): boolean => left.includes(f) && !found.has(f)
      for (const { field, part } of variationsOf(trial.part, isLeft, breadth)) {
        const variation = tried.get(field) ?? 0
        tried.set(field, variation + 1)
        if (isHeard(trial, part)) found.set(field, [at, look, variation])
      }
    })
  })
  return found
}

/** Whether a field is still heard where it was. */
function isHeardAt(trials: readonly Trial[], field: string, place: Place | undefined): boolean {
  const [at, look, variation] = place ?? []
  const [trial, looked] = [trials[at ?? -1], LOOKS[look ?? -1]]
  if (!trial || !looked) return false
  const all = [...variationsOf(trial.part, f => f === field, looked.breadth)]
  const one = all[variation ?? -1]
  return one !== undefined && isHeard(trial, one.part)
}

/** Where the places are kept. */
export const HEARD_AT = new URL('heard-at.json', import.meta.url)
const places = (): Readonly<Record<string, Places>> =>
  JSON.parse(readFileSync(HEARD_AT, 'utf8')) as Readonly<Record<string, Places>>

/** Where the fields of a kind are heard, searched anew. */
export const searchedOf = (kind: PartKind, fields: readonly string[]): Places =>
  Object.fromEntries(searched(smallFirst(trialsOf(kind)), fields))

/** The fields of a kind that nothing said of any build hears of. */
export function unheard(kind: PartKind, fields: readonly string[]): readonly string[] {
  const trials = smallFirst(trialsOf(kind))
  const before = places()[kind] ?? {}
  const left = fields.filter(f => !isHeardAt(trials, f, before[f]))
  const found = searched(trials, left)
  return left.filter(f => !found.has(f))
}
