// From joints to steps: what belongs in one go, and the tasks that make no joint.
import { taskId } from '../ids/ids'
import { specOf, type Item } from '../parts'
import { feeds, stepWith } from '../connectors/connectors'
import { cardsInCase, slotRows } from '../rules/fit/cards-in-case'
import { firmwares, flashTo } from '../rules/fit/firmware'
import { standoffPlan, standoffTask } from '../plan/standoffs'
import type { Joint, Outline } from '../joining/joint'
import { at } from '../collections/at'
import { groupBy } from '../collections/groups'
import { plainItems, ends } from '../plan/items'
import { frames, outlines, plugs, seats, unmet } from '../plan/joints'
import { every, joinedBy } from '../plan/situation'
import { stage, type ValuesOf } from '../pipeline/stage'
import { coveredBy } from './access'
import type { Habits } from './habits'
import type { Manner, PlannedStep, Pose, StepKind } from './step'

const under = stage('under', { seats, plugs, ends }, coveredBy)
/** What steps are made from. */
export const STEPS_FROM = {
  items: plainItems,
  outlines,
  seats,
  plugs,
  unmet,
  frames,
  under,
} as const
export type StepsFrom = ValuesOf<typeof STEPS_FROM>

/**
 * The steps of a plan as a build order wants them, in no order yet. Every joint is in exactly one.
 */
export function plannedSteps(s: StepsFrom, school: Habits): readonly PlannedStep[] {
  if (s.items.length === 0) return []
  const made = fromJoints(s)
  const stepOf = new Map(made.flatMap(step => step.joints.map(j => [j, step.id] as const)))
  const covers = [...s.under].flatMap(([seat, joints]) =>
    joints.map(j => [stepOf.get(j), stepOf.get(seat)] as const),
  )
  const under = (step: PlannedStep): readonly string[] => [
    ...new Set(
      covers.flatMap(([below, above]) => (below === step.id && above !== undefined ? [above] : [])),
    ),
  ]
  return [
    ...tasks(s),
    ...ofCards(s),
    ...ofSupply(s, school),
    ...onTable(s, school),
    ...made.map(step => ({ ...step, under: under(step) })),
    ...open(s),
  ]
}

const POSE_OF: Partial<Record<StepKind, Pose>> = {
  bench: 'table',
  processor: 'table',
  m2: 'table',
  memory: 'table',
  cooler: 'table',
  'cooler-plug': 'table',
  'bench-start': 'table',
  'bench-clear': 'table',
  'supply-cables': 'table',
  'lay-lead': 'behind',
  'first-power': 'standing',
  'panels-on': 'standing',
  record: 'standing',
}

/**
 * Joints that are made in one go share a step: a memory kit, the loose leads of the block, the two
 * ends of one lead.
 */
function groupOf(joint: Joint, kind: StepKind): string {
  if (kind === 'memory' || kind === 'data-plug') return `${kind}:${joint.items[0]}`
  if (kind === 'panel') return `panel:${joint.items[1]}`
  return `${kind}:${joint.id}`
}

/** What hangs from a case or a supply is told apart by its print; a fan's lead by its fan. */
const plugName = (item: Item, label: string): string =>
  item.part.kind === 'case' || item.part.kind === 'supply' || item.part.kind === 'adapter'
    ? label
    : `${label} of the ${item.name}`

/** A joint with what it joins, as a step is made of it. */
interface Joining {
  readonly joint: Joint
  readonly plugItem: Item
  readonly plug: Outline
  readonly socket: Outline
  readonly kind: StepKind
}

function fromJoints(s: StepsFrom): readonly PlannedStep[] {
  const groups = groupBy(
    [...s.seats, ...s.plugs].flatMap(joint => joiningOf(s, joint) ?? []),
    ({ joint, kind }) => groupOf(joint, kind),
  )
  return [...groups].map(([id, joinings]) => stepOf(s, id, joinings))
}

function joiningOf(s: StepsFrom, joint: Joint): Joining | null {
  const plug = s.outlines.get(joint.a)
  const socket = s.outlines.get(joint.b)
  const plugItem = s.items.find(i => i.id === joint.items[0])
  if (!plug || !socket || !plugItem) return null
  return { joint, plugItem, plug, socket, kind: kindOf(joint, plugItem) }
}

const isCoolerPlug = (joint: Joint, plugItem: Item): boolean =>
  plugItem.part.kind === 'cooler' && joint.kind === 'plug'

function kindOf(joint: Joint, plugItem: Item): StepKind {
  if (isCoolerPlug(joint, plugItem)) return 'cooler-plug'
  return stepWith(joint.face) ?? specOf(plugItem.part.kind).step ?? 'hub'
}

/** One step of joints that are made in one go; the first of them gives it its name. */
function stepOf(s: StepsFrom, id: string, joinings: readonly Joining[]): PlannedStep {
  const { joint, plugItem, plug, socket, kind } = at(joinings, 0)
  const name = (item: string): string => s.items.find(i => i.id === item)?.name ?? item
  /** The two ends of a lead are told by the part they go to; on the board the print says enough. */
  const placeOf = (j: Joining): string => {
    const onBoard = every(s, 'board').some(b => b.id === j.joint.items[1])
    return onBoard ? j.socket.label : `${j.socket.label} of the ${name(j.joint.items[1])}`
  }
  const isData = kind === 'data-plug'
  const plugged = isData ? plugItem.name : plugName(plugItem, plug.label)
  const first = isData ? placeOf(at(joinings, 0)) : socket.label
  const behind = joint.items.some(item => (s.frames.get(item)?.origin[2] ?? 0) < 0)
  return {
    id,
    kind,
    items: [...new Set(joinings.flatMap(j => j.joint.items))],
    joints: joinings.map(j => j.joint.id),
    marks: joinings.map(j => j.joint.id),
    demand: null,
    face: joint.face,
    what: joint.kind === 'plug' ? plugged : name(joint.items[0]),
    to: name(joint.items[1]),
    label: [first, ...joinings.slice(1).map(placeOf)].join(' and '),
    onBoard: !isCoolerPlug(joint, plugItem),
    details: joinings.map(j => `${j.plug.label} → ${j.socket.label}`),
    manner: mannerOf(plugItem),
    pose: POSE_OF[kind] ?? (behind ? 'behind' : 'lying'),
    under: [],
  }
}

/** What of a part decides how hands go about it: a cooler's fastening and paste, a drive's size. */
function mannerOf({ part: p }: Item): Manner | null {
  if (p.kind === 'cooler') return { of: 'cooler', fastening: p.fastening, paste: p.paste }
  return p.kind === 'drive' ? { of: 'drive', shape: p.shape } : null
}

const task = (kind: StepKind, about: Partial<PlannedStep> = {}): PlannedStep => ({
  id: taskId(kind),
  kind,
  items: [],
  joints: [],
  marks: [taskId(kind)],
  demand: null,
  face: null,
  what: '',
  to: '',
  label: '',
  onBoard: false,
  details: [],
  manner: null,
  pose: POSE_OF[kind] ?? 'lying',
  under: [],
  ...about,
})

/**
 * What is done besides joining: making ready, standoffs, the first power-on, closing, writing down.
 */
function tasks(s: StepsFrom): readonly PlannedStep[] {
  const [pc] = every(s, 'case')
  const list = [task('bench')]
  if (pc) list.push(task('panels-off', { items: [pc.id], what: pc.name }))
  for (const { plug: board, socket } of joinedBy(s, 'tray', 'board', 'case')) {
    const plan = standoffPlan(board, socket)
    if (plan.fit.length + plan.takeOut.length === 0) continue
    const details = [
      plan.takeOut.length > 0 ? `Take out ${plan.takeOut.join(', ')}.` : '',
      plan.keep.length > 0 ? `Keep ${plan.keep.join(', ')}.` : '',
      plan.fit.length > 0 ? `Fit ${plan.fit.join(', ')}.` : '',
    ].filter(Boolean)
    const id = standoffTask(board.id)
    list.push(
      task('standoffs', {
        id,
        marks: [id],
        items: [socket.id, board.id],
        what: board.name,
        to: socket.name,
        details,
      }),
    )
  }
  if (every(s, 'supply').length > 0 && every(s, 'board').length > 0) list.push(task('first-power'))
  if (pc)
    list.push(
      task('dress', { items: [pc.id], what: pc.name }),
      task('panels-on', { items: [pc.id], what: pc.name }),
    )
  return [...list, task('record')]
}

/** Covers off before each card, and firmware that has to be newer before the processor is seen. */
function ofCards(s: StepsFrom): readonly PlannedStep[] {
  const covers = cardsInCase(s).map(c => {
    const id = taskId('covers', c.card.id)
    return task('covers', {
      id,
      marks: [id],
      items: [c.pc.id, c.card.id],
      what: c.card.name,
      to: c.pc.name,
      label: slotRows(c).join(', '),
    })
  })
  const flashes = firmwares(s).flatMap(f => {
    const version = flashTo(f)
    const id = taskId('firmware', f.board.id)
    return version !== null && f.board.part.firmware?.flashes
      ? [
          task('firmware', {
            id,
            marks: [id],
            items: [f.board.id],
            what: f.board.name,
            label: version,
          }),
        ]
      : []
  })
  return [...covers, ...flashes]
}

/** A modular supply's cables, and the processor's lead where a school lays it early. */
function ofSupply(s: StepsFrom, school: Habits): readonly PlannedStep[] {
  return every(s, 'supply').flatMap(supply => {
    const cables = new Set(
      s.plugs.filter(j => j.items[0] === supply.id).map(j => s.outlines.get(j.a)?.chain ?? ''),
    )
    const lead = s.plugs.find(j => j.items[0] === supply.id && feeds(j.socketFace) === 'processor')
    const [plugId, layId] = [taskId('supply-cables', supply.id), taskId('lay-lead', supply.id)]
    return [
      ...(supply.part.modular !== 'fixed' && cables.size > 0
        ? [
            task('supply-cables', {
              id: plugId,
              marks: [plugId],
              items: [supply.id],
              what: supply.name,
              manner: { of: 'supply', modular: supply.part.modular },
              details: [...cables].map(c => `cable ${c}`),
            }),
          ]
        : []),
      ...(school.lead === 'early' && lead
        ? [
            task('lay-lead', {
              id: layId,
              marks: [layId],
              items: [supply.id],
              what: s.outlines.get(lead.a)?.label ?? '',
              to: supply.name,
              label: s.outlines.get(lead.b)?.label ?? '',
              manner: { of: 'supply', modular: supply.part.modular },
            }),
          ]
        : []),
    ]
  })
}

/**
 * The first start on the table with the least possible, and clearing up after it: joints that are
 * made twice.
 */
function onTable(s: StepsFrom, school: Habits): readonly PlannedStep[] {
  const [board] = every(s, 'board')
  if (
    school.proof !== 'on the table' ||
    !board ||
    every(s, 'supply').length === 0 ||
    every(s, 'processor').length === 0
  )
    return []
  const dark = !every(s, 'processor').some(p => p.part.picture)
  const needed = [
    ...s.seats.filter(j => j.face === 'slot' && dark && s.outlines.get(j.a)?.role === 'graphics'),
    ...s.plugs.filter(
      j =>
        feeds(j.socketFace) === 'board' ||
        feeds(j.socketFace) === 'processor' ||
        (dark && feeds(j.face) === 'card'),
    ),
  ]
  const details = needed.map(
    j => `${s.outlines.get(j.a)?.label ?? ''} → ${s.outlines.get(j.b)?.label ?? ''}`,
  )
  return (['bench-start', 'bench-clear'] as const).map(kind =>
    task(kind, { items: [board.id], what: board.name, details }),
  )
}

/**
 * Demands that found no partner stand in the order as open places: they are solved, left open, or
 * they stop.
 */
function open(s: StepsFrom): readonly PlannedStep[] {
  return s.unmet
    .filter(u => u.demand.need !== 'may')
    .map(u => {
      const name = s.items.find(i => i.id === u.demand.item)?.name ?? u.demand.item
      return task('open', {
        id: `open:${u.demand.id}`,
        marks: [],
        demand: u.demand.id,
        items: [u.demand.item],
        what: u.demand.label,
        to: name,
        details: u.reasons,
      })
    })
}
