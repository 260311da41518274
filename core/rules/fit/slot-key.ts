// Do the notches of an old card and the bar of its slot stand for one voltage?
import { asking, plain, type Asked } from '../finding'
import { rule } from '../rule'
import { JOINED, joinedBy, socketIn } from '../../plan/situation'
import { SLOT_VOLTS } from '../../standards/cards'
import { SOURCE } from '../../standards/sources'

export const slotKey = rule({
  id: 'fit/slot-key',
  stage: 'fit',
  question: 'Do a card’s notches let it into a slot of that voltage?',
  source: SOURCE.pci,
  needs: JOINED,
  inputs: s =>
    joinedBy(s, 'slot', 'card', 'board').flatMap(({ joint, plug, socket }) => {
      const slot = socketIn(joint, 'slots', socket.part.slots)
      const volts = slot && SLOT_VOLTS[slot.size]
      if (!slot || !volts) return []
      return [
        {
          ...{ joint: joint.id, volts: volts.join(' or '), at: slot.label },
          card: { id: plug.id, name: plug.name, keyed: plug.part.keyed ?? null },
          board: { id: socket.id, name: socket.name, keyed: slot.keyed ?? null },
          path: `slots.${joint.members[1]?.index ?? 0}.keyed`,
        },
      ]
    }),
  judge({ joint, volts, at, card, board, path }) {
    const said = {
      rule: 'fit/slot-key',
      stage: 'fit',
      about: [card.id, board.id],
      joints: [joint],
    } as const
    const take = 'Hold the card over the slot: each bar of the slot needs a notch over it.'
    const asks: readonly Asked[] = [
      ...(card.keyed
        ? []
        : [
            {
              item: card.id,
              path: 'keyed',
              question: `For which voltage is the ${card.name} notched: ${volts}?`,
              take,
            },
          ]),
      ...(board.keyed
        ? []
        : [
            {
              item: board.id,
              path,
              question: `Of which voltage is ${at} of the ${board.name}: ${volts}?`,
              take,
            },
          ]),
    ]
    const [first] = asks
    if (first) return [asking(said, first)]
    // Another voltage is another shape: then it was not joined at all.
    return [
      plain(
        {
          ...said,
          sentence: `The notches of the ${card.name} (${card.keyed?.join(', ') ?? ''}) fit the bar of ${at}`,
          because: [
            {
              fact: card.name,
              value: card.keyed?.join(', ') ?? '',
              basis: 'spec',
              source: SOURCE.maker,
            },
            { fact: at, value: board.keyed?.join(', ') ?? '', basis: 'spec', source: SOURCE.maker },
          ],
        },
        'clear',
      ),
    ]
  },
})
