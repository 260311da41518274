// Is each lead long enough for its way?
import { layout } from '../../plan/items'
import { leads } from '../../plan/leads'
import type { Layout } from '../../case/layout'
import type { Reach } from '../../ways/reach'
import { openingLabel } from '../../ways/way'
import { measured, plain, type Because } from '../finding'
import { rule } from '../rule'
import { SLACK } from '../../connectors/leads'
import { capital, quantity } from '../../figures/format'
import { toleranceOf, valueOf, type Sum } from '../../figures/quantity'
import { SOURCE } from '../../standards/sources'

const ID = 'routes/lead-length'

export const leadLength = rule({
  id: ID,
  stage: 'routes',
  question: 'Is each lead long enough for its way?',
  source: SOURCE.practice,
  needs: { leads, layout },
  inputs: s =>
    s.leads.map(lead => ({
      lead,
      isDerived: s.layout?.assumed ?? true,
      openings: lead.next ? (s.layout?.openings ?? []) : [],
    })),
  judge({ lead, isDerived, openings }) {
    const said = {
      rule: ID,
      stage: 'routes',
      about: [...new Set(lead.joints.flatMap(j => j.items))],
      part: lead.plug.ref,
      joints: lead.joints.map(j => j.id),
      sentence: `${capital(lead.label)} to ${lead.to}`,
    } as const
    if (lead.noWay)
      return [
        plain(
          {
            ...said,
            sentence: `${said.sentence}: no hole ${isDerived ? 'is known to lead' : 'leads'} there`,
            wayOut: 'Another hole, or another place for the part.',
            assumed: isDerived,
          },
          isDerived ? 'measure' : 'stop',
        ),
      ]
    if (!lead.reach) return []
    if (lead.reach.isBlocked)
      return [
        plain(
          {
            ...said,
            sentence: `${said.sentence}: what stands there leaves no way that is known`,
            wayOut:
              'Try whether it passes; else another hole, or another place for what stands there.',
            assumed: true,
          },
          'measure',
        ),
      ]
    const points = lead.reach.way.points
    const [from, to] = [points[0], points.at(-1)]
    return [
      measured({
        ...said,
        source: SOURCE.practice,
        wayOut: 'A longer lead or an extension, another hole, or another port.',
        ...stringAlong(lead.length),
        because: lead.next ? [nextWay(lead.next, openings)] : [],
        need: lead.reach.need,
        have: lead.length,
        where: from && to ? { from, to } : null,
      }),
    ]
  },
})

/** Where else it could go, were it longer. */
const nextWay = ({ way, need }: Reach, openings: Layout['openings']): Because => ({
  fact:
    way.through.length === 0
      ? 'next best way, through no hole'
      : `next best way, through the ${way.through.map(key => openingLabel(openings, key)).join(', then the ')}`,
  value: `needs ${quantity(Math.round(valueOf(need) ?? 0), 'mm')}`,
  basis: 'assumed',
  source: SOURCE.practice,
})

/** A way that was worked out is tried with a string, where the lead's own length settles nothing. */
function stringAlong(length: Sum): { readonly trial?: string } {
  const have = valueOf(length)
  if (have === null) return {}
  const most = Math.floor(have - toleranceOf(length) - SLACK.mm)
  return {
    trial: `Lay a string along its way, from end to end: the lead reaches if that is at most ${quantity(most, 'mm')}.`,
  }
}
