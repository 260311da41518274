// Does each card draw no more from its slot than the slot gives?
import { measured } from '../finding'
import { fact, of } from '../../figures/quantity'
import { rule } from '../rule'
import { loads } from '../../plan/joints'
import { JOINED, joinedBy, socketIn } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { isOldSlot, SLOT_SIZES } from '../../standards/cards'
import { SLOT_POWER } from '../../standards/draws'
import { total } from '../../power/sizing'

export const powerSlot = rule({
  id: 'power/slot',
  stage: 'power',
  question: 'Does each card draw no more from its slot than the slot gives?',
  source: SOURCE.pcie,
  needs: { ...JOINED, loads },
  inputs: s =>
    joinedBy(s, 'slot', 'card', 'board').flatMap(({ joint, plug, socket }) => {
      const slot = socketIn(joint, 'slots', socket.part.slots)
      if (!slot || isOldSlot(slot.size) || isOldSlot(plug.part.size)) return []
      const size =
        SLOT_SIZES.indexOf(slot.size) < SLOT_SIZES.indexOf(plug.part.size)
          ? slot.size
          : plug.part.size
      return [
        {
          joint,
          card: plug,
          size,
          at: slot.label,
          loads: s.loads.filter(
            l => l.item === plug.id && l.feeds.some(f => f.joints[0] === joint.id),
          ),
        },
      ]
    }),
  judge({ joint, loads, card, size, at }) {
    if (loads.length === 0) return []
    return [
      measured({
        rule: 'power/slot',
        stage: 'power',
        about: [card.id, joint.items[1]],
        joints: [joint.id],
        source: SOURCE.pcie,
        sentence: `Power of the ${card.name} from ${at}`,
        wayOut: 'A longer slot, or a card with a plug of its own.',
        need: total(loads, 'worst'),
        have: of(
          fact(`slot:${size}`, `what an ${size} slot gives once it is set up`, 'W', {
            value: Math.max(SLOT_POWER[size], CONFIGURED),
            basis: 'standard',
            tol: 0,
          }),
        ),
      }),
    ]
  },
})

/** What a short slot gives once the system has set it up, W. */
const CONFIGURED = SLOT_POWER.x4
