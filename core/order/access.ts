// What lies under a seated card: plugs whose socket the hand no longer reaches once the card is in.
import { boxOf } from '../joining/cover'
import type { Situation } from '../plan/situation'

/** Named choice: how far around a card's body fingers find no room, mm. */
const FINGERS = 8

/** For each joint of a card in a slot, the joints whose socket on the same board lies under it. */
export function coveredBy(
  s: Pick<Situation, 'seats' | 'plugs' | 'ends'>,
): ReadonlyMap<string, readonly string[]> {
  return new Map(
    s.seats
      .filter(j => j.face === 'slot')
      .map(seat => {
        const [card, slot] = [s.ends.get(seat.a), s.ends.get(seat.b)]
        const box = card && slot ? boxOf(card, slot) : null
        const under = box
          ? s.plugs.filter(j => {
              const at = j.items[1] === seat.items[1] ? s.ends.get(j.b)?.end.at : null
              return (
                at &&
                at[0] >= box.min[0] &&
                at[0] <= box.max[0] + FINGERS &&
                at[1] >= box.min[1] - FINGERS &&
                at[1] <= box.max[1] + FINGERS
              )
            })
          : []
        return [seat.id, under.map(j => j.id)]
      }),
  )
}
