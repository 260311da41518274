// Is everything joined that asks to be?
import { plain, type Finding } from '../finding'
import { capital } from '../../figures/format'
import { rule } from '../rule'
import { leftOpen } from '../../plan/given'
import { asks, ends, names } from '../../plan/items'
import { exact, plugs, seats, unmet } from '../../plan/joints'
import { type Situation, joints } from '../../plan/situation'
import {
  socketName,
  faceSource,
  isMechanical,
  mating,
  type Face,
} from '../../connectors/connectors'
import { SOURCE } from '../../standards/sources'
import type { Verdict } from '../../figures/verdict'
import type { Ask } from '../../parts/ask'
import { faceOf } from '../../joining/mate'
import type { Reasoned } from '../../document/build'
import type { EndOf, Unmet } from '../../joining/joint'
import { nameOf, sideOf } from './names'

interface Holder {
  readonly end: string
  readonly by: string
}

export const jointsUnmet = rule({
  id: 'joints/unmet',
  stage: 'joints',
  question: 'Does every end that must or should be joined find where it goes?',
  source: SOURCE.practice,
  needs: { unmet, exact, leftOpen, ends, names, seats, plugs, asks },
  inputs: (s): readonly AboutUnmet[] =>
    s.unmet.map(u => ({
      unmet: u,
      isProved: s.exact || !u.isChosen,
      name: nameOf(s, u.demand.item),
      leftOpen: s.leftOpen[u.demand.id] ?? null,
      end: s.ends.get(u.demand.refs[0] ?? '') ?? null,
      held: u.taken.flatMap(ref => holderOf(s, ref)),
      open: openFor(s, u),
    })),
  judge: judgeUnmet,
})

interface AboutUnmet {
  readonly unmet: Unmet
  /** Whether all ways were tried, or none is there at all. */
  readonly isProved: boolean
  readonly name: string
  readonly leftOpen: Reasoned | null
  readonly end: EndOf | null
  readonly held: readonly Holder[]
  readonly open: Asks
}

/** What is said of a demand that found no partner. */
export function judgeUnmet(about: AboutUnmet): readonly Finding[] {
  const { unmet: u, isProved, name, leftOpen, end, held, open } = about
  const [first] = open
  // Where it is not known what another part has, nothing says that there is no partner.
  const why = isProved ? u.reasons : [NOT_PROVED, ...u.reasons]
  const [reason, ...others] = first ? [first.question, ...why] : why
  const missing = first ? 'it is not known where it goes' : wanted(end)
  return [
    plain(
      {
        rule: 'joints/unmet',
        stage: end && isMechanical(end.end.face) ? 'fit' : 'joints',
        about: [u.demand.item],
        part: u.demand.id,
        demand: u.demand.id,
        sentence: `${capital(u.demand.label)} of the ${name}: ${missing}${reason ? `; ${reason}` : ''}`,
        wayOut: wayOut(u, leftOpen?.reason, first?.take),
        asks: open.map(({ item, path, question, take }) => ({ item, path, question, take })),
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
      verdictOf(u.demand.need, leftOpen !== null, open.length > 0 || !isProved),
    ),
  ]
}

/** What is not there: a seat, or a socket by its name. */
function wanted(end: EndOf | null): string {
  if (!end || isMechanical(end.end.face)) return 'no free place'
  return end.end.sex === 'plug' ? `no free ${socketName(end.end.face)}` : 'no plug for it'
}

/** What is said instead of a stop where not all ways were tried. */
const NOT_PROVED = 'not proved: the search ended before all ways were tried'

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

const wayOut = (u: Unmet, leftOpen: string | undefined, take: string | undefined): string =>
  leftOpen === undefined ? (take ?? WAY_OUT[u.demand.need]) : `Left open: ${leftOpen}`

function verdictOf(need: Unmet['demand']['need'], leftOpen: boolean, isOpen: boolean): Verdict {
  if (need === 'may') return 'clear'
  if (need === 'should' && leftOpen) return 'watch'
  return isOpen ? 'measure' : 'stop'
}

/** What is not known of other parts and could be the partner that is missing. */
function openFor(s: Pick<Situation, 'ends'> & { readonly asks: Asks }, u: Unmet): Asks {
  const own = u.demand.refs.flatMap(ref => s.ends.get(ref)?.end ?? [])
  const couldMeet = (face: Face): boolean =>
    own.some(e => (e.sex === 'plug' ? mating(e.face, face) : mating(face, e.face)) !== null)
  return s.asks.filter(a => a.item !== u.demand.item && a.faces.some(couldMeet))
}
type Asks = readonly (Ask & { readonly item: string })[]
