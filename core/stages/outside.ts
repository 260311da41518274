// What is left outside: the sockets at the rear, how fast they are, and what is plugged there.
import { connector, isMechanical, isOuter } from '../connectors/connectors'
import { compareBy } from '../collections/compare'
import { groupBy } from '../collections/groups'
import { ends, items, names } from '../plan/items'
import { plugs } from '../plan/joints'
import { stage } from '../pipeline/stage'
import { number } from '../figures/format'
import { WIRE } from '../parts/outer'
import type { EndOf } from '../joining/joint'

export interface OutsideRow {
  readonly id: string
  readonly name: string
  /** What the sockets are, with their speed. */
  readonly says: string
  readonly used: number
  readonly total: number
  readonly left: number
  /** How many show nothing: dead, broken or kept free. */
  readonly shut: number
}

/** Sockets of one sort and speed on one part, with how many of them are left. */
export const outside = stage(
  'outside',
  { items, ends, names, plugs },
  ({ items, ends, names, plugs }): readonly OutsideRow[] => {
    const used = new Set<string>(plugs.map(j => j.b))
    const counted = new Set(items.map(i => i.id))
    const sockets = [...ends.values()].filter(
      e =>
        e.end.sex === 'socket' &&
        isOuter(e.end.face) &&
        e.end.face !== 'mains-inlet' &&
        counted.has(e.item),
    )
    return [...groupBy(sockets, sortOf)]
      .map(([id, own]): OutsideRow => {
        const [first] = own
        const inUse = own.filter(e => used.has(e.ref)).length
        const shut = own.filter(e => e.end.marked !== null && !used.has(e.ref)).length
        return {
          id,
          name: names.get(first?.item ?? '') ?? '',
          says: first ? saysOf(first) : '',
          used: inUse,
          total: own.length,
          left: own.length - inUse - shut,
          shut,
        }
      })
      .sort(
        compareBy(
          r => r.name,
          r => r.says,
        ),
      )
  },
)

const sortOf = ({ item, end }: EndOf): string => `${item} ${end.face} ${end.pace ?? ''}`
const saysOf = ({ end: { face, pace } }: EndOf): string => {
  const name = isMechanical(face) ? '' : connector(face).name
  return pace === null ? name : `${name}, ${number(pace * WIRE, pace * WIRE < FINE ? 1 : 0)} Gb/s`
}
/** Named choice: slower ports are told with a decimal, Gb/s. */
const FINE = 3
