// Does each header give what hangs on it, within its limit?
import { measured, type Finding } from '../finding'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { nameOf } from './names'

const asks = { id: 'joints/header-current', source: SOURCE.fan }

export const headerCurrent = rule({
  ...asks,
  stage: 'joints',
  question: 'Does each fan stay within the current of its header?',
  needs: { plugs, ends, names },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const socket = s.ends.get(joint.b)
      return plug?.end.takes.amps && socket?.end.gives.amps
        ? [
            {
              joint,
              plug,
              socket,
              names: [nameOf(s, joint.items[0]), nameOf(s, joint.items[1])] as const,
            },
          ]
        : []
    }),
  judge({ joint, plug, socket, names }): readonly Finding[] {
    const need = plug.end.takes.amps
    const have = socket.end.gives.amps
    if (!need || !have) return []
    return [
      measured({
        rule: asks.id,
        stage: 'joints',
        about: joint.items,
        part: joint.id,
        joints: [joint.id],
        failing: 'harm',
        source: asks.source,
        sentence: `Current of the ${names[0]} on ${socket.end.label} of the ${names[1]}`,
        wayOut: 'A stronger header, or a hub with a power plug of its own.',
        need,
        have,
      }),
    ]
  },
})
