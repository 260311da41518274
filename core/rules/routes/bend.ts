// Is there depth behind the tray for the bend of a lead that turns back there?
import { groupBy } from '../../collections/groups'
import { fact, of, plus } from '../../figures/quantity'
import { LEADS_SOURCE } from '../../connectors/leads'
import { turningBack } from '../../laying/turning-back'
import { items, layout } from '../../plan/items'
import { leads } from '../../plan/leads'
import { every } from '../../plan/situation'
import { thicknessOf } from '../../ways/heads'
import { measured } from '../finding'
import { rule } from '../rule'
import { depthAt, whereBehind } from './depth'

/** Named choice: how far off what is usual of a lead’s bend may be, as a share of it. */
const UNSURE = 0.3

export const bend = rule({
  id: 'routes/bend',
  stage: 'routes',
  question: 'Is there depth behind the tray for the bend of a lead that turns back there?',
  source: LEADS_SOURCE,
  needs: { leads, items, layout },
  inputs: s => {
    const { layout: place } = s
    if (!place) return []
    // Of those at one place the one that asks for most: what holds it holds the others.
    const turning = [...turningBack(s.leads, place.channels)].sort((a, b) => b.bend - a.bend)
    const most = [...groupBy(turning, t => t.holder).values()].flatMap(([first]) => first ?? [])
    return every(s, 'case').flatMap(pc =>
      most.map(one => ({ pc, most: one, behind: place.inner.behind })),
    )
  },
  judge({ pc, most: { lead, bend: radius, holder, at }, behind }) {
    const half = thicknessOf(lead.plug.end.face) / 2
    const about = (key: string, label: string, value: number) =>
      of(fact(key, label, 'mm', { value, basis: 'assumed', tol: value * UNSURE }))
    return [
      measured({
        rule: 'routes/bend',
        ...(holder === 'beside' ? {} : { part: `channel-${holder}` }),
        stage: 'routes',
        about: [pc.id],
        with: lead.joints.flatMap(j => j.items),
        joints: lead.joints.map(j => j.id),
        failing: 'watch',
        source: LEADS_SOURCE,
        sentence: `Room ${whereBehind(pc, holder)} for the ${lead.label} to turn back`,
        wayOut:
          'Lead it through a hole from where it goes on the way it came, or at a slant: bent ' +
          'sharper it springs against the panel and its pairs are pressed.',
        where: { from: at, to: [at[0], at[1], at[2] - radius] },
        need: plus(
          about('bend', 'the least radius of such a lead', radius),
          about('bend-half', 'half of its thickness', half),
        ),
        have: of(depthAt(pc, holder, { behind, needed: radius + half })),
      }),
    ]
  },
})
