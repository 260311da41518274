// What is said of joints: each one made of fitting ends, each demand answered, each fan within its
// header's current.
import { measured, plain, type Finding } from '../finding'
import { capital } from '../../figures/format'
import { rule } from '../rule'
import { leftOpen } from '../../plan/given'
import { ends, names } from '../../plan/items'
import { plugs, seats, unmet } from '../../plan/joints'
import { type Situation, joints } from '../../plan/situation'
import { faceSource, isMechanical } from '../../connectors/connectors'
import { SOURCE } from '../../standards/sources'
import type { Verdict } from '../../figures/verdict'
import { faceOf, mate } from '../../joining/mate'
import { type EndOf, type Unmet } from '../../joining/joint'

const nameOf = (s: Pick<Situation, 'names'>, item: string): string => s.names.get(item) ?? item

/** What one side of a joint is called: the item, and which of its ends where it has several. */
const sideOf = (name: string, end: EndOf): string =>
  end.end.label && !isMechanical(end.end.face) ? `${end.end.label} of the ${name}` : name

export const joinedPairs = rule({
  id: 'joints/joined',
  stage: 'joints',
  asks: 'Do the two ends of each joint belong together?',
  source: SOURCE.practice,
  needs: { seats, plugs, ends, names },
  inputs: s =>
    joints(s).flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const socket = s.ends.get(joint.b)
      return plug && socket
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
  judge({ joint, plug, socket, names }) {
    const met = mate(plug, socket)
    if (!met?.ok) return []
    const to = isMechanical(joint.face)
      ? `${socket.end.label} of the ${names[1]}`
      : `${socket.end.label} on the ${names[1]}`
    return [
      plain(
        {
          rule: 'joints/joined',
          stage: isMechanical(joint.face) ? 'fit' : 'joints',
          about: joint.items,
          part: joint.id,
          joints: [joint.id],
          sentence: `${capital(sideOf(names[0], plug))} meets ${to}${met.note ? `: ${met.note}` : ''}`,
          because: [
            { fact: faceOf(plug), value: faceOf(socket), basis: 'standard', source: met.source },
            ...agreed(plug, socket),
          ],
        },
        met.verdict,
      ),
    ]
  },
})

/** The traits on which both sides agree, as reasons. */
const agreed = (plug: EndOf, socket: EndOf) =>
  Object.entries(plug.end.traits)
    .filter(([t]) => socket.end.traits[t])
    .map(([trait, values]) => ({
      fact: trait,
      value: values.join(' or '),
      basis: 'spec' as const,
      source: SOURCE.maker,
    }))

interface Holder {
  readonly end: string
  readonly by: string
}
export const unmetDemands = rule({
  id: 'joints/unmet',
  stage: 'joints',
  asks: 'Does every end that must or should be joined find its partner?',
  source: SOURCE.practice,
  needs: { unmet, leftOpen, ends, names, seats, plugs },
  inputs: s =>
    s.unmet.map(u => ({
      unmet: u,
      name: nameOf(s, u.demand.item),
      leftOpen: s.leftOpen[u.demand.id] ?? null,
      end: s.ends.get(u.demand.refs[0] ?? '') ?? null,
      held: u.taken.flatMap(ref => holderOf(s, ref)),
    })),
  judge({ unmet: u, name, leftOpen, end, held }) {
    const [reason, ...others] = u.reasons
    return [
      plain(
        {
          rule: 'joints/unmet',
          stage: end && isMechanical(end.end.face) ? 'fit' : 'joints',
          about: [u.demand.item],
          part: u.demand.id,
          demand: u.demand.id,
          sentence: `${capital(u.demand.label)} of the ${name}: no partner${reason ? `; ${reason}` : ''}`,
          wayOut: leftOpen ? `Left open: ${leftOpen.reason}` : WAY_OUT[u.demand.need],
          because: [
            ...(end
              ? [
                  {
                    fact: 'asks for',
                    value: faceOf(end),
                    basis: 'standard' as const,
                    source: faceSource(end.end.face),
                  },
                ]
              : []),
            ...held.map(h => ({
              fact: h.end,
              value: `taken by ${h.by}`,
              basis: 'plan' as const,
              source: '',
            })),
            ...others.map(fact => ({
              fact,
              value: '',
              basis: 'spec' as const,
              source: SOURCE.maker,
            })),
          ],
        },
        verdictOf(u.demand.need, leftOpen !== null),
      ),
    ]
  },
})

/** Who has an end that would fit. */
function holderOf(
  s: Pick<Situation, 'seats' | 'plugs' | 'ends' | 'names'>,
  ref: string,
): readonly Holder[] {
  const joint = joints(s).find(j => j.a === ref || j.b === ref)
  const [end, other] = [s.ends.get(ref), s.ends.get(joint?.a === ref ? joint.b : (joint?.a ?? ''))]
  return end && other
    ? [
        {
          end: `${end.end.label} of the ${nameOf(s, end.item)}`,
          by: sideOf(nameOf(s, other.item), other),
        },
      ]
    : []
}

const WAY_OUT = {
  must: 'Add or swap a part that offers it.',
  should: 'Add or swap a part that offers it, or leave it open with a reason.',
  may: 'Nothing is lost: it may stay free.',
} as const

function verdictOf(need: Unmet['demand']['need'], leftOpen: boolean): Verdict {
  if (need === 'may') return 'clear'
  return need === 'should' && leftOpen ? 'watch' : 'stop'
}

const asks = { id: 'joints/header-current', source: SOURCE.fan }
export const headerCurrent = rule({
  ...asks,
  stage: 'joints',
  asks: 'Does each fan stay within the current of its header?',
  needs: { plugs, ends, names },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const socket = s.ends.get(joint.b)
      return plug?.end.takes['amps'] && socket?.end.gives['amps']
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
    const need = plug.end.takes['amps']
    const have = socket.end.gives['amps']
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
