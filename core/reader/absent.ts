// What a sheet says is not there: a value that says no, a thing behind "no" or "without".

/** Whether a value says no: in words, by a cross, by a dash. */
export const isNo = (value: string): boolean =>
  /^\s*(?:(?:no|none|not?\b|without|n\/a|nein)\b|[✗✘❌✕]|[–—-]+\s*$)/i.test(value)

/** "no 12 V RGB", "without USB-C": a thing is named that is not there. */
const NOT_THERE = /\b(?:no|without(?: an?y?)?)\s+(?:(?:5|12)\s?V\s+|front[- ]|internal )?$/i

/** Whether what stands at a place of a phrase is said not to be there. */
export const isAbsent = (phrase: string, at: number): boolean => NOT_THERE.test(phrase.slice(0, at))
