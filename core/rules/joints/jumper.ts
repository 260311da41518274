// Do the jumpers of the board say what is in the machine: its display, coprocessor, battery?
import { asking, plain, type Finding } from '../finding'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import { rule } from '../rule'
import { JOINED, every, joinedBy, type Joined } from '../../plan/situation'
import { MEANING, WRONG_JUMPER, type JumperJob, type JumperMeaning } from '../../standards/jumpers'
import { SOURCE } from '../../standards/sources'

type Jumper = NonNullable<Board['jumpers']>[number]

export interface AtWork {
  readonly board: ItemOf<Board>
  readonly jumper: Jumper
  readonly job: JumperJob
  /** What it has to say; null where that is not known. */
  readonly wanted: JumperMeaning | null
  /** What decides it, by id and name; null where nothing is there. */
  readonly by: { readonly id: string; readonly name: string } | null
}

export const jointsJumper = rule({
  id: 'joints/jumper',
  stage: 'joints',
  question: 'Do the jumpers of the board say which display, coprocessor and battery it has?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: s => jumpersAtWork(s),
  judge: work => (work.wanted === null ? sortAsked(work) : [standing(work, work.wanted)]),
})

/** Where it stands, as somebody saw it. */
const positionOf = ({ board, jumper }: AtWork) =>
  jumper.positions.find(p => p.pins === board.jumpers?.[jumper.label])

function about(work: AtWork) {
  const { board, jumper, by } = work
  const position = positionOf(work)
  return {
    rule: 'joints/jumper',
    stage: 'joints',
    about: [board.id],
    part: jumper.label,
    with: by ? [by.id] : [],
    because: [
      {
        fact: `${jumper.label} of the ${board.name}`,
        value: position?.means ?? '?',
        basis: position ? 'spec' : 'missing',
        source: 'as you entered it',
      },
    ],
  } as const
}

/** What is there does not say of which sort it is. */
function sortAsked(work: AtWork): readonly Finding[] {
  const { by, board, jumper } = work
  if (!by) return []
  const question = `Is the ${by.name} monochrome or colour?`
  const take = `Read it in its sheet, or at its socket: ${jumper.label} of the ${board.name} must say it.`
  return [asking(about(work), { item: by.id, path: 'display', question, take })]
}

function standing(work: AtWork, wanted: JumperMeaning): Finding {
  const { board, jumper, job } = work
  const [position, should] = [positionOf(work), settingOf(work)]
  const name = `${jumper.label} of the ${board.name}`
  const ask = { item: board.id, path: 'jumpers' }
  if (!position)
    return asking(about(work), {
      ...{ ...ask, jumper: jumper.label },
      question: `How does ${name} stand (${jumper.sets})?`,
      take: `Look, with the power off${should === null ? '' : `; it should stand so: ${should}`}.`,
    })
  if (should === null || position.is === undefined)
    return asking(about(work), {
      ...ask,
      question: `Which position of ${name} stands for ${MEANING[wanted]}?`,
      take: 'Read it in the board’s manual, and enter it with the part.',
    })
  if (position.is === wanted)
    return plain({ ...about(work), sentence: `${name} says ${MEANING[wanted]}` }, 'clear')
  const { costs, verdict } = WRONG_JUMPER[job]
  const sentence = `${name} says ${position.means}, and ${reason(work)}: ${costs}`
  return plain({ ...about(work), sentence, wayOut: `With the power off: ${should}.` }, verdict)
}

/** The jumpers of every board that something in the machine decides. */
export const jumpersAtWork = (s: Joined): readonly AtWork[] =>
  every(s, 'board').flatMap(board =>
    (board.part.jumpers ?? []).flatMap((jumper): AtWork[] => {
      const { job } = jumper
      const decided = job && DECIDED[job](s, board)
      return job && decided ? [{ board, jumper, job, ...decided }] : []
    }),
  )

/** The position that is right, of a jumper that something decides. */
const rightOf = ({ jumper, wanted }: Pick<AtWork, 'jumper' | 'wanted'>) =>
  jumper.positions.find(p => p.is !== undefined && p.is === wanted)

/** How it is to be set, in words; null where nobody knows. */
export function settingOf(work: AtWork): string | null {
  const right = rightOf(work)
  const { jumper, wanted } = work
  return right && wanted ? `${jumper.label} at ${right.pins}: ${MEANING[wanted]}` : null
}

const reason = ({ by, wanted }: AtWork): string => {
  const is = wanted === null ? '' : MEANING[wanted]
  return by ? `the ${by.name} wants ${is}` : `there is ${is}`
}

type Decided = Pick<AtWork, 'wanted' | 'by'> | null
/** What decides each, in a machine; null where nothing does yet. */
const DECIDED: Readonly<Record<JumperJob, (s: Joined, board: ItemOf<Board>) => Decided>> = {
  display(s, board) {
    const card = joinedBy(s, 'slot', 'card', 'board').find(
      j => j.socket.id === board.id && j.plug.part.does === 'graphics',
    )?.plug
    return card ? { wanted: card.part.display ?? null, by: card } : null
  },
  coprocessor(s, board) {
    const beside = joinedBy(s, 'coprocessor-socket', 'processor', 'board').find(
      j => j.socket.id === board.id,
    )?.plug
    return { wanted: beside ? 'present' : 'absent', by: beside ?? null }
  },
  battery(s, board) {
    const pack = joinedBy(s, 'battery', 'battery', 'board').find(
      j => j.socket.id === board.id,
    )?.plug
    return { wanted: pack ? 'external' : 'own', by: pack ?? null }
  },
}
