// What was read, by path, for those who lay it into a part.
import { keysOf } from '../../parts/paths'
import { CONNECTORS, type PlugFace } from '../../connectors/connectors'
import { oneOf } from '../pattern'
import type { ReadField } from '../notes'
import type { Part } from '../../parts'

export type Fields = ReadonlyMap<string, ReadField>

/** What every part has, whatever its kind. */
export interface About {
  readonly id: string
  readonly maker: string
  readonly model: string
  readonly price: number | null
}
/** A part as it was laid out, and what of it nobody stated: the path, and why it is as it is. */
export interface Made {
  readonly part: Part
  readonly assumed: readonly Assumed[]
}
export type Assumed = readonly [path: string, why: string]

export const text = (f: Fields, path: string): string | undefined => {
  const v = f.get(path)?.value
  return typeof v === 'string' ? v : undefined
}
export const count = (f: Fields, path: string): number | null => {
  const v = f.get(path)?.value
  return typeof v === 'number' ? v : null
}
export const list = (f: Fields, path: string): readonly string[] | undefined => {
  const v = f.get(path)?.value
  return Array.isArray(v) ? (v as readonly string[]) : undefined
}
export const flag = (f: Fields, path: string): boolean | undefined => {
  const v = f.get(path)?.value
  return typeof v === 'boolean' ? v : undefined
}

/** Whether anything was read that begins so. */
export const hasAny = (f: Fields, ...paths: readonly string[]): boolean =>
  [...f.keys()].some(path => paths.some(p => path.startsWith(p)))

/** How many of each plug or socket were counted under a path. */
export const counts = (f: Fields, prefix: string): Partial<Record<PlugFace, number>> =>
  Object.fromEntries(
    [...f].flatMap(([path, { value }]) => {
      const face = path.startsWith(prefix) ? path.slice(prefix.length) : ''
      return typeof value === 'number' && face in CONNECTORS ? [[face, value]] : []
    }),
  )
export const plugsOf = (f: Fields, prefix: string): readonly (readonly [PlugFace, number])[] =>
  Object.entries(counts(f, prefix)) as [PlugFace, number][]

/** One entry for each of the counted plugs, with its number where there are several. */
export const eachPlug = <T>(
  f: Fields,
  prefix: string,
  make: (plug: { face: PlugFace; label: string; n: number; of: number }) => T,
): T[] =>
  plugsOf(f, prefix).flatMap(([face, of]) =>
    Array.from({ length: of }, (_, i) =>
      make({ face, label: `${CONNECTORS[face].name}${of > 1 ? ` ${i + 1}` : ''}`, n: i + 1, of }),
    ),
  )

/** How many entries of a list were read: one more than the highest number in `prefix.number.…`. */
export const indexed = (f: Fields, prefix: string): number =>
  Math.max(
    0,
    ...[...f.keys()].flatMap(path => {
      const [head, number, ...rest] = keysOf(path)
      return head === prefix && rest.length > 0 && /^\d+$/.test(number ?? '')
        ? [Number(number) + 1]
        : []
    }),
  )

/** A field where there is a value for it. */
export const given = <K extends string, V>(
  key: K,
  value: V | null | undefined,
): Partial<Record<K, V>> =>
  value === undefined || value === null ? {} : ({ [key]: value } as Record<K, V>)

/** Words that tie what a socket switches off to a SATA stick in it. */
export const WITH_SATA = new RegExp(
  `SATA[- ]?(?:${oneOf(/type/, /mode/, /M\.2/, /device/, /drive/, /SSD/, /stick/).source})`,
  'i',
)
