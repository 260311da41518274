// For tests: what a practised assembler says of any order, a sentence each, looked up in the steps
// alone. None of it knows the program's own edges.
import type { Step, StepKind } from '../order/step'

type Steps = readonly Step[]
type Sentence = (steps: Steps) => readonly Step[]

/** Steps of some kinds that come before the last of others. */
const early =
  (kinds: readonly StepKind[], last: readonly StepKind[], isMeant = always): Sentence =>
  steps => {
    const until = steps.findLastIndex(s => last.includes(s.kind))
    return steps.filter((s, i) => kinds.includes(s.kind) && isMeant(s) && i < until)
  }
/** Steps of some kinds that come after the first of others. */
const late =
  (kinds: readonly StepKind[], first: readonly StepKind[], isMeant = always): Sentence =>
  steps => {
    const from = steps.findIndex(s => first.includes(s.kind))
    return from < 0 ? [] : steps.filter((s, i) => kinds.includes(s.kind) && isMeant(s) && i > from)
  }
const always = (_: Step): boolean => true
const isInside = (s: Step): boolean => s.pose !== 'table' && s.pose !== 'standing'
const isOnTable = (s: Step): boolean => s.pose === 'table'
const isLiquid = ({ manner }: Step): boolean => manner?.of === 'cooler' && manner.isLiquid

const JOINING: readonly StepKind[] = [
  ...(['board-in', 'supply-in', 'fan', 'radiator', 'drive', 'bracket', 'hub', 'strip'] as const),
  ...(['small-plug', 'panel', 'fan-plug', 'data-plug', 'card', 'power-plug'] as const),
]
const STARTS: readonly StepKind[] = ['bench-start', 'milestone', 'first-power']

/** Sentence → the steps that break it. */
export const SENTENCES: Readonly<Record<string, Sentence>> = {
  'the bench is ready before anything is touched': steps =>
    steps.filter((s, i) => s.kind === 'bench' && i > 0),
  'nothing is done inside a closed case': early(
    [...JOINING, 'lay-lead', 'covers'],
    ['panels-off'],
    isInside,
  ),
  'no lead is laid that hangs from no supply yet, or once the board is in': steps => [
    ...early(['lay-lead'], ['supply-in'])(steps),
    ...late(['lay-lead'], ['board-in'])(steps),
  ],
  'what finds no partner is settled before the first screw': late(
    ['open'],
    ['processor', 'memory', ...JOINING],
  ),
  'firmware that the processor needs comes before every start': late(['firmware'], STARTS),
  'covers come off once the board is in: before, no slot tells which': early(
    ['covers'],
    ['board-in'],
  ),
  'a card goes into a board that is in the case, its own covers off': steps => [
    ...early(['card'], ['board-in'])(steps),
    ...steps.filter(
      (s, i) =>
        s.kind === 'card' &&
        steps.some((c, j) => c.kind === 'covers' && c.items.at(-1) === s.items[0] && j > i),
    ),
  ],
  'what is done with the board on the table is done before it is in the case': late(
    ['processor', 'memory', 'm2', 'cooler', 'cooler-plug', 'data-plug', 'jumpers', 'firmware'],
    ['board-in'],
    isOnTable,
  ),
  'a cooler goes on a processor, its fan’s plug after it and before any start': steps => [
    ...early(['cooler'], ['processor'])(steps),
    ...early(
      ['cooler-plug'],
      ['cooler'],
      s => !isLiquid(s),
    )(steps).filter(plug =>
      steps.some(
        (c, i) => c.kind === 'cooler' && c.items[0] === plug.items[0] && i > steps.indexOf(plug),
      ),
    ),
    ...late(['cooler-plug'], STARTS, isOnTable)(steps),
    ...late(['cooler-plug'], ['first-power'])(steps),
  ],
  'a block that hangs on a radiator goes on in the case, after its radiator': steps => [
    ...early(['cooler'], ['board-in'], isLiquid)(steps),
    ...early(['cooler'], ['radiator'], isLiquid)(steps),
  ],
  'what lies under the board is there before it': late(
    ['standoffs', 'shield', 'bench-clear'],
    ['board-in'],
  ),
  'a hub is in its place before anything is plugged into it': steps =>
    steps.filter((s, i) =>
      s.joints.some(joint =>
        steps.some(
          (hub, j) => hub.kind === 'hub' && j > i && joint.includes(`~${hub.items[0] ?? ''}/`),
        ),
      ),
    ),
  'no start without board, processor, memory, cooler and power at the board': late(
    ['processor', 'memory', 'cooler'],
    STARTS,
  ),
  'all that is joined inside is joined before the first power-on': late(
    JOINING,
    ['first-power'],
    isInside,
  ),
  'leads are tied after the first start, the case is closed after that': steps => [
    ...early(['dress'], ['first-power'])(steps),
    ...early(['panels-on'], ['dress', 'first-power'])(steps),
  ],
  'what stands outside is plugged into a machine that stands': steps =>
    steps.filter(s => s.kind === 'outer-plug' && s.pose !== 'standing'),
  'a piece that is off goes on again after it came off': steps =>
    steps.filter(
      (s, i) =>
        s.kind === 'piece-on' &&
        steps.some((off, j) => off.kind === 'piece-off' && off.label === s.label && j > i),
    ),
  'the record is written last': steps =>
    steps.filter((s, i) => s.kind === 'record' && i < steps.length - 1),
  'every joint is made once': steps => {
    const joints = steps.flatMap(s => s.joints)
    return steps.filter(s => s.joints.some(j => joints.indexOf(j) !== joints.lastIndexOf(j)))
  },
}

/** What of the sentences an order breaks: the sentence, and the first step that does. */
export const brokenIn = (steps: Steps): readonly string[] =>
  Object.entries(SENTENCES).flatMap(([says, broken]) => {
    const [first] = broken(steps)
    return first ? [`${says}: ${first.title}`] : []
  })
