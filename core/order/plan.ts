// From joints to steps: what belongs in one go, and the tasks that make no joint.
import { standoffPlan } from '../fit/standoffs'
import type { Joint } from '../joints/joint'
import type { Item } from '../parts'
import { every, joinedBy, type Situation } from '../situation'
import type { Face } from '../standards/connectors'
import type { PlannedStep, StepKind } from './step'

/** The steps of a situation, in no order yet. Every joint is in exactly one. */
export function plannedSteps(s: Situation): readonly PlannedStep[] {
  if (s.items.length === 0) return []
  return [...tasks(s), ...fromJoints(s), ...open(s)]
}

const KIND_OF: Partial<Record<Face, StepKind>> = {
  'processor-socket': 'processor', 'memory-slot': 'memory', 'cooler-mount': 'cooler', 'm2-slot': 'm2', tray: 'board-in', aperture: 'shield',
  'supply-place': 'supply-in', 'fan-place': 'fan', bay: 'drive', 'panel-lead': 'panel', 'main-24': 'power-plug', 'cpu-8': 'power-plug', 'cpu-4': 'power-plug',
  'sata-power': 'power-plug', 'drive-4': 'power-plug', 'sata-data': 'data-plug', 'usb-2': 'small-plug', 'usb-3': 'small-plug', 'usb-c': 'small-plug',
  'audio-hd': 'small-plug', 'audio-97': 'small-plug', 'fan-3': 'fan-plug', 'fan-4': 'fan-plug',
}

/** Joints that are made in one go share a step: a memory kit, the loose leads of the block, the two ends of one lead. */
function groupOf(joint: Joint, kind: StepKind): string {
  if (kind === 'memory' || kind === 'data-plug') return `${kind}:${joint.items[0]}`
  if (kind === 'panel') return `panel:${joint.items[1]}`
  return `${kind}:${joint.id}`
}

/** What hangs from a case or a supply is told apart by its print; a fan's lead by its fan. */
const plugName = (item: Item, label: string): string => (item.part.kind === 'fan' || item.part.kind === 'cooler' ? `${label} of the ${item.name}` : label)

function fromJoints(s: Situation): readonly PlannedStep[] {
  const steps = new Map<string, PlannedStep>()
  const name = (id: string): string => s.items.find(i => i.id === id)?.name ?? id
  for (const joint of [...s.seats, ...s.plugs]) {
    const plug = s.ends.get(joint.a)?.end
    const socket = s.ends.get(joint.b)?.end
    const plugItem = s.items.find(i => i.id === joint.items[0])
    if (!plug || !socket || !plugItem) continue
    const ofCooler = plugItem.part.kind === 'cooler' && joint.kind === 'plug'
    const kind = ofCooler ? 'cooler-plug' : KIND_OF[joint.face] ?? 'data-plug'
    const id = groupOf(joint, kind)
    const known = steps.get(id)
    const detail = `${plug.label} → ${socket.label}`
    steps.set(id, known
      ? { ...known, joints: [...known.joints, joint.id], marks: [...known.marks, joint.id], items: [...new Set([...known.items, ...joint.items])], details: [...known.details, detail], label: `${known.label}, ${socket.label}` }
      : {
          id, kind, items: joint.items, joints: [joint.id], marks: [joint.id], demand: null, face: joint.face, what: joint.kind === 'plug' ? plugName(plugItem, plug.label) : name(joint.items[0]),
          to: name(joint.items[1]), label: socket.label, onBoard: !ofCooler, details: [detail], manner: mannerOf(plugItem),
        })
  }
  return [...steps.values()]
}

/** What of a part decides how hands go about it: a cooler's fastening and paste, a drive's size. */
export function mannerOf({ part: p }: Item): string | null {
  if (p.kind === 'cooler') return `${p.fastening}, ${p.paste}`
  return p.kind === 'drive' ? p.shape : null
}

const task = (kind: StepKind, about: Partial<PlannedStep> = {}): PlannedStep => ({
  id: `task:${kind}`, kind, items: [], joints: [], marks: [`task:${kind}`], demand: null, face: null, what: '', to: '', label: '', onBoard: false, details: [], manner: null, ...about,
})

/** What is done besides joining: making ready, standoffs, the first power-on, closing, writing down. */
function tasks(s: Situation): readonly PlannedStep[] {
  const [pc] = every(s, 'case')
  const list = [task('bench')]
  if (pc) list.push(task('panels-off', { items: [pc.id], what: pc.name }))
  for (const { plug: board, socket } of joinedBy(s, 'tray', 'board', 'case')) {
    const plan = standoffPlan(board, socket)
    if (plan.fit.length + plan.takeOut.length === 0) continue
    const details = [plan.takeOut.length > 0 ? `Take out ${plan.takeOut.join(', ')}.` : '', plan.keep.length > 0 ? `Keep ${plan.keep.join(', ')}.` : '', plan.fit.length > 0 ? `Fit ${plan.fit.join(', ')}.` : ''].filter(Boolean)
    const id = `task:standoffs:${board.id}`
    list.push(task('standoffs', { id, marks: [id], items: [socket.id, board.id], what: board.name, to: socket.name, details }))
  }
  if (every(s, 'supply').length > 0 && every(s, 'board').length > 0) list.push(task('first-power'))
  if (pc) list.push(task('dress', { items: [pc.id], what: pc.name }), task('panels-on', { items: [pc.id], what: pc.name }))
  return [...list, task('record')]
}

/** Demands that found no partner stand in the order as open places: they are solved, left open, or they stop. */
function open(s: Situation): readonly PlannedStep[] {
  return s.unmet.filter(u => u.demand.need !== 'may').map(u => {
    const name = s.items.find(i => i.id === u.demand.item)?.name ?? u.demand.item
    return task('open', { id: `open:${u.demand.id}`, marks: [], demand: u.demand.id, items: [u.demand.item], what: u.demand.label, to: name, details: u.reasons })
  })
}
