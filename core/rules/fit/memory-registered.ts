// Registered and plain modules: does the board run this kind, and are all of one kind?
import { asking, plain, type Asked, type Because, type Finding } from '../finding'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { about, jointsOfKit, onBoard, type OnBoard } from './kits'

const ID = { rule: 'fit/memory-registered', stage: 'fit' } as const
type Kit = OnBoard['kits'][number]

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
function mixed(on: OnBoard): readonly Finding[] {
  const one = on.kits.find(k => k.part.buffered === true)
  const other = on.kits.find(k => k.part.buffered === false)
  const unsaid = on.kits.find(k => (k.part.buffered ?? null) === null)
  if (!one || !(other ?? unsaid)) return []
  const said = {
    ...ID,
    about: about(on),
    part: 'mixed',
    joints: on.joints.map(j => j.id),
    wayOut: 'All modules of one kind.',
  }
  if (other) {
    const sentence =
      `The ${one.name} is registered and the ${other.name} is not: ` +
      'they do not run side by side'
    return [plain({ ...said, sentence }, 'stop')]
  }
  return unsaid ? [asking(said, kitAsked(unsaid))] : []
}

type Kind = 'registered' | 'plain' | 'unsaid'
const kindOf = ({ part: { buffered } }: Kit): Kind => {
  if (buffered === true) return 'registered'
  return buffered === false ? 'plain' : 'unsaid'
}
/** What comes of which kind of module; of those of which nobody says it, most are plain. */
const COMES_OF = {
  never: { registered: 'stop', plain: 'clear', unsaid: 'clear' },
  only: { registered: 'clear', plain: 'stop', unsaid: 'ask' },
  either: { registered: 'clear', plain: 'clear', unsaid: 'clear' },
} as const

function ofKit(on: OnBoard, kit: Kit): readonly Finding[] {
  const { board } = on
  const [takes, kind] = [board.part.memory.buffered ?? null, kindOf(kit)]
  const said = {
    ...ID,
    about: [kit.id, board.id],
    joints: jointsOfKit(on, kit),
    because: [becauseOf(board.name, takes)],
  } as const
  if (takes === null) return kind === 'registered' ? [asking(said, boardAsked(on, kit))] : []
  const comes = COMES_OF[takes][kind]
  if (comes === 'ask') return [asking(said, kitAsked(kit))]
  if (comes === 'clear') {
    const runs = kind === 'registered' ? 'registered' : 'plain'
    const sentence = `The ${board.name} runs ${runs} modules`
    return [plain({ ...said, assumed: kind === 'unsaid', sentence }, 'clear')]
  }
  const [sentence, wayOut] =
    takes === 'never'
      ? [
          `The ${kit.name} is registered, and the ${board.name} never runs registered modules`,
          'Plain modules of the same generation.',
        ]
      : [
          `The ${board.name} runs registered modules only, and the ${kit.name} is plain`,
          'Registered modules of the same generation.',
        ]
  return [plain({ ...said, sentence, wayOut }, 'stop')]
}

const becauseOf = (board: string, takes: string | null): Because => ({
  fact: `registered modules on the ${board}`,
  value: takes ?? '?',
  basis: takes ? 'spec' : 'missing',
  source: SOURCE.maker,
})

const kitAsked = ({ id, name }: Kit): Asked => ({
  item: id,
  path: 'buffered',
  question: `Are the modules of the ${name} registered?`,
  take: 'Look at them: a registered module has a chip in its middle; its label says so.',
})
const boardAsked = ({ board: { id, name } }: OnBoard, kit: Kit): Asked => ({
  item: id,
  path: 'memory.buffered',
  question: `Does the ${name} run registered modules such as the ${kit.name}?`,
  take: 'Read its manual: boards for desktops never do.',
})
