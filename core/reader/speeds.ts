// Memory speeds as sheets promise them: in rows, behind the generation, for numbers of modules;
// what is overclocked is no promise.

import { wordNumber } from './things'

/** "6600 MHz+ (OC)", "7200+(O.C.)", "8400 - 5800 (OC) MT/s". */
const OVERCLOCKED = new RegExp(
  [
    String.raw`(?:\d{4,5}\s*[-–]\s*)?\d{4,5}\s*\+?\s*(?:MHz|MT\/s)?\s*\+?\s*`,
    String.raw`(?:\((?:OC|O\.C\.?|overclock\w*)\)|(?:with|via|by) (?:OC\b|O\.C\.?|overclock\w*))`,
    String.raw`|\boverclock(?:ed|able)?(?: up)? to \d{4,5}(?:\s*(?:MHz|MT\/s))?`,
  ].join(''),
  'gi',
)

/** Promised speeds: those in a row before "MT/s" or "MHz", overclocked ones left out. */
export function speedsIn(text: string): readonly number[] {
  const plain = text.replace(OVERCLOCKED, '')
  const rows = [
    ...plain.matchAll(/((?:\d{3,5}\s*(?:\/|,|\s)\s*)*\d{3,5})\s*(?:MT\/s|MTs|MHz)/gi),
  ].flatMap(m => (m[1] ?? '').match(/\d{3,5}/g) ?? [])
  const named = [...plain.matchAll(/DDR\d[LU]?[- ](\d{3,5}(?:\s*\/\s*\d{3,5})*)/gi)].flatMap(
    m => (m[1] ?? '').match(/\d{3,5}/g) ?? [],
  )
  const bare =
    rows.length + named.length === 0
      ? [...plain.matchAll(/DDR\d\s+(\d{3,5}(?:\/\d{3,5})+)/gi)].flatMap(
          m => (m[1] ?? '').match(/\d{3,5}/g) ?? [],
        )
      : []
  const most =
    rows.length + named.length + bare.length === 0 && /DDR\d/i.test(plain)
      ? [...plain.matchAll(/\bup to (\d{4,5})\b(?!\s*[GM]B)/gi)].map(m => m[1] ?? '')
      : []
  const told = [
    ...plain.matchAll(/\b(?:JEDEC|SPD|profile)\s+(\d{4,5})(?![\d.]*\s*V\b)/gi),
    ...plain.matchAll(/(?<![\d.])(\d{4,5})\s+(?:as )?standard\b/gi),
  ]
  const ranged = [...plain.matchAll(/(\d{4,5})(?:\s*[-–]\s*\d{4,5})?\s*\(JEDEC\)/gi)]
  const bySetting = [...told, ...ranged].map(m => m[1] ?? '')
  return [...new Set([...rows, ...named, ...bare, ...most, ...bySetting].map(Number))].filter(
    n => n >= 200 && n <= 12000,
  )
}

/** "DDR5-5200 two modules", "DDR5-3600 with four DIMMs". */
const BY_WORDS = new RegExp(
  [
    String.raw`DDR\d[- ](\d{3,5})(?:\s*MT\/s)?\s*(?:with|for|at|by)?\s*`,
    String.raw`(one|two|four|eight|[1248])\s+(?:modules?|DIMMs?|sticks?)\b`,
  ].join(''),
  'gi',
)

/**
 * A speed for each number of modules, the slower where ranks differ: "2x1R DDR5-5200, 4x2R
 * DDR5-3600", "DDR5-3600 (4 DIMMs)".
 */
export function speedsByModules(text: string): ReadonlyMap<number, number> {
  const byModules = new Map<number, number>()
  // Behind the first the generation is not said again.
  const inBrackets = text.replace(
    /(?<=\b(DDR\d)[- ]\d{3,5}[^;]*\)\s*[/,]\s*)(?=\d{3,5}\s*\()/gi,
    '$1-',
  )
  for (const m of inBrackets.matchAll(
    /DDR\d[- ](\d{3,5})[^,;()]{0,6}\(\s*([1248])\s*(?:x\s*)?(?:DIMM|module|stick)s?\s*\)/gi,
  ))
    byModules.set(Number(m[2]), Number(m[1]))
  for (const m of text.matchAll(BY_WORDS))
    byModules.set(wordNumber(m[2] ?? '') ?? Number(m[2]), Number(m[1]))
  for (const m of text.matchAll(/\b([1248])\s*[x×]\s*(?:[1248]R\s*)?(?:DDR\d[- ])(\d{3,5})/gi))
    byModules.set(Number(m[1]), Math.min(byModules.get(Number(m[1])) ?? Infinity, Number(m[2])))
  return byModules
}
