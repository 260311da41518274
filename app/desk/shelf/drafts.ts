// A part in the making: from a sheet, from a few numbers, from another part, from nothing.
import { quantity } from '../../../core/figures/format'
import { boardOf } from '../../../core/outlines/board'
import type { BoardOutline } from '../../../core/outlines/board-outline'
import { caseOf } from '../../../core/outlines/case'
import { boardsUpTo, type CaseOutline } from '../../../core/outlines/case-outline'
import type { Part, PartKind } from '../../../core/parts'
import { corrected, correctionsOf } from '../../../core/parts/corrections'
import { blankOf, draftOf, type Draft } from '../../../core/reader/draft/draft'
import { called } from '../../../core/forms/form'
import { labelOfField } from '../../../core/reader/labels'
import type { ValueAnswer } from '../../../core/document/draft'
import { answered, answerTo } from '../../../core/reader/answers'
import type { ReadField, ReadValue } from '../../../core/reader/notes'
import { READABLE, readSheet, type Reading } from '../../../core/reader/read'
import type { BoardForm } from '../../../core/standards/boards'
import type { Shelf } from './shelf'

/** One value of a sheet, as it is shown beside the words it came from. */
export interface ReadLine {
  readonly path: string
  readonly label: string
  /** As it is shown; `is` as it was read. */
  readonly value: string
  readonly is: ReadValue
  readonly words: string
  /** Why it is doubtful; null where it is not. */
  readonly why: string | null
  /** What a person said of it; null where nobody did. */
  readonly answer: ValueAnswer['says'] | null
}
/**
 * A sheet that was read: the part it makes, each field with its words, what is doubtful, what was
 * not read.
 */
export interface ReadDraft {
  readonly kind: PartKind | null
  readonly draft: Draft | null
  readonly read: readonly ReadLine[]
  readonly unread: readonly string[]
  readonly unlooked: number
  /** Paths that a hand had corrected before it was read again. */
  readonly corrections: readonly string[]
}

/** Reads a sheet; `forced` overrules what it seems to be about. */
export function readDraft(
  shelf: Shelf,
  { text, forced, answers = [] }: Pick<Entered, 'text' | 'forced' | 'answers'>,
): ReadDraft {
  const asRead = readSheet(text, { ...(forced ? { kind: forced } : {}), makers: shelf.makers() })
  const reading = answered(asRead, answers)
  const what = reading.kind
  const isReadable = what !== null && READABLE.includes(what)
  return {
    kind: what,
    draft: isReadable ? draftOf(reading, what, shelf.freshId(nameOf(reading))) : null,
    read: linesOf(asRead, reading, answers),
    unread: reading.unread,
    unlooked: reading.unlooked,
    corrections: [],
  }
}

/** A sheet and what a hand made of the part that it gave. */
export interface Entered {
  readonly text: string
  readonly forced: PartKind | null
  /** What was answered about values that were read. */
  readonly answers?: readonly ValueAnswer[]
  /** As it stands; null as it was read. */
  readonly part: unknown
}
/**
 * A sheet read as it is now, with what a hand had corrected of what was read before carried over.
 * Corrections of another kind of part say nothing.
 */
export function readAgain(
  shelf: Shelf,
  now: Pick<Entered, 'text' | 'forced' | 'answers'>,
  before: Entered,
): ReadDraft {
  const read = readDraft(shelf, now)
  const { draft } = read
  const kind = (before.part as Partial<Part> | null)?.kind
  if (!draft || kind !== draft.part.kind) return read
  const was = readDraft(shelf, { ...before, forced: kind }).draft
  if (!was) return read
  const corrections = correctionsOf(was.part, before.part)
  const { part } = corrected(draft.part, corrections)
  return { ...read, draft: { ...draft, part }, corrections: corrections.map(c => c.path.join('.')) }
}

/** Every value with its words; those that the sheet says of one field stand together. */
function linesOf(
  asRead: Reading,
  now: Pick<Reading, 'fields' | 'doubtful'>,
  answers: readonly ValueAnswer[],
): readonly ReadLine[] {
  const { kind, fields, doubtful } = asRead
  const open: readonly ReadField[] = [...now.fields, ...now.doubtful]
  const isOneOfTwo = (f: ReadField): boolean =>
    open.includes(f) && open.filter(o => o.path === f.path).length > 1
  const whyOf = new Map<ReadField, string>(now.doubtful.map(d => [d, d.why]))
  const others = doubtful.filter(d => fields.some(f => f.path === d.path))
  const together = [
    ...fields.flatMap(f => [f, ...others.filter(d => d.path === f.path)]),
    ...doubtful.filter(d => !others.includes(d)),
  ]
  // Beside one that is right the others have nothing to say any more.
  return together
    .filter(f => open.includes(f) || answerTo(f, answers) === 'wrong')
    .map(f => ({
      path: f.path,
      label: kind ? labelOfField(kind, f.path) : f.path,
      value: shown(f),
      is: f.value,
      words: f.words,
      why: isOneOfTwo(f) ? 'the sheet says two' : (whyOf.get(f) ?? null),
      answer: answerTo(f, answers),
    }))
}

function shown({ value, unit }: ReadField): string {
  if (typeof value === 'number') return quantity(value, unit)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  return typeof value === 'string' ? called(value) : value.map(called).join(', ')
}

const nameOf = ({ fields, doubtful }: Reading): string =>
  ['maker', 'model']
    .map(path => {
      const value = [...fields, ...doubtful].find(f => f.path === path)?.value
      return typeof value === 'string' ? value : ''
    })
    .join(' ')

export const blank = (shelf: Shelf, kind: PartKind): Draft => blankOf(kind, shelf.freshId(kind))

/** A case by its numbers and the largest board it takes. */
export type CaseNumbers = Omit<CaseOutline, 'boards'> & { readonly largest: BoardForm }

export const fromCase = (
  shelf: Shelf,
  { largest, ...outline }: CaseNumbers,
  maker: string,
  model: string,
): Part =>
  caseOf(
    { ...outline, boards: boardsUpTo(largest) },
    { id: shelf.freshId(`${maker} ${model}`), maker, model },
  )

export const fromBoard = (
  shelf: Shelf,
  outline: BoardOutline,
  maker: string,
  model: string,
): Part => boardOf(outline, { id: shelf.freshId(`${maker} ${model}`), maker, model })

/** A copy to be varied: everything of the part, another id and name. */
export function varied(shelf: Shelf, id: string): Part | null {
  const p = shelf.part(id)
  return p && { ...p, id: shelf.freshId(`${p.maker} ${p.model}`), model: `${p.model} (copy)` }
}
