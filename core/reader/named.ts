// Standards that a text names: forms of boards, sockets of processors, generations of a bus.
import type { BoardForm } from '../standards/boards'

const FORM_WORDS: readonly (readonly [RegExp, BoardForm])[] = [
  [/\bSSI[- ]?CEB\b/i, 'SSI-CEB'],
  [/\b(?:E-?ATX|extended ATX|SSI[- ]?EEB)\b/i, 'E-ATX'],
  [/\b(?:XL-?ATX)\b/i, 'XL'],
  [/(?:\b(?:micro[- ]?ATX|m-?ATX|uATX)|µATX)\b/i, 'microATX'],
  [/\bFlex[- ]?ATX\b/i, 'FlexATX'],
  [/\b(?:mini[- ]?ITX|m-?ITX|ITX)\b/i, 'Mini-ITX'],
  [/\bBaby[- ]?AT\b/i, 'Baby-AT'],
  [
    /(?<![-\w])ATX\b(?!\s*(?:12V|power|PS|PSU|\d(?![\d.,]*\s*(?:(?:mm|cm|in)\b|"|″))|\d\d-pin|supply|main(?!board)))/i,
    'ATX',
  ],
  [/(?<![-\w])AT\b(?=\s*(?:board|case|form|$|,|\/))/, 'AT'],
]
/** The forms that a text names, in the order of naming. */
export function formsIn(text: string): readonly BoardForm[] {
  let free = text
  const found = FORM_WORDS.flatMap(([word, form]) => {
    const first = free.search(word)
    free = free.replace(new RegExp(word.source, `${word.flags}g`), m => '\u0000'.repeat(m.length))
    return first < 0 ? [] : [{ form, at: first }]
  })
  return found.sort((a, b) => a.at - b.at).map(f => f.form)
}

/**
 * A socket by its name: capitals and digits behind the word "socket", or the whole of a value
 * labelled so.
 */
const SOCKET = /[A-Z][A-Z]+[A-Z0-9]*(?:[- ]?\d+[A-Z0-9]*(?:(?<=\d)x\b)?)?/
/** "TERN-2/3", "KNOT 5 / 6": what goes on with bare numbers means the same family. */
const GOES_ON =
  /^(?:\s*(?:\/|,|&|\band\b)\s*\d+(?:[A-Z0-9]*|x)(?!\w|\.\d|\s*(?:mm|cm|W|kg|g|V|pin)\b))+/
/** "TERN-1 to TERN-3": those between are meant too. */
const RANGE = /\b([A-Z]{2,}[- ]?)(\d)\s*(?:to|through|–|—|\.{2,3}|…)\s*(?:\1)?(\d)\b/g
function rangeOf(_: string, family: string, from: string, to: string): string {
  const count = Math.max(0, Number(to) - Number(from)) + 1
  return Array.from({ length: count }, (_each, i) => `${family}${Number(from) + i}`).join(', ')
}
const NO_SOCKET = /^(?:DDR|PCI|USB|SATA|M2|GEN|TDP|PPT|RPM|CL|DC)/
export function socketsIn(words: string): readonly string[] {
  const text = words.replace(RANGE, rangeOf)
  return [...text.matchAll(new RegExp(SOCKET.source, 'g'))].flatMap(m => {
    const [word] = m
    if (!/\d/.test(word) || NO_SOCKET.test(word)) return []
    const family = /^[A-Z]+[- ]?(?=\d)/.exec(word)?.[0]
    const more = family ? (GOES_ON.exec(text.slice(m.index + word.length))?.[0] ?? '') : ''
    return [word, ...(more.match(/\d+(?:x\b|[A-Z0-9]*)/g) ?? []).map(n => `${family ?? ''}${n}`)]
  })
}

/** "Socket type: TERN-2": the word behind "socket", where it is the name of one. */
export function namedSocket(text: string): string | null {
  const named = /socket\s*(?:type)?\s*:?\s*(?!power)([A-Z][A-Z0-9]+(?:[- ]?\d+[A-Z]?)?)/i.exec(
    text,
  )?.[1]
  return named !== undefined && /\d/.test(named) ? named : null
}

const BUS = String.raw`(?:PCI(?:e|[- ]?E(?:xpress)?)\s*|Gen(?:\.|eration)?\s*)`
const GENERATION = new RegExp(String.raw`${BUS}(\d)(?:\.0)?(?![\d.]*\s*x\s*\d+\s*GB)`, 'i')
/** Named choice: what is more is no generation yet. */
const NEWEST = 7
export const generationIn = (text: string): number | null => {
  const digit = GENERATION.exec(text)?.[1]
  return digit !== undefined && digit !== '0' && Number(digit) <= NEWEST ? Number(digit) : null
}
