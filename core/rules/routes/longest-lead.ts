// Is a data lead no longer than its standard allows?
import { connector } from '../../connectors/connectors'
import { fact, of } from '../../figures/quantity'
import { isKind } from '../../parts'
import { lead as leadKind } from '../../parts/lead'
import { items } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { measured } from '../finding'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

export const longestLead = rule({
  id: 'routes/longest-lead',
  stage: 'routes',
  question: 'Is a data lead no longer than its standard allows?',
  source: SOURCE.sata,
  needs: { items, plugs },
  inputs: s =>
    s.items.filter(isKind('lead')).flatMap(lead => {
      const longest = lead.part.face ? connector(lead.part.face).longest : undefined
      const joints = s.plugs.filter(j => j.items[0] === lead.id).map(j => j.id)
      return longest === undefined || joints.length === 0 ? [] : [{ lead, longest, joints }]
    }),
  judge({ lead, longest, joints }) {
    const { name, source } = connector(lead.part.face ?? 'sata-data')
    const most = fact(`longest:${lead.part.face ?? ''}`, `longest ${name} lead`, 'mm', {
      value: longest,
      basis: 'standard',
      tol: 0,
    })
    return [
      measured({
        rule: 'routes/longest-lead',
        stage: 'routes',
        about: [lead.id],
        joints,
        failing: 'watch',
        source,
        sentence: `Length of the ${lead.name}, by the standard of its plug`,
        wayOut: 'A shorter one: beyond it errors come and go.',
        need: of(leadKind.leaf(lead, 'length')),
        have: of(most),
      }),
    ]
  },
})
