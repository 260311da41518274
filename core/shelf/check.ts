// Is a part that is being entered whole: what is missing, what is not possible, what is only
// unlikely.
import { readFigure, type StoredFigure } from '../figures/units'
import { KINDS, partSchema, specOf, type Item, type Part, type PartKind } from '../parts'
import { at } from '../parts/paths'
import { figureName, patternOf } from '../parts/kind'
import { notStated, type NotStated } from '../parts/not-stated'
import { labelOfField } from '../reader/labels'
import { question } from '../reader/typed'

/** What is said of one field. */
interface Remark {
  readonly path: string
  readonly sentence: string
}

export interface PartCheck {
  /** What keeps it off the shelf, by field. */
  readonly problems: readonly Remark[]
  /** What is unlikely and may be right. */
  readonly questions: readonly Remark[]
  /** What nobody said yet and keeps it from joining: it may stay so, and the build asks. */
  readonly open: readonly Remark[]
  /** What of it was made up by a form, a layout or a default, until somebody looks. */
  readonly notStated: readonly NotStated[]
  readonly part: Part | null
}

const NO_MODEL: Remark = {
  path: 'model',
  sentence: 'A part needs a model, so that you find it again.',
}

/** Checks a part against its kind's schema and its figures against what is likely for each. */
export function checkPart(raw: unknown): PartCheck {
  const read = partSchema.safeParse(raw)
  const kind = (raw as { kind?: PartKind } | null)?.kind
  const questions = kind && kind in KINDS ? questionsOf(raw, kind) : []
  if (read.success) {
    const named = read.data.model.trim() !== ''
    const problems = named ? [] : [NO_MODEL]
    return {
      ...{ problems, questions, open: openOf(read.data) },
      ...{ notStated: notStated(read.data), part: read.data },
    }
  }
  const problems = read.error.issues.map(issue => ({
    path: issue.path.join('.'),
    sentence: sentenceOf(issue, kind),
  }))
  return { problems, questions, open: [], notStated: [], part: null }
}

/** The blank fields by which it would join; lists that are not known to their end say so themselves. */
function openOf(part: Part): readonly Remark[] {
  const alone = { id: 'it', name: part.model, part, state: 'wanted', condition: 'new' } as Item
  const asks = specOf(part.kind).asks?.(alone) ?? []
  return asks
    .filter(ask => ask.when === 'always' && isBlank(at(part, ask.path)))
    .map(({ path, question, take }) => ({
      path,
      sentence: `${question} ${take} Left blank, nothing is planned at it, and the build asks.`,
    }))
}
const isBlank = (value: unknown): boolean =>
  value === undefined ||
  value === null ||
  value === '' ||
  (Array.isArray(value) && value.length === 0)

interface Issue {
  readonly path: readonly PropertyKey[]
  readonly message: string
  readonly code?: string | undefined
  readonly origin?: string
}
function sentenceOf({ path, message, code, origin }: Issue, kind: PartKind | undefined): string {
  const name = kind && kind in KINDS ? labelOfField(kind, path.join('.')) : path.join(', ')
  if (/received undefined/.test(message))
    return `${name} is needed: without it the part joins nothing.`
  if (code === 'invalid_value') return `${name}: choose one of those offered.`
  if (code === 'too_small' && origin === 'string')
    return `Write a ${name}: the part is found by it.`
  if (code === 'too_small') return `${name}: at least one is needed.`
  return `${name}: ${message.toLowerCase()}.`
}

function questionsOf(part: unknown, kind: PartKind): readonly Remark[] {
  const { figures } = KINDS[kind]
  const found: Remark[] = []
  const walk = (value: unknown, path: readonly string[]): void => {
    const at = path.join('.')
    const about = figures.get(patternOf(at))
    if (about) {
      const { unit, least, most } = about
      const figure = readFigure(value as StoredFigure, unit)
      const label = figureName(part, at, about)
      const asked = figure && question(figure.value, { unit, label, likely: [least, most] })
      if (asked) found.push({ path: at, sentence: asked })
      return
    }
    if (typeof value === 'object' && value !== null)
      for (const [key, inner] of Object.entries(value)) walk(inner, [...path, key])
  }
  walk(part, [])
  return found
}
