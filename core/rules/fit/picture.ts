// Will there be a picture? A processor that draws one, on a board with video sockets.
import { plain } from '../finding'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const picture = rule({
  id: 'fit/picture',
  stage: 'fit',
  asks: 'Does the machine draw a picture?',
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
    const said = {
      rule: 'fit/picture',
      stage: 'fit',
      about: [...(card ? [card.id] : []), processor.id, board.id],
      joints: [joint],
    } as const
    const because = [
      {
        fact: `${processor.name} draws a picture`,
        value: processor.part.picture ? 'yes' : 'no',
        basis: 'spec',
        source: SOURCE.maker,
      },
      {
        fact: `${board.name} has video sockets`,
        value: board.part.picture ? 'yes' : 'no',
        basis: 'spec',
        source: SOURCE.maker,
      },
    ] as const
    if (card)
      return [
        plain(
          {
            ...said,
            because,
            sentence: `The ${card.name} draws the picture: the monitor goes to the card${board.part.picture && !processor.part.picture ? `, the video sockets of the ${board.name} stay dead` : ''}`,
          },
          'clear',
        ),
      ]
    if (processor.part.picture && board.part.picture)
      return [
        plain(
          {
            ...said,
            because,
            sentence: `The ${processor.name} draws the picture; the monitor goes to the ${board.name}`,
          },
          'clear',
        ),
      ]
    return [
      plain(
        {
          ...said,
          because,
          sentence: processor.part.picture
            ? `The ${board.name} has no video socket for the picture of the ${processor.name}`
            : `The ${processor.name} draws no picture; the video sockets of the ${board.name} stay dead`,
          wayOut: processor.part.picture
            ? 'A board with a video socket, or a graphics card.'
            : 'A processor with graphics, or a graphics card.',
        },
        'stop',
      ),
    ]
  },
})
