// How ends, joints and tasks are called, made and read in one place. These names stand in stored
// progress and choices: they never change.

/** An end of an item: `item/end`. Item ids have no slash, ends may. */
export type EndRef = `${string}/${string}`
/** A plug in a socket: `item/end~item/end`. */
export type JointId = `${EndRef}~${EndRef}`
/** A task that makes no joint: `task:what`, or `task:what:item`. */
export type TaskId = `task:${string}`
/** A point of the list before the first screw: `hand:what`. */
export type HandId = `hand:${string}`
/** A line of the first power-on: `proof:what`, or `proof:what:whom`. */
export type ProofId = `proof:${string}`

export const endRef = (item: string, key: string): EndRef => `${item}/${key}`
export const itemOf = (ref: EndRef): string => ref.slice(0, ref.indexOf('/'))
export const keyOf = (ref: EndRef): string => ref.slice(ref.indexOf('/') + 1)

export const jointId = (plug: EndRef, socket: EndRef): JointId => `${plug}~${socket}`
/** Plug and socket of a joint; null where the name is a task's or of another sort. */
export function endsOfJoint(id: string): readonly [plug: EndRef, socket: EndRef] | null {
  const cut = id.indexOf('~')
  const [plug, socket] = [id.slice(0, cut), id.slice(cut + 1)]
  return cut > 0 && isEnd(plug) && isEnd(socket) ? [plug, socket] : null
}
/** The items that a joint joins; none where the name is no joint's. */
export const itemsOfJoint = (id: string): readonly string[] => endsOfJoint(id)?.map(itemOf) ?? []
const isEnd = (text: string): text is EndRef => text.includes('/')

export const taskId = (what: string, item?: string): TaskId =>
  item === undefined ? `task:${what}` : `task:${what}:${item}`
/**
 * Whether a name is about an item: a joint of it, or a step that takes such a joint apart and makes
 * it again.
 */
export const isJointOf = (id: string, item: string): boolean =>
  id.split('~').some(end => {
    const slash = end.indexOf('/')
    return slash > 0 && end.slice(end.lastIndexOf(':', slash) + 1, slash) === item
  })
/** Whether it is done once more, in a machine that was opened again. */
export const isAgain = (id: string): boolean => id.startsWith('again:')

/** Whether it is a task on that item. */
export const isTaskOn = (id: string, item: string): boolean => isTask(id) && id.endsWith(`:${item}`)
export const isTask = (id: string): id is TaskId => id.startsWith('task:')

/** A name that is not taken: as it is, else with the first number that is free. */
export function freshName(taken: readonly string[], name: string): string {
  let n = 1
  while (taken.includes(n === 1 ? name : `${name}-${n}`)) n += 1
  return n === 1 ? name : `${name}-${n}`
}

/** The task that gives back what was lent. */
export const giveBackTask = (item: string): TaskId => taskId('give-back', item)

export const proofId = (what: string, whom?: string): ProofId =>
  whom === undefined ? `proof:${what}` : `proof:${what}:${whom}`
export const handId = (what: string): HandId => `hand:${what}`
export const isHand = (id: string): id is HandId => id.startsWith('hand:')

export const isProof = (id: string): id is ProofId => id.startsWith('proof:')

/** The front-panel block of the board that one of its pins belongs to, as a thing on that board. */
export const panelBlockOf = (pin: EndRef): EndRef => endRef(itemOf(pin), 'panel')
