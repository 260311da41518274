// For tests: the data of parts written out as makers, shops and copied tables write it, and how much of it
// is read back. Phrases and layouts are split: some were kept from the reader while it was written.
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { PartKind } from '../../parts'
import type { ReadField } from '../../reader/notes'
import { readSheet } from '../../reader/read'
import { chance } from '../random-builds'
import { LAYOUTS, type LayoutName } from './layouts'
import { MARGINALIA } from './marginalia'
import type { Phrase } from './phrase'
import { expectedOf, valueBy, wordsOf, type Value } from './values'

interface Wording extends Phrase {
  readonly isKept: boolean
}
interface Field {
  readonly path: string
  /** How its value is drawn: as the file of phrases has it. */
  readonly drawn: string
  readonly wordings: readonly Wording[]
}
interface KindWordings {
  readonly kind: PartKind
  readonly title: string
  readonly fields: readonly Field[]
}

/**
 * Named choices: what stands before a phrase that was kept, four of each field, drawn by chance before the
 * reader was touched; the seed; how many layouts are kept.
 */
const KEPT = '* '
const SPLIT = 20311
const LAYOUTS_KEPT = 3

function shuffled<T>(list: readonly T[], next: () => number): readonly T[] {
  const left = [...list]
  return list.flatMap(() => left.splice(Math.floor(next() * left.length), 1))
}

function kindsIn(text: string): readonly KindWordings[] {
  return text
    .split(/^#### /m)
    .slice(1)
    .map(block => {
      const [head = '', ...fields] = block.split(/^== /m)
      const [kind = '', title = ''] = head.trim().split('\n~~ ')
      return { kind: kind.trim() as PartKind, title, fields: fields.map(fieldIn) }
    })
}

function fieldIn(text: string): Field {
  const [head = '', ...lines] = text.trim().split('\n')
  const [path = '', ...drawn] = head.split(' ')
  return {
    ...{ path, drawn: drawn.join(' ') },
    wordings: lines.map(line => {
      const isKept = line.startsWith(KEPT)
      const said = isKept ? line.slice(KEPT.length) : line
      const at = said.indexOf(' | ')
      return { label: said.slice(0, at), value: said.slice(at + 3), isKept }
    }),
  }
}

const file = fileURLToPath(new URL('phrases.txt', import.meta.url))
export const KINDS = kindsIn(readFileSync(file, 'utf8'))
const NAMES = Object.keys(LAYOUTS) as readonly LayoutName[]
const KEPT_LAYOUTS: ReadonlySet<LayoutName> = new Set(
  shuffled(NAMES, chance(SPLIT + 1)).slice(0, LAYOUTS_KEPT),
)

/** One value as it was written and what became of it. */
export interface Outcome {
  readonly kind: PartKind
  readonly layout: LayoutName
  readonly isKept: boolean
  readonly path: string
  readonly says: string
  readonly end: 'filled' | 'doubtful' | 'missing' | 'wrong' | 'lost'
  readonly got: unknown
}

/** Named choices: how many fields a sheet says, and from whom the parts are. */
const FIELDS_A_SHEET = 6
const MAKERS = ['Marram', 'Kelder', 'Brackwater', 'Dunlin'] as const
const MODELS = ['Glade 8', 'Post 140', 'Quay 3', 'Sluice 52'] as const

/** Writes sheets of all kinds in all layouts, so many of each, and reads them. */
export function readBack(rounds: number): readonly Outcome[] {
  return NAMES.flatMap((layout, n) =>
    KINDS.flatMap((kind, k) =>
      Array.from({ length: rounds }, (_, round) =>
        sheetRead(kind, layout, chance(((round * 31 + n) * 31 + k) * 31 + SPLIT)),
      ).flat(),
    ),
  )
}

interface Said extends Phrase {
  readonly path: string
  readonly value: string
  readonly drawn: Value
  readonly isKept: boolean
}

function sheetRead(
  { kind, title, fields }: KindWordings,
  layout: LayoutName,
  next: () => number,
): readonly Outcome[] {
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(next() * list.length)]
  const said = shuffled(fields, next)
    .slice(0, FIELDS_A_SHEET)
    .reduce<readonly Said[]>((before, field) => {
      const drawn = valueBy(field.drawn, next)
      // No two lines of one sheet have one label.
      const free = field.wordings.filter(w => !before.some(b => b.label === w.label))
      const wording = pick(free)
      if (!wording) return before
      const value = wordsOf(wording.value, drawn)
      return [...before, { ...wording, path: field.path, value, drawn }]
    }, [])
  const named = title.replace('{maker}', pick(MAKERS) ?? '').replace('{model}', pick(MODELS) ?? '')
  const aside = pick(MARGINALIA[kind] ?? [])
  const lines: readonly Phrase[] = aside ? shuffled([...said, aside], next) : said
  const text = LAYOUTS[layout](named, lines, next)
  const reading = readSheet(text, { makers: MAKERS, kind })
  const isLayoutKept = KEPT_LAYOUTS.has(layout)
  const unread = reading.unread.join(' ')
  const wronged = aside ? saidByAside(named, aside, { kind, layout, next }) : []
  return [
    ...said.flatMap(s =>
      expectedOf(s.path, s.drawn).map(([path, value]): Outcome => {
        const field = reading.fields.find(f => f.path === path)
        const doubt = reading.doubtful.some(f => f.path === path)
        const isListed =
          unread.includes(s.value.trim()) ||
          unread.includes(s.label) ||
          reading.doubtful.some(f => f.words.includes(s.value))
        const missing = isListed || reading.unlooked > 0 ? 'missing' : 'lost'
        const rightOrNot = field && same(field.value, value) ? 'filled' : 'wrong'
        const unfilled = doubt ? 'doubtful' : missing
        return {
          ...{ kind, layout, path, says: `${s.label} | ${s.value}` },
          isKept: s.isKept || isLayoutKept,
          end: field ? rightOrNot : unfilled,
          got: field?.value,
        }
      }),
    ),
    // What stands beside the data and is about something else fills nothing.
    ...wronged.map((f): Outcome => ({
      ...{ kind, layout, path: f.path, says: `${aside?.label} | ${aside?.value}` },
      ...{ isKept: isLayoutKept, end: 'wrong', got: f.value },
    })),
  ]
}

/** What a line beside the data says by itself, beyond what the title says: it should say nothing. */
function saidByAside(
  title: string,
  aside: Phrase,
  {
    kind,
    layout,
    next,
  }: { readonly kind: PartKind; readonly layout: LayoutName; readonly next: () => number },
): readonly ReadField[] {
  // One row alone is no table.
  const laid = BY_MANY_ROWS.includes(layout) ? 'colons' : layout
  const read = (lines: readonly Phrase[]): readonly ReadField[] =>
    readSheet(LAYOUTS[laid](title, lines, next), { makers: MAKERS, kind }).fields
  const known = new Set(read([]).map(f => f.path))
  // What comes with a part is no field of its own.
  const isOwn = (path: string): boolean =>
    !NAMES_OF_PARTS.includes(path) && !path.startsWith('includes.')
  return read([aside]).filter(f => !known.has(f.path) && isOwn(f.path))
}
const BY_MANY_ROWS: readonly LayoutName[] = ['cell by cell', 'dashes', 'semicolons']
/** Without other lines the title is not told from them in every layout. */
const NAMES_OF_PARTS: readonly string[] = ['maker', 'model', 'form', 'shape', 'medium', 'does']

/** Named choice: figures agree within rounding, inches within a tenth of a millimetre. */
const ROUNDING = 0.06
const same = (got: unknown, meant: unknown): boolean =>
  typeof got === 'number' && typeof meant === 'number'
    ? Math.abs(got - meant) <= Math.max(ROUNDING, Math.abs(meant) * 0.005)
    : JSON.stringify(got) === JSON.stringify(meant)
