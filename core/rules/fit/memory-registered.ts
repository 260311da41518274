// Registered and plain modules: does the board run this kind, and are all of one kind?
import { plain } from '../finding'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { about, jointsOfKit, onBoard, type OnBoard } from './kits'

const ID = { rule: 'fit/memory-registered', stage: 'fit' } as const

export const memoryRegistered = rule({
  id: ID.rule,
  stage: ID.stage,
  question: 'Does the board run registered modules, or plain ones, whichever these are?',
  source: SOURCE.jedec,
  needs: JOINED,
  inputs: onBoard,
  judge: on => [...mixed(on), ...on.kits.flatMap(kit => ofKit(on, kit))],
})

/** Registered and plain side by side never run. */
function mixed(on: OnBoard) {
  const registered = on.kits.filter(k => k.part.buffered)
  const bare = on.kits.filter(k => !k.part.buffered)
  const [one, other] = [registered[0], bare[0]]
  if (!one || !other) return []
  const said = {
    ...ID,
    about: about(on),
    part: 'mixed',
    joints: on.joints.map(j => j.id),
    sentence: `The ${one.name} is registered and the ${other.name} is not: they do not run side by side`,
    wayOut: 'All modules of one kind.',
  }
  return [plain(said, 'stop')]
}

function ofKit(on: OnBoard, kit: OnBoard['kits'][number]) {
  const { board } = on
  const takes = board.part.memory.buffered ?? null
  const said = {
    ...ID,
    about: [kit.id, board.id],
    joints: jointsOfKit(on, kit),
    because: [
      {
        fact: `registered modules on the ${board.name}`,
        value: takes ?? '?',
        basis: takes ? 'spec' : 'missing',
        source: SOURCE.maker,
      },
    ],
  } as const
  if (kit.part.buffered && takes === null) {
    const question = `Does the ${board.name} run registered modules such as the ${kit.name}?`
    const take = 'Read its manual: boards for desktops never do.'
    const asks = [{ item: board.id, path: 'memory.buffered', question, take }]
    return [plain({ ...said, asks, sentence: question, wayOut: take }, 'measure')]
  }
  if (kit.part.buffered && takes === 'never')
    return [
      plain(
        {
          ...said,
          sentence: `The ${kit.name} is registered, and the ${board.name} never runs registered modules`,
          wayOut: 'Plain modules of the same generation.',
        },
        'stop',
      ),
    ]
  if (!kit.part.buffered && takes === 'only')
    return [
      plain(
        {
          ...said,
          sentence: `The ${board.name} runs registered modules only, and the ${kit.name} is plain`,
          wayOut: 'Registered modules of the same generation.',
        },
        'stop',
      ),
    ]
  if (takes === null) return []
  const kind = kit.part.buffered ? 'registered' : 'plain'
  return [plain({ ...said, sentence: `The ${board.name} runs ${kind} modules` }, 'clear')]
}
