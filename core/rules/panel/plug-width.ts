// Does each loose plug sit on its pins as it comes?
import { JOINED } from '../../plan/situation'
import { plain, type Because } from '../finding'
import { capital } from '../../figures/format'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import {
  arePinsAssumed,
  panelMeetings,
  pinsAsked,
  pinsFor,
  widthOf,
  type PanelMeeting,
} from '../../panel/block'

const WIDTH = 'panel/plug-width'

/** Named choice: a plug of which nobody says how wide it is has two contacts side by side. */
const USUAL_WIDTH = 2

export const plugWidth = rule({
  id: WIDTH,
  stage: 'panel',
  question: 'Are the contacts of each loose plug as far apart as its pins?',
  source: SOURCE.panel,
  needs: JOINED,
  inputs: s => panelMeetings(s).filter(m => m.lead.face === 'panel-lead'),
  judge(meeting) {
    const { joint, lead, pc, board } = meeting
    const pins = pinsFor(board.part, lead.job ?? '')
    if (pins.length < 2) return []
    const [wants, wide] = [widthOf(pins), lead.wide ?? USUAL_WIDTH]
    const said = {
      rule: WIDTH,
      stage: 'panel',
      about: [pc.id, board.id],
      part: lead.key,
      joints: [joint],
      because: reasons(meeting, { wants, wide }),
      ...(arePinsAssumed(board.part) ? pinsAsked(board) : {}),
    } as const
    const numbers = pins.map(p => p.pin).join(' and ')
    const sits = `${capital(lead.label)} plug of the ${pc.name} sits on pins ${numbers} of the ${board.name}`
    if (isOpen(meeting)) return [plain({ ...said, sentence: sits, wayOut: LOOK }, 'measure')]
    if (wide === wants) return [plain({ ...said, sentence: sits }, 'clear')]
    return [
      plain(
        {
          ...said,
          sentence:
            `${capital(lead.label)} plug of the ${pc.name} is a ${wide}-pin plug, its ` +
            `pins on the ${board.name} take a ${wants}-pin one`,
          wayOut:
            'Lift the small tongue, move the minus contact ' +
            `${wide > wants ? 'to the middle' : 'to the outside'}; or two single jumper leads.`,
        },
        'watch',
      ),
    ]
  },
})

/** Whether it is not known which pins they are, or how wide the plug of a light is. */
const isOpen = ({ lead, board }: PanelMeeting): boolean =>
  arePinsAssumed(board.part) || (lead.wide === undefined && (lead.job ?? '').endsWith('light'))

function reasons(
  { lead, board }: PanelMeeting,
  { wants, wide }: { readonly wants: number; readonly wide: number },
): readonly Because[] {
  const pins = pinsFor(board.part, lead.job ?? '').map(p => p.pin)
  return [
    {
      fact: `${lead.label} plug`,
      value: `${wide} wide`,
      basis: lead.wide === undefined ? 'assumed' : 'spec',
      source: SOURCE.maker,
    },
    {
      fact: `pins ${pins.join(' and ')} on the ${board.name}`,
      value: `${wants} wide`,
      basis: arePinsAssumed(board.part) ? 'assumed' : 'spec',
      source: SOURCE.panel,
    },
  ]
}

const LOOK =
  'Read the print beside the block, and look whether the plug is two or three contacts wide, ' +
  'before you push it on.'
