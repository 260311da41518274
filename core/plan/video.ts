// Which of a board's video sockets show a picture: live, off until set, or dead.
import type { Item } from '../parts'
import type { EndOf } from '../joining/joint'
import { isMechanical, connector } from '../connectors/connectors'

/** What comes out of a board's own video sockets; null where nobody knows. */
export type BoardVideo = 'live' | 'off' | 'dead' | null

/**
 * Dead without a processor that draws a picture; off until set where a graphics card is in; live
 * otherwise.
 */
export function boardVideo(items: readonly Item[]): BoardVideo {
  const draws = items.flatMap(({ part }) =>
    part.kind === 'processor' && !part.coprocessor ? [part.picture ?? null] : [],
  )
  if (draws.length > 0 && draws.every(d => d === false)) return 'dead'
  if (items.some(i => i.part.kind === 'card' && i.part.does === 'graphics')) return 'off'
  return draws.includes(true) ? 'live' : null
}

/** Named choice: a socket that is off until set comes after all that show a picture at once. */
const LAST = 100

/** A board's ends as they are then: a dead one is never planned, one that is off comes last. */
export const withVideo = (
  item: Item,
  ends: readonly EndOf[],
  video: BoardVideo,
): readonly EndOf[] => {
  const { part } = item
  if (part.kind !== 'board' || (video !== 'dead' && video !== 'off')) return ends
  const own = new Set(part.rear?.filter(r => r.ofProcessor !== false).map(r => r.key))
  return ends.map(e => {
    const { face, key, rank } = e.end
    if (isMechanical(face) || connector(face).video !== true || !own.has(key)) return e
    return video === 'dead'
      ? { ...e, end: { ...e.end, marked: 'dead' } }
      : { ...e, end: { ...e.end, rank: rank + LAST } }
  })
}
