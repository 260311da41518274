// Has a block plug over each pin what the board has there?
import { JOINED } from '../../plan/situation'
import { plain } from '../finding'
import { capital } from '../../figures/format'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import { jobOf } from '../../standards/panel'
import { arePinsAssumed, contactsOf, panelMeetings, pinsAsked } from '../../panel/block'

const MAP = 'panel/block-map'

export const blockMap = rule({
  id: MAP,
  stage: 'panel',
  question: 'Does a block plug have over each pin what the board has there?',
  source: SOURCE.panel,
  needs: JOINED,
  inputs: s => panelMeetings(s).filter(m => m.lead.face === 'panel-block'),
  judge({ joint, lead, pc, board }) {
    const contacts = contactsOf(lead)
    const isAssumed = arePinsAssumed(board.part) || lead.pins === undefined
    // A free pin takes anything; a contact without a job lies over anything.
    const wrong = (board.part.panel?.pins ?? []).flatMap(pin => {
      const over = contacts.find(c => c.row === pin.row && c.col === pin.col)?.does ?? 'free'
      const blocked = over === 'none' && pin.does !== 'none'
      const crossed = jobOf(over) !== null && over !== pin.does
      const missed = jobOf(over) === null && jobOf(pin.does) === 'power-switch'
      return blocked || crossed || missed ? [{ pin, over, blocked }] : []
    })
    const said = {
      rule: MAP,
      stage: 'panel',
      about: [pc.id, board.id],
      part: lead.key,
      joints: [joint],
      ...(arePinsAssumed(board.part) ? pinsAsked(board) : { assumed: isAssumed }),
      because: (wrong.length > 0 ? wrong.map(w => w.pin) : (board.part.panel?.pins ?? [])).map(
        pin => ({
          fact: `pin ${pin.pin} of the ${board.name}: ${pin.does}`,
          value: contacts.find(c => c.row === pin.row && c.col === pin.col)?.does ?? 'nothing',
          basis: isAssumed ? ('assumed' as const) : ('spec' as const),
          source: SOURCE.panel,
        }),
      ),
    } as const
    if (wrong.length === 0)
      return [
        plain(
          {
            ...said,
            sentence: `${capital(lead.label)} of the ${pc.name} fits the block of the ${board.name} pin for pin`,
          },
          isAssumed ? 'measure' : 'clear',
        ),
      ]
    const hard = wrong.some(
      w => w.blocked || jobOf(w.over) === 'power-switch' || jobOf(w.pin.does) === 'power-switch',
    )
    return [
      plain(
        {
          ...said,
          sentence:
            `${capital(lead.label)} of the ${pc.name} has other contacts than the ${board.name} ` +
            `at pin ${wrong.map(w => w.pin.pin).join(', ')}`,
          wayOut:
            'Lift the tongues and move the contacts by the panel drawing; or single jumper leads from plug to pins.',
        },
        isAssumed ? 'measure' : hardly(hard),
      ),
    ]
  },
})

const hardly = (hard: boolean) => (hard ? 'stop' : 'watch')
