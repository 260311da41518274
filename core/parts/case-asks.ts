// What is not known of a case and decides what can be joined to it: what hangs from its front is asked
// first of all.
import { facesOn, type Face } from '../connectors/connectors'
import { blank, isOpen, type Ask } from './ask'
import type { Case } from './case-schema'
import type { ItemOf } from './kind'

export const caseAsks = (item: ItemOf<Case>): readonly Ask[] => [
  ...frontOf(item),
  ...whatItTakes(item),
  ...placesIn(item),
]

function frontOf({ part: p, name }: ItemOf<Case>): readonly Ask[] {
  if (!isOpen(p, 'leads', p.leads)) return []
  const stated = new Set((p.leads ?? []).filter(l => !l.assumed).map(l => l.face))
  return [
    {
      path: 'leads',
      faces: facesOn('case').filter(face => !stated.has(face)),
      question:
        `How many USB and sound sockets does the front of the ${name} have, and which plugs hang ` +
        'from them?',
      take: 'Look at the front, and at the ends of the leads inside.',
      when: 'always',
    },
  ]
}

const whatItTakes = ({ part: p, name }: ItemOf<Case>): readonly Ask[] => [
  ...blank(p.boards, 'boards', ['tray'], {
    question: `Which boards does the ${name} take?`,
    take: 'Read it in its sheet.',
  }),
  ...blank(p.supply.forms, 'supply.forms', ['supply-place'], {
    question: `Which form of power supply does the ${name} take?`,
    take: 'Measure the opening: 150 × 86 mm is for ATX.',
  }),
]

interface Places {
  readonly path: string
  readonly list: readonly unknown[] | null | undefined
  readonly face: Face
  readonly question: string
  readonly take: string
}

const placesIn = ({ part: p, name }: ItemOf<Case>): readonly Ask[] =>
  placesOf(p, name).flatMap(({ path, list, face, question, take }) =>
    isOpen(p, path, list) ? [{ path, faces: [face], question, take, when: 'needed' }] : [],
  )

const placesOf = (p: Case, name: string): readonly Places[] => [
  {
    ...{ path: 'bays', list: p.bays, face: 'bay', take: 'Count them, by size.' },
    question: `Which drive bays does the ${name} have?`,
  },
  {
    ...{ path: 'fans', list: p.fans, face: 'fan-place', take: 'Count them, by wall and size.' },
    question: `Which fan places does the ${name} have?`,
  },
  {
    ...{ path: 'radiators', list: p.radiators, face: 'radiator-place' },
    question: `Which radiators does the ${name} take, and where?`,
    take: 'Read it in its sheet, or measure the wall: length, width and room in front of it.',
  },
  {
    path: 'slots',
    list: p.slots === undefined ? null : [],
    face: 'rear-cover',
    question: `How many slot covers does the ${name} have at the rear?`,
    take: 'Count them.',
  },
]
