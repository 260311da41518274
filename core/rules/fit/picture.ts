// Will there be a picture? A processor that draws one, on a board with video sockets.
import type { PartOf } from '../../parts'
import type { ItemOf } from '../../parts/kind'
import { plain, type Because } from '../finding'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { unwanted } from '../../plan/chosen'
import { SOURCE } from '../../standards/sources'

export const fitPicture = rule({
  id: 'fit/picture',
  stage: 'fit',
  question: 'Does the machine draw a picture?',
  source: SOURCE.maker,
  needs: { ...JOINED, unwanted },
  inputs: s =>
    joinedBy(s, 'processor-socket', 'processor', 'board').map(({ joint, plug, socket }) => ({
      joint: joint.id,
      isHeadless: s.unwanted.includes('screen'),
      processor: plug,
      board: socket,
      cards: joinedBy(s, 'slot', 'card', 'board')
        .filter(j => j.socket.id === socket.id && j.plug.part.does === 'graphics')
        .map(j => j.plug),
    })),
  judge({ joint, isHeadless, processor, board, cards }) {
    const [card] = cards
    const answered = answerOf(processor, board, card)
    const { verdict, ...answer } =
      isHeadless && answered.verdict === 'stop' ? withoutScreen(answered) : answered
    const finding = {
      ...answer,
      rule: 'fit/picture',
      stage: 'fit',
      joints: [joint],
      about: [...(card ? [card.id] : []), processor.id, board.id],
      because: [
        draws(`${processor.name} draws a picture`, processor.part.picture ?? null),
        draws(`${board.name} has video sockets`, board.part.picture ?? null),
      ],
    } as const
    return [plain(finding, verdict)]
  },
})

type Own<K extends 'processor' | 'board' | 'card'> = ItemOf<PartOf[K]>

function answerOf(processor: Own<'processor'>, board: Own<'board'>, card?: Own<'card'>) {
  const [draws, shows] = [processor.part.picture ?? null, board.part.picture ?? null]
  const dead = `the video sockets of the ${board.name} stay dead`
  if (card) {
    const toCard = `The ${card.name} draws the picture: the monitor goes to the card`
    return {
      verdict: 'clear',
      sentence: shows === true && draws === false ? `${toCard}, ${dead}` : toCard,
    } as const
  }
  if (draws === false)
    return {
      verdict: 'stop',
      sentence: `The ${processor.name} draws no picture; ${dead}`,
      wayOut: 'A processor with graphics, or a graphics card.',
    } as const
  if (shows === false)
    return {
      verdict: 'stop',
      sentence: `The ${board.name} has no video socket for the picture of the ${processor.name}`,
      wayOut: 'A board with a video socket, or a graphics card.',
    } as const
  if (draws === null)
    return asked(processor, 'picture', `Does the ${processor.name} draw a picture?`)
  if (shows === null) return asked(board, 'picture', `Does the ${board.name} have a video socket?`)
  return {
    verdict: 'clear',
    sentence: `The ${processor.name} draws the picture; the monitor goes to the ${board.name}`,
  } as const
}

/** Meant to run by itself: what is missing is missed at set-up only. */
const withoutScreen = ({ sentence }: { readonly sentence: string }) =>
  ({
    verdict: 'watch',
    sentence: `${sentence}: it is meant to run without a screen`,
    wayOut:
      'For the set-up borrow a graphics card, and see whether the board starts without one; or ' +
      'set it up over the network.',
  }) as const

const draws = (who: string, does: boolean | null): Because => {
  const source = SOURCE.maker
  if (does === null) return { fact: who, value: '?', basis: 'missing', source }
  return { fact: who, value: does ? 'yes' : 'no', basis: 'spec', source }
}

const asked = ({ id }: { readonly id: string }, path: string, question: string) => {
  const take = 'Read it in its sheet; without one, a graphics card is needed.'
  return {
    verdict: 'measure',
    sentence: question,
    wayOut: take,
    asks: [{ item: id, path, question, take }],
  } as const
}
