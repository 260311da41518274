// Is everything joined that asks to be?
import { plain } from '../finding'
import { capital } from '../../figures/format'
import { rule } from '../rule'
import { leftOpen } from '../../plan/given'
import { ends, names } from '../../plan/items'
import { plugs, seats, unmet } from '../../plan/joints'
import { type Situation, joints } from '../../plan/situation'
import { faceSource, isMechanical } from '../../connectors/connectors'
import { SOURCE } from '../../standards/sources'
import type { Verdict } from '../../figures/verdict'
import { faceOf } from '../../joining/mate'
import type { Unmet } from '../../joining/joint'
import { nameOf, sideOf } from './names'

interface Holder {
  readonly end: string
  readonly by: string
}

export const jointsUnmet = rule({
  id: 'joints/unmet',
  stage: 'joints',
  question: 'Does every end that must or should be joined find its partner?',
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
