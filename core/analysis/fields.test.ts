// Every field earns its place: what a person is asked to fill in changes what is said of a build,
// or stands in one list with the reason. The list may only shrink.
import type { Build } from '../document/build'
import { PART_KINDS, specOf, type Part, type PartKind } from '../parts'
import { Memory } from '../pipeline/memory'
import { avocet, change, plover, shelf } from '../test-helpers/demos'
import { randomBuild, SPEAKING } from '../test-helpers/random-builds'
import { runs } from '../test-helpers/runs'
import { fieldsOfKind, variationsOf } from '../test-helpers/variations'
import { analyse } from './analyse'
import { UNREAD } from './unread-fields'

/** What every part says of itself is shown with it. */
const OF_EVERY_PART = [
  'kind',
  'id',
  'maker',
  'model',
  'price',
  'note',
  'software',
  'pages',
  'pages.*.id',
  'pages.*.title',
  'places',
]
/** What is judged, joined, ordered and shown of a build, but for the bare list of its figures. */
function told(build: Build, memory: Memory): string {
  const { horizons } = analyse(build, memory)
  const { parts, measuring, ...said } = horizons.then
  return JSON.stringify(said) + String(parts.rows.length) + String(measuring.length)
}

interface Trial {
  readonly build: Build
  readonly item: string
  readonly part: Part
}

/** Seeds of builds with radiators, adapters, brackets and slots that switch others off. */
const JOINING = [5020, 5028, 5031, 5026]
/** Builds that between them have every rule speak and every kind joined. */
const BUILDS = [plover, avocet, ...[...JOINING, ...SPEAKING].map(randomBuild)]
/** How many parts of a kind are tried, in all and of the shelf. */
const MOST = { all: 14, shelf: 6 }

/** Parts of a kind in builds that hold one; for a kind that none holds, parts of the shelf. */
function trialsOf(kind: PartKind): readonly Trial[] {
  const own = BUILDS.flatMap(build =>
    build.items.filter(i => i.part.kind === kind).map(i => ({ build, item: i.id, part: i.part })),
  )
  const models = [...new Map(own.map(t => [t.part.id, t])).values()]
  const others = shelf.filter(p => p.kind === kind && !models.some(m => m.part.id === p.id))
  const added = others.slice(-MOST.shelf).map((part): Trial => {
    const item = { id: 'x', part, state: 'have' }
    return { build: change(avocet, { do: 'addItem', item }), item: 'x', part }
  })
  return [...models, ...added].slice(0, MOST.all)
}

/** The fields that change what is told, of those that are looked at. */
function readOf(kind: PartKind, lookedAt: readonly string[]): ReadonlySet<string> {
  const read = new Set<string>()
  for (const { build, item, part } of trialsOf(kind)) {
    if (read.size === lookedAt.length) break
    const memory = new Memory()
    const before = told(build, memory)
    for (const v of variationsOf(part)) {
      if (read.has(v.field) || !lookedAt.includes(v.field)) continue
      const after = change(build, { do: 'setParts', parts: { [item]: v.part }, title: 'x' })
      if (told(after, memory) !== before) read.add(v.field)
    }
  }
  return read
}

/** That what is listed is truly unread takes minutes: it is looked at in `npm run deep`. */
const isWhole = runs(5) === 5

test.each(PART_KINDS)(
  'every field of a %s is read, or is in the list with its reason',
  kind => {
    const chosenBy = specOf(kind).facets.map(f => f.path)
    const listed = Object.values(UNREAD[kind] ?? {}).flat()
    const lookedAt = fieldsOfKind(kind).filter(
      f => !OF_EVERY_PART.includes(f) && !chosenBy.includes(f) && (isWhole || !listed.includes(f)),
    )
    const read = readOf(kind, lookedAt)
    const unread = lookedAt.filter(f => !read.has(f))
    expect([...unread].sort()).toEqual(isWhole ? [...listed].sort() : [])
  },
  400_000,
)
