// Is a part that is being entered whole: what is missing, what is not possible, what is only
// unlikely.
import { KINDS, partSchema, type Part, type PartKind } from '../parts'
import { figureName, patternOf } from '../parts/kind'
import { question } from '../reader/typed'
import { readFigure, type StoredFigure } from '../figures/units'

export interface PartCheck {
  /** What keeps it off the shelf, by field. */
  readonly problems: readonly { readonly path: string; readonly sentence: string }[]
  /** What is unlikely and may be right. */
  readonly questions: readonly { readonly path: string; readonly sentence: string }[]
  readonly part: Part | null
}

/** Checks a part against its kind's schema and its figures against what is likely for each. */
export function checkPart(raw: unknown): PartCheck {
  const read = partSchema.safeParse(raw)
  const kind = (raw as { kind?: PartKind } | null)?.kind
  const questions = kind && kind in KINDS ? questionsOf(raw, kind) : []
  if (read.success) return { problems: read.data.model.trim() === '' ? [{ path: 'model', sentence: 'A part needs a model, so that you find it again.' }] : [], questions, part: read.data }
  return { problems: read.error.issues.map(i => ({ path: i.path.join('.'), sentence: sentenceOf(i as Parameters<typeof sentenceOf>[0]) })), questions, part: null }
}

const sentenceOf = (issue: { readonly path: readonly PropertyKey[]; readonly message: string; readonly code?: string; readonly origin?: string }): string => {
  const name = issue.path.map(String).join(', ')
  if (/received undefined/.test(issue.message)) return `${name} is needed: without it the part joins nothing.`
  if (issue.code === 'invalid_value') return `${name}: choose one of those offered.`
  if (issue.code === 'too_small') return issue.origin === 'string' ? `Write a ${name}: the part is found by it.` : `${name}: at least one is needed.`
  return `${name}: ${issue.message.toLowerCase()}.`
}

function questionsOf(part: unknown, kind: PartKind): readonly { readonly path: string; readonly sentence: string }[] {
  const { figures } = KINDS[kind]
  const found: { path: string; sentence: string }[] = []
  const walk = (value: unknown, path: readonly string[]): void => {
    const at = path.join('.')
    const about = figures.get(patternOf(at))
    if (about) {
      const figure = readFigure(value as StoredFigure, about.unit)
      const asked = figure && question(figure.value, [about.least, about.most], about.unit, figureName(part, at, about))
      if (asked) found.push({ path: at, sentence: asked })
      return
    }
    if (typeof value === 'object' && value !== null) for (const [key, inner] of Object.entries(value)) walk(inner, [...path, key])
  }
  walk(part, [])
  return found
}
