// A row of what lies ready before the first screw is turned: what is needed, what is there.
import type { HandId } from '../ids/ids'
import type { StoredItem } from '../document/build'
import type { State } from '../parts/kind'
import type { Sundry } from '../parts/sundry'

/** Whether it is there: looked at is what nobody can know from the plan. */
export type Ready = 'have' | 'look' | 'coming' | 'missing'

export interface HandRow {
  readonly id: HandId
  readonly what: string
  /** How much, and for what. */
  readonly need: string
  readonly ready: Ready
  /** Where it usually lies, or what of it is there. */
  readonly from: string
  /** What can be put on the buying list; null where it is there already, or is no thing to buy. */
  readonly buy: Sundry | null
}
export interface HandGroup {
  readonly title: string
  readonly rows: readonly HandRow[]
}

/** What lies in the house, and what is on its way. */
const HERE: readonly State[] = ['have', 'lent', 'spare']
const COMING: readonly State[] = ['ordered', 'wanted', 'later']

export type Owned = Pick<StoredItem, 'id' | 'part' | 'state'>
export const isHere = ({ state }: Owned): boolean => HERE.includes(state)
export const isComing = ({ state }: Owned): boolean => COMING.includes(state)

/** The bags and tubes of one use. */
export const sundries = (
  items: readonly Owned[],
  isIt: (part: Sundry) => boolean,
): readonly Owned[] => items.filter(({ part }) => part.kind === 'sundry' && isIt(part))

/** How a thing stands of which these are there or on their way; `else` where there is none. */
export function readyBy(
  owned: readonly Owned[],
  or: { readonly ready: Ready; readonly from: string },
): Pick<HandRow, 'ready' | 'from'> {
  const here = owned.filter(isHere)
  if (here.length > 0) return { ready: 'have', from: namesOf(here) }
  const coming = owned.filter(isComing)
  return coming.length > 0 ? { ready: 'coming', from: statesOf(coming) } : or
}
const statesOf = (owned: readonly Owned[]): string =>
  [...new Set(owned.map(({ part, state }) => `${part.model}: ${state}`))].join(', ')
const namesOf = (owned: readonly Owned[]): string =>
  [...new Set(owned.map(({ part }) => part.model))].join(', ')

/** A sundry that can be put on the buying list. */
export const toBuy = (about: Pick<Sundry, 'id' | 'model' | 'use'> & Partial<Sundry>): Sundry => ({
  kind: 'sundry',
  maker: '',
  ...about,
})
