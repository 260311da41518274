// Another place for what is there: a plug of the finding put into each other socket that takes it,
// or its pin let go.
import { itemOf } from '../ids/ids'
import type { EndOf } from '../joining/joint'
import { isMechanical } from '../connectors/connectors'
import type { Situation } from '../plan/situation'
import { meets } from './add'
import type { Candidate, Question } from './remedy'

/** Named choice: how many other sockets are tried a plug. */
const SOCKETS = 10

export function places({ build, finding, situation: s }: Question): readonly Candidate[] {
  const joints = [...s.seats, ...s.plugs]
  return joints
    .filter(j => finding.joints.includes(j.id))
    .flatMap((joint): readonly Candidate[] => {
      const plug = s.ends.get(joint.a)
      if (!plug) return []
      const others = [...s.ends.values()]
        .filter(e => e.end.sex === 'socket' && e.ref !== joint.b && meets(plug, e))
        .slice(0, SOCKETS)
      const free: readonly Candidate[] =
        build.choices.pins[joint.a] === undefined
          ? []
          : [
              {
                kind: 'place',
                title: `Let the ${labelOf(plug, s)} find its own place`,
                commands: [{ do: 'pinJoint', plug: joint.a, socket: null }],
              },
            ]
      return [
        ...free,
        ...others.map((to): Candidate => ({
          kind: 'place',
          title: `Put the ${labelOf(plug, s)} into ${to.end.label} of the ${s.names.get(to.item) ?? ''}`,
          commands: [{ do: 'pinJoint', plug: plug.ref, socket: to.ref, title: labelOf(plug, s) }],
        })),
      ]
    })
}

const labelOf = (plug: EndOf, s: Situation): string =>
  isMechanical(plug.end.face)
    ? (s.names.get(itemOf(plug.ref)) ?? '')
    : `${plug.end.label} of the ${s.names.get(itemOf(plug.ref)) ?? ''}`
