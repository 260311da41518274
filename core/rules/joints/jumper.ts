// Do the jumpers of the board say what is in the machine: its display, coprocessor, battery?
import { asking, plain } from '../finding'
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
  judge(work) {
    const { board, jumper, job, wanted, by } = work
    const { label } = jumper
    const stands = board.jumpers?.[label] ?? null
    const position = jumper.positions.find(p => p.pins === stands)
    const should = settingOf(work) ?? ''
    const said = {
      rule: 'joints/jumper',
      stage: 'joints',
      about: [board.id],
      part: label,
      with: by ? [by.id] : [],
      because: [
        {
          fact: `${label} of the ${board.name}`,
          value: position?.means ?? '?',
          basis: position ? 'spec' : 'missing',
          source: 'as you entered it',
        },
      ],
    } as const
    if (wanted === null)
      return by
        ? [
            asking(said, {
              ...{ item: by.id, path: 'display' },
              question: `Is the ${by.name} monochrome or colour?`,
              take: `Read it in its sheet, or at its socket: ${label} of the ${board.name} must say it.`,
            }),
          ]
        : []
    if (!position)
      return [
        asking(said, {
          ...{ item: board.id, path: 'jumpers' },
          question: `How does ${label} of the ${board.name} stand (${jumper.sets})?`,
          take: `Look, with the power off; it should stand so: ${should}.`,
        }),
      ]
    if (position.is === wanted)
      return [
        plain(
          { ...said, sentence: `${label} of the ${board.name} says ${MEANING[wanted]}` },
          'clear',
        ),
      ]
    return [
      plain(
        {
          ...said,
          sentence:
            `${label} of the ${board.name} says ${position.means}, and ${reason(work)}: ` +
            WRONG_JUMPER[job].costs,
          wayOut: `With the power off: ${should}.`,
        },
        WRONG_JUMPER[job].verdict,
      ),
    ]
  },
})

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
