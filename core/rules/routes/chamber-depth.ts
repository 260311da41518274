// Is the space behind the tray deep enough for what lies in it?
import { fact, of, type Leaf } from '../../figures/quantity'
import { stacksBehind, type Stack } from '../../laying/crossings'
import { items, layout } from '../../plan/items'
import { leads } from '../../plan/leads'
import { every } from '../../plan/situation'
import { LEADS_SOURCE } from '../../connectors/leads'
import { measured } from '../finding'
import { rule } from '../rule'
import { depthAt, whereBehind } from './depth'

/** Named choice: how far off a lead’s thickness may be, as a share of it. */
const UNSURE = 0.2

export const chamberDepth = rule({
  id: 'routes/chamber-depth',
  stage: 'routes',
  question: 'Is the space behind the tray deep enough for the leads that cross there?',
  source: LEADS_SOURCE,
  needs: { leads, items, layout },
  inputs: s => {
    const { layout: place } = s
    if (!place) return []
    const stacks = stacksBehind(s.leads, place.channels)
    return every(s, 'case').flatMap(pc =>
      stacks.map(stack => ({ pc, stack, behind: place.inner.behind })),
    )
  },
  judge({ pc, stack, behind }) {
    const { holder, leads } = stack
    const crossing = leads.map(l => l.label).join(' over the ')
    return [
      measured({
        rule: 'routes/chamber-depth',
        ...(holder === 'beside' ? {} : { part: `channel-${holder}` }),
        stage: 'routes',
        about: [pc.id],
        with: leads.flatMap(l => l.joints.flatMap(j => j.items)),
        joints: leads.flatMap(l => l.joints.map(j => j.id)),
        failing: 'watch',
        source: LEADS_SOURCE,
        sentence: `Room ${whereBehind(pc, holder)} for the ${crossing}`,
        wayOut: 'Lay them side by side, not one over the other: the panel presses on them.',
        need: of(thicknessIn(stack)),
        have: of(depthAt(pc, holder, { behind, needed: stack.thick })),
      }),
    ]
  },
})

const thicknessIn = ({ thick }: Stack): Leaf =>
  fact('thickest-behind', 'what lies there one over the other', 'mm', {
    value: thick,
    basis: 'assumed',
    tol: thick * UNSURE,
  })
