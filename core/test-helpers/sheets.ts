// For tests: spec sheets of made-up parts with what each says, and how well a reading agrees.
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { readSheet, type Reading } from '../reader/read'
import { shelf } from './demos'

export interface WrittenSheet {
  readonly name: string
  readonly text: string
  readonly says: ReadonlyMap<string, unknown>
}

/** The sheets the reader was written with, or those kept apart from it. */
export function sheets(set: 'seen' | 'kept'): readonly WrittenSheet[] {
  const all = readFileSync(
    fileURLToPath(new URL(`../reader/sheets/${set}.txt`, import.meta.url)),
    'utf8',
  )
  return all
    .split(/^#### /m)
    .slice(1)
    .map(block => {
      const [head = '', expected = ''] = block.split(/^---- expected\n/m)
      const [name = '', ...text] = head.split('\n')
      return {
        name,
        text: text.join('\n'),
        says: new Map(
          expected
            .trim()
            .split('\n')
            .map(line => {
              const at = line.indexOf(' = ')
              return [line.slice(0, at), JSON.parse(line.slice(at + 3))] as const
            }),
        ),
      }
    })
}

export const MAKERS: readonly string[] = [...new Set(shelf.map(p => p.maker))]

/** Named choice: a length that was inches agrees within a tenth of a millimetre or so. */
const ROUNDING = 0.06
const same = (a: unknown, b: unknown): boolean =>
  typeof a === 'number' && typeof b === 'number'
    ? Math.abs(a - b) <= Math.max(ROUNDING, Math.abs(b) * 0.0005)
    : JSON.stringify(a) === JSON.stringify(b)

export interface Score {
  readonly stated: number
  readonly filled: number
  readonly wrong: readonly string[]
  readonly missed: readonly string[]
}

/**
 * Fields stated, of those filled rightly; filled ones that are wrong: another value, or a field
 * that the sheet does not state.
 */
export function score(sheet: WrittenSheet, reading: Reading): Score {
  const got = new Map<string, unknown>([
    ['kind', reading.kind],
    ...reading.fields.map(f => [f.path, f.value] as const),
  ])
  const missed = [...sheet.says].filter(([path]) => !got.has(path)).map(([path]) => path)
  const wrong = [...got]
    .filter(([path, value]) => !sheet.says.has(path) || !same(value, sheet.says.get(path)))
    .map(([path, value]) => {
      const isStated = sheet.says.has(path)
      const meant = isStated ? ` for ${JSON.stringify(sheet.says.get(path))}` : ', not stated'
      return `${sheet.name} ${path}: ${JSON.stringify(value)}${meant}`
    })
  return {
    stated: sheet.says.size,
    filled: got.size,
    wrong,
    missed: missed.map(path => `${sheet.name} ${path}`),
  }
}

export const total = (scores: readonly Score[]): Score =>
  scores.reduce(
    (a, b) => ({
      stated: a.stated + b.stated,
      filled: a.filled + b.filled,
      wrong: [...a.wrong, ...b.wrong],
      missed: [...a.missed, ...b.missed],
    }),
    { stated: 0, filled: 0, wrong: [], missed: [] },
  )

/**
 * What is read of lines under a title, path by path, names left out; doubtful paths as `? path`.
 */
export function readLines(
  title: string,
  ...lines: readonly string[]
): Readonly<Record<string, unknown>> {
  const { fields, doubtful } = readSheet([title, ...lines].join('\n'), { makers: MAKERS })
  const isName = (path: string): boolean => path === 'maker' || path === 'model'
  return Object.fromEntries(
    [
      ...fields.map(f => [f.path, f.value] as const),
      ...doubtful.map(f => [`? ${f.path}`, f.value] as const),
    ].filter(([path]) => !isName(path.replace('? ', ''))),
  )
}
