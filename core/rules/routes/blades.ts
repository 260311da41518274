// Does no lead hang before the blades of a fan?
import { wholeMm } from '../../figures/format'
import { fansIn, lengthBefore } from '../../laying/blades'
import type { LaidLead } from '../../laying/lay-lead'
import { names } from '../../plan/items'
import { solids } from '../../plan/joints'
import { leads } from '../../plan/leads'
import { SOURCE } from '../../standards/sources'
import { plain } from '../finding'
import { rule } from '../rule'

export const blades = rule({
  id: 'routes/blades',
  stage: 'routes',
  question: 'Does no lead hang before the blades of a fan?',
  source: SOURCE.practice,
  needs: { leads, solids, names },
  inputs: s =>
    fansIn(s.solids).map(fan => ({
      fan: fan.item,
      name: s.names.get(fan.item) ?? '',
      before: s.leads
        .map((lead): Before => ({ lead, mm: lengthBefore(fan, lead) }))
        .filter(({ mm }) => mm > 0),
    })),
  judge({ fan, name, before }) {
    const said = { rule: 'routes/blades', stage: 'routes', about: [fan] } as const
    if (before.length === 0)
      return [plain({ ...said, sentence: `No lead hangs before the ${name}` }, 'clear')]
    return [
      plain(
        {
          ...said,
          with: before.map(b => b.lead.plug.item),
          joints: before.flatMap(b => b.lead.joints.map(j => j.id)),
          sentence:
            before.length === 1
              ? `A lead hangs before the ${name}`
              : `${before.length} leads hang before the ${name}`,
          wayOut: 'Tie them down at the frame, or lead them round it: blades catch what is loose.',
          because: before.map(({ lead, mm }) => ({
            fact: lead.label,
            value: `${wholeMm(mm)} of its way`,
            basis: 'assumed',
            source: SOURCE.practice,
          })),
          assumed: true,
        },
        'watch',
      ),
    ]
  },
})

interface Before {
  readonly lead: LaidLead
  readonly mm: number
}
