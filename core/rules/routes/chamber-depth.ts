// Is the space behind the tray deep enough for what lies in it?
import { fact, of } from '../../figures/quantity'
import { usual } from '../../figures/units'
import { thickestBehind } from '../../laying/crossings'
import { pcCase } from '../../parts/case'
import { items, layout } from '../../plan/items'
import { leads } from '../../plan/joints'
import { every } from '../../plan/situation'
import { LEADS_SOURCE } from '../../connectors/leads'
import { measured } from '../finding'
import { rule } from '../rule'

/** Named choices: how far a lead's thickness, and a depth that nobody states, may be off. */
const UNSURE = { lead: 0.2, depth: 8 } as const

export const chamberDepth = rule({
  id: 'routes/chamber-depth',
  stage: 'routes',
  question: 'Is the space behind the tray deep enough for the leads that cross there?',
  source: LEADS_SOURCE,
  needs: { leads, items, layout },
  inputs: s => {
    const thickest = thickestBehind(s.leads)
    const inner = s.layout?.inner
    return thickest && inner
      ? every(s, 'case').map(pc => ({ pc, thickest, depth: inner.behind }))
      : []
  },
  judge({ pc, thickest: { leads, thick }, depth }) {
    const crossing = leads.map(l => l.label).join(' over the ')
    const need = fact('thickest-behind', 'what lies there one over the other', 'mm', {
      value: thick,
      basis: 'assumed',
      tol: thick * UNSURE.lead,
    })
    return [
      measured({
        rule: 'routes/chamber-depth',
        stage: 'routes',
        about: [pc.id],
        with: leads.flatMap(l => l.joints.flatMap(j => j.items)),
        joints: leads.flatMap(l => l.joints.map(j => j.id)),
        failing: 'watch',
        source: LEADS_SOURCE,
        sentence: `Room behind the tray of the ${pc.name} for the ${crossing}`,
        wayOut: 'Lay them side by side, not one over the other: the panel presses on them.',
        need: of(need),
        have: of(pcCase.leaf(pc, 'inner.behind', usual(depth, 'mm', UNSURE.depth))),
      }),
    ]
  },
})
