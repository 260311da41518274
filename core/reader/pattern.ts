// Patterns of words: a list of words is written as a list, and read as one pattern.

/** Any of these, whichever stands first in the text. Capitals or not. */
export const oneOf = (...words: readonly RegExp[]): RegExp =>
  new RegExp(words.map(w => w.source).join('|'), 'i')

/** Nothing but one of these. */
export const only = (...words: readonly RegExp[]): RegExp =>
  new RegExp(`^(?:${oneOf(...words).source})$`, 'i')

/** One of these at the beginning. */
export const opening = (...words: readonly RegExp[]): RegExp =>
  new RegExp(`^(?:${oneOf(...words).source})`, 'i')

/** What the first pattern that fits stands for; null where none does. */
export function choiceIn<V>(text: string, choices: readonly (readonly [RegExp, V])[]): V | null {
  return choices.find(([words]) => words.test(text))?.[1] ?? null
}
