// A stage: a value that is worked out from others. It is declared once, by name, with the stages it
// is made from; its function receives exactly their values.
import { kept } from './kept'

export interface Stage<V> {
  readonly name: string
  /** The stages it is made from, each under the name by which the function knows its value. */
  readonly needs: Needs
  /** Whether the two horizons of a build may differ in it. */
  readonly perHorizon: boolean
  /** Null for what is given from outside. */
  readonly make: ((values: never) => V) | null
}
export type Needs = Readonly<Record<string, Stage<unknown>>>
export type ValuesOf<N extends Needs> = {
  readonly [K in keyof N]: N[K] extends Stage<infer V> ? V : never
}
export type ValueOf<S> = S extends Stage<infer V> ? V : never

/** What an analysis is given. */
export const given = <V>(name: string, { perHorizon = false } = {}): Stage<V> => ({
  name,
  needs: {},
  perHorizon,
  make: null,
})

export const stage = <N extends Needs, V>(
  name: string,
  needs: N,
  make: (values: ValuesOf<N>) => V,
): Stage<V> => ({
  name,
  needs,
  perHorizon: Object.values(needs).some(need => need.perHorizon),
  make,
})

/**
 * A stage with one value for each thing of a list, each worked out by itself: one that changes
 * changes only its own. Things are told apart by `key`.
 */
export function stageOfEach<T, N extends Needs, V>(
  name: string,
  { of, key }: { readonly of: Stage<readonly T[]>; readonly key: (one: T) => string },
  needs: N,
  make: (one: T, values: ValuesOf<N>) => V,
): Stage<readonly V[]> {
  const names = Object.keys(needs)
  const one = kept(name, (thing: T, ...values: readonly unknown[]) =>
    make(thing, Object.fromEntries(names.map((n, i) => [n, values[i]])) as ValuesOf<N>),
  )
  return stage(name, { ...needs, of }, values => {
    const all = values as ValuesOf<N> & { readonly of: readonly T[] }
    const around = names.map(n => all[n as keyof typeof all])
    return all.of.map(thing => one(key(thing), thing, ...around))
  })
}
