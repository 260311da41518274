// What goes in before what because it would not pass, or a hand would not, told as sentences.
import { capital, ofPart, quantity } from '../figures/format'
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
      const [own, other] = [called(items[0]), called(items[1])]
      const blocker = `the ${ofPart(what, other)}`
      const [plug] = endsOfJoint(first) ?? []
      const label = (plug && outlines.get(plug)?.label) ?? ''
      const goes = of === 'hand' ? `${label} of the ${own}` : `the ${own}`
      return capital(`${goes} before the ${other}: ${THEN[of](blocker, quantity(mm, 'mm'))}`)
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

/** What would be in the way then. */
const THEN: Record<InTheWay['of'], (blocker: string, mm: string) => string> = {
  body: (blocker, mm) => `${blocker} would stand ${mm} in its way`,
  hand: blocker => `${blocker} would leave no room for a hand`,
  tray: () => 'the tray closes its back once it is in',
}
