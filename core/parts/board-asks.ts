// What is not known of a board and decides what can be joined to it, in the order in which it is
// asked.
import { PLUG_FACES, REAR_FACES, type Face, type PlugFace } from '../connectors/connectors'
import { blank, isOpen, type Ask } from './ask'
import type { Board } from './board-schema'
import type { ItemOf } from './kind'

const IN_MANUAL = 'Read it in the board’s manual, or on the board beside it.'

export const boardAsks = (item: ItemOf<Board>): readonly Ask[] => [
  ...whatItIs(item),
  ...whatItHas(item),
]

/** What decides whether anything of it meets anything at all. */
const whatItIs = ({ part: p, name }: ItemOf<Board>): readonly Ask[] => [
  ...blank(p.form, 'form', ['tray'], {
    question: `Of which form is the ${name}?`,
    take: 'Measure it: 305 × 244 mm is ATX, 244 × 244 microATX, 170 × 170 Mini-ITX.',
  }),
  ...blank(p.processor.socket?.trim(), 'processor.socket', ['processor-socket', 'cooler-mount'], {
    question: `Which processor socket does the ${name} have?`,
    take: IN_MANUAL,
  }),
  ...blank(p.memory.type?.trim(), 'memory.type', ['memory-slot'], {
    question: `Which memory does the ${name} take?`,
    take: IN_MANUAL,
  }),
]

interface Lists {
  readonly path: string
  readonly list: readonly unknown[] | null | undefined
  readonly faces: readonly Face[]
  readonly asks: string
  readonly when: Ask['when']
  readonly take?: string
}

/** What is on it: each list that is not known, or not to its end. */
const whatItHas = ({ part: p, name }: ItemOf<Board>): readonly Ask[] =>
  listsOf(p).flatMap(({ path, list, faces, asks, when, take = IN_MANUAL }) =>
    isOpen(p, path, list)
      ? [{ path, faces, question: `Which ${asks} does the ${name} have?`, take, when }]
      : [],
  )

const listsOf = (p: Board): readonly Lists[] => [
  {
    ...{ path: 'memory.slots', list: p.memory.slots, faces: ['memory-slot'] },
    ...{ asks: 'memory slots', when: 'needed' },
  },
  {
    ...{ path: 'headers', list: p.headers, faces: headersNotTold(p) },
    ...{ asks: 'headers', when: 'always' },
  },
  { path: 'm2', list: p.m2, faces: ['m2-slot'], asks: 'M.2 sockets', when: 'needed' },
  { path: 'slots', list: p.slots, faces: ['slot'], asks: 'card slots', when: 'needed' },
  {
    ...{ path: 'rear', list: p.rear, faces: REAR_FACES, asks: 'sockets at the rear' },
    ...{ when: 'needed', take: 'Look at its rear edge.' },
  },
]

/** Headers of which neither is said how many there are nor that there is none. */
function headersNotTold(p: Board): readonly PlugFace[] {
  const told = new Set([
    ...(p.headers ?? []).filter(h => !h.assumed).map(h => h.face),
    ...(p.without ?? []),
  ])
  return PLUG_FACES.filter(face => !told.has(face))
}
