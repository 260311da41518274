// What goes in before what because it would not pass, or a hand would not, told as sentences.
import { capital, quantity } from '../figures/format'
import { stage } from '../pipeline/stage'
import { names } from '../plan/items'
import { outlines } from '../plan/joints'
import type { InTheWay } from '../plan/way-out'
import { waysIn as found } from '../plan/ways-in'
import { endsOfJoint } from '../ids/ids'

export interface WayInRow {
  readonly id: string
  /** The joint that is made first, and by which the other comes in. */
  readonly first: string
  readonly then: string
  readonly line: string
  readonly mm: number
  readonly assumed: boolean
}

export const waysIn = stage(
  'ways-in-rows',
  { found, names, outlines },
  ({ found, names, outlines }) => {
    const called = (item: string): string => names.get(item) ?? ''
    const lineOf = ({ first, items, what, of, mm }: InTheWay): string => {
      const blocker = what ? `the ${what} of the ${called(items[1])}` : `the ${called(items[1])}`
      if (of === 'tray')
        return capital(
          `the ${called(items[0])} before the ${called(items[1])}: the tray closes its back once it is in`,
        )
      if (of === 'body')
        return capital(
          `the ${called(items[0])} before the ${called(items[1])}: ${blocker} would stand ${quantity(mm, 'mm')} in its way`,
        )
      const [plug] = endsOfJoint(first) ?? []
      const label = (plug && outlines.get(plug)?.label) ?? ''
      return capital(
        `${label} of the ${called(items[0])} before the ${called(items[1])}: ${blocker} would leave no room for a hand`,
      )
    }
    return found.flatMap((way): readonly WayInRow[] =>
      way.then === null
        ? []
        : [
            {
              id: `${way.first} ${way.then}`,
              ...{ first: way.first, then: way.then, mm: way.mm, assumed: way.assumed },
              line: lineOf(way),
            },
          ],
    )
  },
)
