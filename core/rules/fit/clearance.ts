// Do any two bodies meet that no joint holds together?
import { compareBy } from '../../collections/compare'
import type { Clearance } from '../../geometry/clearance'
import { nominalBox, type Axis } from '../../geometry/solid'
import type { Vec3 } from '../../geometry/space'
import { capital, ofPart } from '../../figures/format'
import { gravity } from '../../figures/verdict'
import { limitsIn, meetingsOf, NEAR, type Meeting } from '../../joining/meetings'
import { gravityOf, isZone, metIn, type Met } from '../../joining/met'
import type { Solid } from '../../joining/solids'
import { items, names } from '../../plan/items'
import { solids } from '../../plan/joints'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import { measured, type Finding } from '../finding'

interface Named extends Meeting {
  /** What the two parts are called. */
  readonly names: readonly [string, string]
}

export const fitClearance = rule({
  id: 'fit/clearance',
  stage: 'fit',
  question: 'Does everything in the case keep clear of everything else?',
  source: SOURCE.maker,
  needs: { solids, names, items },
  inputs: ({ solids, names, items }): readonly Named[] =>
    meetingsOf(solids, limitsIn(items)).map(meeting => {
      const [a, b] = meeting.pairs[0] ?? []
      const says = (s: Solid | undefined): string => (s && names.get(s.item)) ?? ''
      return { ...meeting, names: [says(a), says(b)] }
    }),
  key: ({ key }) => key,
  judge: ({ key, pairs, names }) => {
    const [worst] = [...metIn({ key, pairs })].sort(
      compareBy(
        m => -gravityOf(m),
        m => m.found.judged.margin ?? 0,
      ),
    )
    return worst && isTold(worst) ? [asFinding(key, worst, names)] : []
  },
})

/**
 * What is clear by far is not told, nor what is clear between things that the case holds side by
 * side anyway; what rests on a wall without any figure between is no question.
 */
function isTold(met: Met): boolean {
  const { judged } = met.found
  if (gravityOf(met) > gravity('clear')) return true
  if (isZone(met) || areSideBySide(met)) return false
  return judged.tol > 0 && (judged.margin ?? 0) - judged.tol < NEAR
}
const areSideBySide = ({ a, b }: Met): boolean =>
  a.kind === b.kind ||
  (a.kind === 'case' && b.within.length === 1) ||
  (b.kind === 'case' && a.within.length === 1)

function asFinding(key: string, met: Met, names: Named['names']): Finding {
  const { a, b, found } = met
  const says = [ofPart(a.what, names[0]), ofPart(b.what, names[1])] as const
  const [first, second] = found.first === 'a' ? says : [says[1], says[0]]
  return measured({
    rule: 'fit/clearance',
    stage: 'fit',
    about: [a.item, b.item],
    part: key,
    joints: [a.joint, b.joint].flatMap(j => j ?? []),
    source: SOURCE.maker,
    sentence: capital(`${first} ${BESIDE[found.axis]} ${second}`),
    wayOut: wayOutOf(a, b),
    trial: 'Lay both in place and measure what is left between them.',
    need: found.need,
    have: found.have,
    failing: isZone(met) ? 'watch' : 'stop',
    where: whereOf(a, b, found),
  })
}
/** A piece of the case that comes out is the first that one thinks of. */
function wayOutOf(a: Solid, b: Solid): string {
  const piece = [a, b].find(s => s.piece !== null)
  const other = 'another place for one of them, or one that is smaller there.'
  return capital(piece ? `take the ${piece.what} out, ${other}` : other)
}
const BESIDE: Record<Axis, string> = { 0: 'behind', 1: 'under', 2: 'beside' }

/** The distance as a line, where the two lie side by side. */
function whereOf(a: Solid, b: Solid, { axis, first }: Clearance): Finding['where'] {
  const [low, high] =
    first === 'a' ? [nominalBox(a), nominalBox(b)] : [nominalBox(b), nominalBox(a)]
  const between = (i: Axis): number => {
    const from = Math.max(low.min[i], high.min[i])
    const to = Math.min(low.max[i], high.max[i])
    if (!Number.isFinite(from)) return Number.isFinite(to) ? to : 0
    return Number.isFinite(to) ? (from + to) / 2 : from
  }
  const at = (along: number): Vec3 => {
    const point = [between(0), between(1), between(2)] as const
    const put = (i: Axis): number => (i === axis ? along : point[i])
    return [put(0), put(1), put(2)]
  }
  return { from: at(low.max[axis]), to: at(high.min[axis]) }
}
