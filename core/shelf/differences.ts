// A part of a file beside the one of the same id on the shelf: what each says otherwise, field by field, and
// which of the two is to be believed.
import { figureName, basisAt, patternOf } from '../parts/kind'
import { KINDS, type Part } from '../parts'
import { at } from '../parts/paths'
import { BASES, readFigure, type StoredFigure } from '../figures/units'
import { corrected, correctionsOf } from '../parts/corrections'
import { labelOfField } from '../reader/labels'
import { figureText, textOf } from './field-text'

export const SIDES = ['here', 'there'] as const
/** The shelf’s, or the file’s. */
export type Side = (typeof SIDES)[number]

export interface FieldDifference {
  readonly path: string
  readonly label: string
  /** What each says, in words. */
  readonly here: string
  readonly there: string
  /** Which of them is to be believed; null where nothing says. */
  readonly better: Side | null
  readonly why: string
}

/** What is said about the fields, and no field itself: it goes where its field goes. */
const BESIDE: readonly string[] = ['read', 'reads', 'assumed', 'partly', 'pages']

/** Every field that the two say otherwise, in the order of the shelf’s. */
export function differencesOf(here: Part, there: Part): readonly FieldDifference[] {
  const paths = correctionsOf(here, there)
    .filter(c => !BESIDE.includes(c.path[0] ?? ''))
    .map(c => fieldOf(here, c.path))
  return [...new Set(paths)].map(path => differenceAt(path, here, there))
}

/** The path of the field that a value lies in: a figure is one field, with its basis and its day. */
function fieldOf({ kind }: Part, path: readonly string[]): string {
  const { figures } = KINDS[kind]
  const lengths = path.map((_, i) => i + 1)
  const upTo = (n: number): string => path.slice(0, n).join('.')
  return upTo(lengths.find(n => figures.has(patternOf(upTo(n)))) ?? path.length)
}

function differenceAt(path: string, here: Part, there: Part): FieldDifference {
  const [a, b] = [sideAt(here, path), sideAt(there, path)]
  // The same in words, such as as many of a list: that they differ is said all the same.
  const other = a.text === b.text ? ', otherwise' : ''
  return {
    ...{ path, label: labelOf(here, there, path) },
    ...{ here: a.text, there: `${b.text}${other}` },
    ...better(a, b),
  }
}

function labelOf(here: Part, there: Part, path: string): string {
  const about = KINDS[here.kind].figures.get(patternOf(path))
  const holder = at(here, path) === undefined ? there : here
  return about ? figureName(holder, path, about) : labelOfField(here.kind, path)
}

/** What one of them says of a field: in words, how sure, and since when. */
interface Said {
  readonly text: string
  readonly isStated: boolean
  /** The place of its basis among all, the surest first. */
  readonly sure: number
  readonly on: string | null
}

function sideAt(part: Part, path: string): Said {
  const value = at(part, path)
  const about = KINDS[part.kind].figures.get(patternOf(path))
  const figure = about ? readFigure(value as StoredFigure, about.unit, basisAt(part, path)) : null
  const text = about ? figureText(figure, about.unit) : textOf(value)
  const measured = figure?.basis === 'measured' ? ' measured' : ''
  const on = dayOf(part, path, value)
  return {
    text: `${text ?? 'not stated'}${measured}${on === null ? '' : ` (${on})`}`,
    isStated: about ? figure !== null : textOf(value) !== null,
    sure: BASES.indexOf(figure?.basis ?? basisAt(part, path)),
    on,
  }
}

/** The day on which a value was measured, or its field was read. */
function dayOf(part: Part, path: string, value: unknown): string | null {
  const measured = at(value, 'on')
  if (typeof measured === 'string') return measured
  return part.reads?.[path]?.on ?? part.read?.on ?? null
}

function better(here: Said, there: Said): Pick<FieldDifference, 'better' | 'why'> {
  const of = (isThere: boolean, why: string): Pick<FieldDifference, 'better' | 'why'> => ({
    ...{ better: isThere ? 'there' : 'here', why },
  })
  const told = (isThere: boolean, how: string): Pick<FieldDifference, 'better' | 'why'> =>
    of(isThere, `${isThere ? 'the file’s' : 'the shelf’s'} is ${how}`)
  if (here.isStated !== there.isStated)
    return of(
      there.isStated,
      there.isStated ? 'only the file states it' : 'only the shelf states it',
    )
  if (here.sure !== there.sure) return told(there.sure < here.sure, 'surer')
  if (here.on !== null && there.on !== null && here.on !== there.on)
    return told(there.on > here.on, 'newer')
  return { better: null, why: 'nothing says which is newer' }
}

/** What is taken where nobody chose: the better; where nothing says which, what comes in. */
export const proposed = ({ better: side }: FieldDifference): Side => side ?? 'there'

/**
 * The shelf’s part with those fields of the file’s that are taken, and what is said beside them.
 * `takes` names a side by the field’s path; any other is taken from the side `all`, or as proposed.
 */
export function mergedWith(
  here: Part,
  there: Part,
  takes: Readonly<Record<string, Side>>,
  all: Side | null = null,
): unknown {
  const taken = differencesOf(here, there)
    .filter(d => (takes[d.path] ?? all ?? proposed(d)) === 'there')
    .map(d => d.path)
  const changes = correctionsOf(here, there).filter(c => isOf(taken, c.path.join('.')))
  const part = corrected(here, changes).part
  return {
    ...part,
    ...said('assumed', assumedIn(part, there, taken)),
    ...said('partly', carried(part.partly, there.partly, taken)),
    ...said('reads', readsIn(part, there, taken)),
    ...said('pages', [
      ...(part.pages ?? []),
      ...(there.pages ?? []).filter(p => !part.pages?.some(known => known.id === p.id)),
    ]),
  }
}

const said = (key: string, value: object): object =>
  Object.keys(value).length > 0 ? { [key]: value } : {}

/** Whether a path is one of the fields, lies in one, or stands for one of every member of a list. */
const isOf = (fields: readonly string[], path: string): boolean =>
  fields.some(f => path === f || path.startsWith(`${f}.`) || patternOf(f) === path)

/** What is said of the fields that are taken comes with them; of the others it stays. */
const carried = (
  here: readonly string[] = [],
  there: readonly string[] = [],
  taken: readonly string[],
): readonly string[] => [
  ...here.filter(path => !isOf(taken, path)),
  ...there.filter(path => isOf(taken, path)),
]

/** A field that the file assumes by a list as a whole is assumed by itself here. */
function assumedIn(part: Part, there: Part, taken: readonly string[]): readonly string[] {
  const own = carried(part.assumed, there.assumed, taken)
  const byList = taken.filter(t => basisAt(there, t) === 'assumed').map(patternOf)
  return [...new Set([...own, ...byList])]
}

function readsIn(part: Part, there: Part, taken: readonly string[]): object {
  const stay = Object.entries(part.reads ?? {}).filter(([path]) => !isOf(taken, path))
  const come = taken.flatMap(path => {
    const read = there.reads?.[path] ?? there.read
    return read ? [[path, read] as const] : []
  })
  return Object.fromEntries([...stay, ...come])
}
