// Does a plug that is larger than a hole on its way come apart?
import { passes } from '../../case/holes'
import type { Opening } from '../../case/layout'
import { connector, isMechanical, type Face } from '../../connectors/connectors'
import { capital, quantity } from '../../figures/format'
import { layout } from '../../plan/items'
import { leads } from '../../plan/leads'
import { SOURCE } from '../../standards/sources'
import { headOf } from '../../ways/heads'
import { plain } from '../finding'
import { rule } from '../rule'

export const plugHead = rule({
  id: 'routes/plug-head',
  stage: 'routes',
  question: 'Does a plug that is larger than a hole on its way come apart?',
  source: SOURCE.atx12v,
  needs: { leads, layout },
  inputs: s =>
    s.leads.flatMap(lead => {
      const { end } = lead.plug
      const apart = end.lead?.apart
      const through = lead.reach?.way.through ?? []
      const narrow = (s.layout?.openings ?? []).filter(
        o => through.includes(o.key) && !passes(o, end.face),
      )
      return apart && narrow.length > 0 ? [{ lead, apart, narrow }] : []
    }),
  judge({ lead, apart, narrow }) {
    const { end, item, ref } = lead.plug
    const [whole, piece] = [sizeOf(end.face), sizeOf(headOf(end))]
    const holes = narrow.map(said).join(' and the ')
    const about = {
      rule: 'routes/plug-head',
      stage: 'routes',
      about: [item],
      part: ref,
      joints: lead.joints.map(j => j.id),
      because: [
        { fact: 'the whole plug', value: whole, basis: 'standard', source: SOURCE.atx12v },
        { fact: 'its largest piece', value: piece, basis: 'standard', source: SOURCE.atx12v },
      ],
    } as const
    if (apart === 'stated')
      return [
        plain(
          { ...about, sentence: `${capital(lead.label)} goes piece by piece through the ${holes}` },
          'clear',
        ),
      ]
    return [
      plain(
        {
          ...about,
          sentence: `${capital(lead.label)} passes the ${holes} only if its plug comes apart`,
          wayOut:
            `Look at the plug: whole it is ${whole}, its largest piece ${piece}. ` +
            'Is it of one piece, its lead takes another hole.',
        },
        'measure',
      ),
    ]
  },
})

const said = ({ label, width, height }: Opening): string =>
  `${label} of ${quantity(width, 'mm')} by ${quantity(height, 'mm')}`

const sizeOf = (face: Face): string =>
  isMechanical(face)
    ? '?'
    : connector(face)
        .lead.head.map(mm => quantity(mm, 'mm'))
        .join(' by ')
