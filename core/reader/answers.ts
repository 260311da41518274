// What a person answered about values that were read: this one is right, that one is wrong. It holds for the
// very value, so that a sheet that says otherwise later is asked about again.
import type { ValueAnswer } from '../document/draft'
import type { DoubtfulField, ReadField, ReadValue } from './notes'
import type { Reading } from './read'

const isSame = (a: ReadValue, b: ReadValue): boolean => JSON.stringify(a) === JSON.stringify(b)
const isAbout = (f: ReadField, { path, value }: ValueAnswer): boolean =>
  f.path === path && isSame(f.value, value)

/** What was answered about a value; null where nobody did. */
export const answerTo = (
  f: ReadField,
  answers: readonly ValueAnswer[],
): ValueAnswer['says'] | null => answers.find(a => isAbout(f, a))?.says ?? null

/**
 * A reading with the answers in it: what is right is certain and the only one of its field, what is
 * wrong is gone; where of two that the sheet says one is wrong, the other is meant.
 */
export function answered<R extends Pick<Reading, 'fields' | 'doubtful'>>(
  reading: R,
  answers: readonly ValueAnswer[],
): R {
  if (answers.length === 0) return reading
  const all = [...reading.fields, ...reading.doubtful]
  const right = all.filter(f => answerTo(f, answers) === 'right')
  const isSettled = (f: ReadField): boolean =>
    right.some(r => r.path === f.path) || answerTo(f, answers) === 'wrong'
  const fields = reading.fields.filter(f => !isSettled(f))
  const doubtful = reading.doubtful.filter(f => !isSettled(f))
  const isLeft = (d: DoubtfulField): boolean =>
    d.isOther === true &&
    doubtful.filter(x => x.path === d.path).length === 1 &&
    !fields.some(f => f.path === d.path)
  return {
    ...reading,
    fields: [...fields, ...right, ...doubtful.filter(isLeft)],
    doubtful: doubtful.filter(d => !isLeft(d)),
  }
}
