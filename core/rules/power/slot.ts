// Does each card draw no more from its slot than the slot gives?
import { measured, plain } from '../finding'
import { fact, of } from '../../figures/quantity'
import { rule } from '../rule'
import { loads } from '../../plan/joints'
import { JOINED, joinedBy, socketIn } from '../../plan/situation'
import type { Card } from '../../parts/card-schema'
import { SOURCE } from '../../standards/sources'
import { isOldSlot, SLOT_SIZES, type SlotSize } from '../../standards/cards'
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
      const { size } = plug.part
      if (!slot || !size || isOldSlot(slot.size) || isOldSlot(size)) return []
      return [
        {
          joint,
          card: plug,
          gives: givenTo(plug.part, shorter(slot.size, size)),
          at: slot.label,
          loads: s.loads.filter(
            l => l.item === plug.id && l.feeds.some(f => f.joints[0] === joint.id),
          ),
        },
      ]
    }),
  judge({ joint, loads, card, gives, at }) {
    if (loads.length === 0) return []
    const said = {
      rule: 'power/slot',
      stage: 'power',
      about: [card.id, joint.items[1]],
      joints: [joint.id],
      sentence: `Power of the ${card.name} from ${at}`,
      wayOut: 'A longer slot, or a card with a plug of its own.',
    } as const
    const hasPlug = (card.part.power ?? []).some(p => p.need !== 'may')
    const isSilent = card.part.fromSlot === undefined || card.part.fromSlot === null
    // By the standard no card with a plug takes more from a long slot than the slot gives.
    if (hasPlug && isSilent && gives.watts === SLOT_POWER.graphics)
      return [plain({ ...said, because: [ceiling(gives)] }, 'clear', 'standard')]
    const have = { value: gives.watts, basis: 'standard', tol: 0 } as const
    return [
      measured({
        ...said,
        source: SOURCE.pcie,
        need: total(loads, 'worst'),
        have: of(fact(`slot:${gives.says}`, gives.says, 'W', have)),
      }),
    ]
  },
})

interface Gives {
  readonly watts: number
  readonly says: string
}

const ceiling = ({ watts, says }: Gives) =>
  ({
    fact: says,
    value: `${watts} W, and no card takes more`,
    basis: 'standard',
    source: SOURCE.pcie,
  }) as const

const shorter = (a: SlotSize, b: SlotSize): SlotSize =>
  SLOT_SIZES.indexOf(a) < SLOT_SIZES.indexOf(b) ? a : b

/** What a slot of this length gives a card once it is set up; a low card has less. */
function givenTo(card: Pick<Card, 'does' | 'profile'>, size: SlotSize): Gives {
  const isLow = card.profile === 'low'
  if (size === 'x1' && isLow)
    return { watts: SLOT_POWER.lowX1, says: 'what an x1 slot gives a low card' }
  if (size === 'x16' && card.does === 'graphics' && !isLow)
    return { watts: SLOT_POWER.graphics, says: 'what an x16 slot gives a graphics card' }
  return { watts: SLOT_POWER[size], says: `what an ${size} slot gives once it is set up` }
}
