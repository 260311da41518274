// Does each loose plug sit on its pins as it comes?
import { JOINED } from '../../plan/situation'
import { plain } from '../finding'
import { capital } from '../../figures/format'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import { panelMeetings, pinsFor, widthOf } from '../../panel/block'

const WIDTH = 'panel/plug-width'

export const plugWidth = rule({
  id: WIDTH,
  stage: 'panel',
  question: 'Are the contacts of each loose plug as far apart as its pins?',
  source: SOURCE.panel,
  needs: JOINED,
  inputs: s => panelMeetings(s).filter(m => m.lead.face === 'panel-lead'),
  judge({ joint, lead, pc, board }) {
    const pins = pinsFor(board.part, lead.job ?? '')
    const wants = widthOf(pins)
    const wide = lead.wide ?? 2
    if (pins.length < 2) return []
    const said = {
      rule: WIDTH,
      stage: 'panel',
      about: [pc.id, board.id],
      part: lead.key,
      joints: [joint],
      because: [
        { fact: `${lead.label} plug`, value: `${wide} wide`, basis: 'spec', source: SOURCE.maker },
        {
          fact: `pins ${pins.map(p => p.pin).join(' and ')} on the ${board.name}`,
          value: `${wants} wide`,
          basis: 'spec',
          source: SOURCE.panel,
        },
      ],
    } as const
    if (wide === wants)
      return [
        plain(
          {
            ...said,
            sentence:
              `${capital(lead.label)} plug of the ${pc.name} sits on pins ` +
              `${pins.map(p => p.pin).join(' and ')} of the ${board.name}`,
          },
          'clear',
        ),
      ]
    return [
      plain(
        {
          ...said,
          sentence:
            `${capital(lead.label)} plug of the ${pc.name} is ${wide} wide, its pins on the ` +
            `${board.name} are ${wants}`,
          wayOut:
            'Lift the small tongue, move the minus contact ' +
            `${wide > wants ? 'to the middle' : 'to the outside'}; or two single jumper leads.`,
        },
        'watch',
      ),
    ]
  },
})
