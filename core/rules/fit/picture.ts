// Will there be a picture? A processor that draws one, on a board with video sockets.
import type { PartOf } from '../../parts'
import type { ItemOf } from '../../parts/kind'
import { plain } from '../finding'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const fitPicture = rule({
  id: 'fit/picture',
  stage: 'fit',
  question: 'Does the machine draw a picture?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: s =>
    joinedBy(s, 'processor-socket', 'processor', 'board').map(({ joint, plug, socket }) => ({
      joint: joint.id,
      processor: plug,
      board: socket,
      cards: joinedBy(s, 'slot', 'card', 'board')
        .filter(j => j.socket.id === socket.id && j.plug.part.does === 'graphics')
        .map(j => j.plug),
    })),
  judge({ joint, processor, board, cards }) {
    const [card] = cards
    const draws = (who: string, does: boolean) =>
      ({ fact: who, value: does ? 'yes' : 'no', basis: 'spec', source: SOURCE.maker }) as const
    const { verdict, ...answer } = answerOf(processor, board, card)
    const finding = {
      ...answer,
      rule: 'fit/picture',
      stage: 'fit',
      joints: [joint],
      about: [...(card ? [card.id] : []), processor.id, board.id],
      because: [
        draws(`${processor.name} draws a picture`, processor.part.picture),
        draws(`${board.name} has video sockets`, board.part.picture),
      ],
    } as const
    return [plain(finding, verdict)]
  },
})

type Own<K extends 'processor' | 'board' | 'card'> = ItemOf<PartOf[K]>

function answerOf(processor: Own<'processor'>, board: Own<'board'>, card?: Own<'card'>) {
  const [draws, shows] = [processor.part.picture, board.part.picture]
  const dead = `the video sockets of the ${board.name} stay dead`
  if (card) {
    const toCard = `The ${card.name} draws the picture: the monitor goes to the card`
    return { verdict: 'clear', sentence: shows && !draws ? `${toCard}, ${dead}` : toCard } as const
  }
  if (!draws)
    return {
      verdict: 'stop',
      sentence: `The ${processor.name} draws no picture; ${dead}`,
      wayOut: 'A processor with graphics, or a graphics card.',
    } as const
  if (!shows)
    return {
      verdict: 'stop',
      sentence: `The ${board.name} has no video socket for the picture of the ${processor.name}`,
      wayOut: 'A board with a video socket, or a graphics card.',
    } as const
  return {
    verdict: 'clear',
    sentence: `The ${processor.name} draws the picture; the monitor goes to the ${board.name}`,
  } as const
}
