// The steps that join: what is made in one go shares a step.
import { at } from '../../collections/at'
import { groupBy } from '../../collections/groups'
import { stepWith } from '../../connectors/connectors'
import type { Joint, Outline } from '../../joining/joint'
import { specOf, type Item, type PartKind } from '../../parts'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import { leadSayings } from '../../panel/block'
import { every, socketIn } from '../../plan/situation'
import type { PlannedStep, StepKind } from '../step'
import type { StepsFrom } from './from'
import { mannerOf } from './manner'
import { POSE_OF } from './task'

/**
 * Joints that are made in one go share a step: a memory kit, the loose leads of the block, the two
 * ends of one lead. A port that opens to the board's side is plugged by itself, with the board on
 * the table.
 */
function groupOf({ joint, kind, onTable }: Joining): string {
  const { items, id } = joint
  if (kind === 'data-plug' && onTable) return `${kind}:${items[0]}:port`
  if (kind === 'memory' || kind === 'data-plug') return `${kind}:${items[0]}`
  if (kind === 'panel') return `panel:${items[1]}`
  return `${kind}:${id}`
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
  /** Whether it is done before the board goes into the case. */
  readonly onTable: boolean
}

/** Every joint is in exactly one of these. */
export function joinedSteps(s: StepsFrom): readonly PlannedStep[] {
  const groups = groupBy(
    [...s.seats, ...s.plugs].flatMap(joint => joiningOf(s, joint) ?? []),
    groupOf,
  )
  return [...groups].map(([id, joinings]) => stepOf(s, id, joinings))
}

function joiningOf(s: StepsFrom, joint: Joint): Joining | null {
  const plug = s.outlines.get(joint.a)
  const socket = s.outlines.get(joint.b)
  const plugItem = s.items.find(i => i.id === joint.items[0])
  if (!plug || !socket || !plugItem) return null
  const board = every(s, 'board').find(b => b.id === joint.items[1])
  const kind = kindOf(joint, plugItem, board !== undefined)
  return { joint, plugItem, plug, socket, kind, onTable: isOnTable(joint, plugItem, board) }
}

/** A cooler and its plugs, unless they hang on a radiator; a loose lead into a port that opens sideways. */
function isOnTable(joint: Joint, { part }: Item, board: ItemOf<Board> | undefined): boolean {
  if (!board) return false
  if (part.kind === 'cooler') return !part.liquid
  return part.kind === 'lead' && socketIn(joint, 'headers', board.part.headers)?.points === 'side'
}

const isCoolerPlug = (joint: Joint, plugItem: Item): boolean =>
  plugItem.part.kind === 'cooler' && joint.kind === 'plug'

function kindOf(joint: Joint, plugItem: Item, isOnBoard: boolean): StepKind {
  if (isCoolerPlug(joint, plugItem)) return 'cooler-plug'
  if (joint.face === 'panel-lead' && !isOnBoard) return 'small-plug'
  return stepWith(joint.face) ?? specOf(plugItem.part.kind).step ?? 'hub'
}

/** One step of joints that are made in one go; the first of them gives it its name. */
function stepOf(s: StepsFrom, id: string, joinings: readonly Joining[]): PlannedStep {
  const { joint, plugItem, plug, socket, kind, onTable } = at(joinings, 0)
  const name = (item: string): string => s.items.find(i => i.id === item)?.name ?? item
  /** The two ends of a lead are told by the part they go to; on the board the print says enough. */
  const placeOf = (j: Joining): string => {
    const onBoard = every(s, 'board').some(b => b.id === j.joint.items[1])
    return onBoard ? j.socket.label : `${j.socket.label} of the ${name(j.joint.items[1])}`
  }
  const isData = kind === 'data-plug'
  const plugged = isData ? plugItem.name : plugName(plugItem, plug.label)
  const first = isData ? placeOf(at(joinings, 0)) : socket.label
  // A plug is put in where its socket is, wherever its lead comes from.
  const worked = joint.kind === 'plug' ? [joint.items[1]] : joint.items
  const behind = worked.some(item => (s.frames.get(item)?.origin[2] ?? 0) < 0)
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
    onBoard: !onTable,
    details: kind === 'panel' ? wiredBy(s, joinings) : joinings.map(arrowLine),
    manner: mannerOf(s, plugItem, joint),
    through: joint.kind === 'plug' && !onTable ? holesOf(s, joint, plugItem) : [],
    lacks: s.unmet.flatMap(({ demand }) =>
      demand.need !== 'may' && demand.item === plugItem.id && !isFrame(plugItem)
        ? [demand.label]
        : [],
    ),
    pose: onTable ? 'table' : (POSE_OF[kind] ?? (behind ? 'behind' : 'lying')),
    under: [],
    opens: [],
  }
}

/** What everything else hangs on: what one of its ends lacks makes nothing of it useless. */
const isFrame = ({ part }: Item): boolean => FRAMES.includes(part.kind)
const FRAMES: readonly PartKind[] = ['case', 'board', 'supply']

const arrowLine = ({ plug, socket }: Joining): string => `${plug.label} → ${socket.label}`
/** Each lead with its pins and wires, where they are known. */
function wiredBy(s: StepsFrom, joinings: readonly Joining[]): readonly string[] {
  const says = leadSayings(s)
  return joinings.map(j => {
    const own = says.get(j.joint.id)
    return own === undefined ? arrowLine(j) : `${j.plug.label}: ${own}`
  })
}

/** The holes on the way of the lead that ends in this plug; of a loose lead, at whichever end. */
function holesOf({ dressing, plugs }: StepsFrom, joint: Joint, { part }: Item): readonly string[] {
  const isLoose = part.kind === 'lead'
  const ends = isLoose ? plugs.filter(j => j.items[0] === joint.items[0]) : [joint]
  const laid = dressing.sides.flatMap(d => d.leads)
  return laid.find(l => ends.some(j => j.a === l.id))?.through ?? []
}
