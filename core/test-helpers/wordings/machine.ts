// For tests: the data of parts written out as makers, shops and copied tables write it, and how much of it
// is read back. Phrases and layouts are split by seed: some were kept from the reader while it was written.
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { PartKind } from '../../parts'
import { readSheet } from '../../reader/read'
import { chance } from '../random-builds'
import { LAYOUTS, type LayoutName } from './layouts'
import { MARGINALIA } from './marginalia'
import { expectedOf, valueBy, wordsOf, type Value } from './values'

/** What a line of a sheet says, apart from how it is laid out. */
export interface Phrase {
  readonly label: string
  readonly value: string
}
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

/** Named choices: the seed of the split; how many phrases a field and how many layouts are kept. */
const SPLIT = 20311
const PHRASES_KEPT = 4
const LAYOUTS_KEPT = 3

function shuffled<T>(list: readonly T[], next: () => number): readonly T[] {
  const left = [...list]
  return list.flatMap(() => left.splice(Math.floor(next() * left.length), 1))
}

function kindsIn(text: string): readonly KindWordings[] {
  const next = chance(SPLIT)
  return text
    .split(/^#### /m)
    .slice(1)
    .map(block => {
      const [head = '', ...fields] = block.split(/^== /m)
      const [kind = '', title = ''] = head.trim().split('\n~~ ')
      return { kind: kind.trim() as PartKind, title, fields: fields.map(f => fieldIn(f, next)) }
    })
}

function fieldIn(text: string, next: () => number): Field {
  const [head = '', ...lines] = text.trim().split('\n')
  const [path = '', ...drawn] = head.split(' ')
  const kept = new Set(shuffled(lines, next).slice(0, PHRASES_KEPT))
  return {
    ...{ path, drawn: drawn.join(' ') },
    wordings: lines.map(line => {
      const at = line.indexOf(' | ')
      return { label: line.slice(0, at), value: line.slice(at + 3), isKept: kept.has(line) }
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
  const wronged = aside ? reading.fields.filter(f => f.words.includes(aside.value)) : []
  return [
    ...said.flatMap(s =>
      expectedOf(s.path, s.drawn).map(([path, value]): Outcome => {
        const field = reading.fields.find(f => f.path === path)
        const doubt = reading.doubtful.some(f => f.path === path)
        const isListed = unread.includes(s.value.trim()) || unread.includes(s.label)
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

/** Named choice: figures agree within rounding, inches within a tenth of a millimetre. */
const ROUNDING = 0.06
const same = (got: unknown, meant: unknown): boolean =>
  typeof got === 'number' && typeof meant === 'number'
    ? Math.abs(got - meant) <= Math.max(ROUNDING, Math.abs(meant) * 0.005)
    : JSON.stringify(got) === JSON.stringify(meant)
