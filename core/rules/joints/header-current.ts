// Does each header, and each outlet of a hub or a splitter, give what hangs on it, over all that is
// joined behind it?
import { measured, type Finding } from '../finding'
import { isOuter, isPower } from '../../connectors/connectors'
import { converted } from '../../figures/quantity'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { mostThrough, passing } from '../../power/flow'
import { limitOf } from '../../power/limits'
import type { Load } from '../../power/loads'
import { RAILS, VOLTS } from '../../standards/rails'
import { SOURCE } from '../../standards/sources'
import { inFirstSeconds } from '../power/moment'
import { withEnds } from './names'

const asks = { id: 'joints/header-current', source: SOURCE.fan }

export const headerCurrent = rule({
  ...asks,
  stage: 'joints',
  question:
    'Does what hangs on each header, over splitters and hubs as well, stay within its current?',
  needs: { plugs, ends, loads, names },
  inputs: s =>
    withEnds(s, s.plugs).flatMap(joined => {
      const loads = passing(s.loads, joined.joint.id)
      return isPower(joined.joint.face) || loads.length === 0 ? [] : [{ ...joined, loads }]
    }),
  judge: ({ joint, plug, socket, loads, names }): readonly Finding[] =>
    RAILS.flatMap(rail => {
      const { watts, when } = mostThrough(loads, [joint.id], rail)
      const have = limitOf(plug.end, socket.end, rail)
      if (!have || watts.terms.length === 0) return []
      // A device asks its port before it takes more: what nobody states of it is no overload.
      if (isOuter(joint.face) && watts.terms.every(t => t.leaf.figure?.usual)) return []
      return [
        measured({
          rule: asks.id,
          stage: 'joints',
          about: joint.items,
          with: loads.map(l => l.item),
          part: joint.id,
          joints: [joint.id],
          failing: 'harm',
          source: asks.source,
          sentence:
            `Current of ${whose(loads, names[0])} on ${socket.end.label} of the ` +
            `${names[1]}${inFirstSeconds(when)}`,
          wayOut: 'A stronger header, or a hub with a power plug of its own.',
          need: converted(watts, 1 / VOLTS[rail], 'A'),
          have,
        }),
      ]
    }),
})

/** Named choice: how many of what hangs on a header are named. */
const NAMED = 3

/** What draws over a joint, by name: the part that is plugged there, or what hangs behind it. */
function whose(loads: readonly Load[], plugged: string): string {
  const names = [...new Set(loads.map(l => l.name))]
  if (names.length === 1 && names[0] === plugged) return `the ${plugged}`
  const more = names.length > NAMED ? ` and ${names.length - NAMED} more` : ''
  return `${names.slice(0, NAMED).join(', ')}${more}, over the ${plugged},`
}
