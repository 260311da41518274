// What of a part nobody stated: what a form, a layout or a default made up, and how it is taken for
// true once somebody has looked.
import { at, keysOf, put } from './paths'

export interface NotStated {
  /** What to confirm: a field, a list of which there may be more, or a member of a list. */
  readonly id: string
  readonly says: string
}

interface Marked {
  readonly assumed?: readonly string[] | undefined
  readonly partly?: readonly string[] | undefined
}

/** What made-up fields are called; any other by its own words. */
const FIELDS: Readonly<Record<string, string>> = {
  places: 'where everything lies',
  'headers.*.label': 'what is printed beside its headers',
  'panel.pins': 'which pin of the front-panel block is for what: the usual order is taken',
  'panel.at': 'where its front-panel block stands',
  'memory.table.*.slots': 'which memory slots for how many modules',
  'supply.forms': 'which form of power supply it takes',
  slots: 'how many slot covers it has',
  'm2.keys': 'the notches of its edge',
  'm2.length': 'its length',
}
const LISTS: Readonly<Record<string, string>> = {
  headers: 'whether there are more headers than these',
  leads: 'whether more leads hang from its front than these',
  radiators: 'whether it takes other radiators than these',
}
const spoken = (path: string): string =>
  keysOf(path)
    .filter(k => k !== '*')
    .join(', ')

const PARTLY = 'more:'
/** The lists whose members may be made up one by one. */
const MEMBERS = ['headers', 'm2', 'slots', 'leads', 'bays', 'fans', 'radiators'] as const

/** Everything of a part that nobody stated, in the order in which it is told. */
export function notStated(part: unknown): readonly NotStated[] {
  const { assumed = [], partly = [] } = part as Marked
  return [
    ...partly.map(path => ({ id: PARTLY + path, says: LISTS[path] ?? `whether ${path} has more` })),
    ...MEMBERS.flatMap(list =>
      membersOf(part, list).flatMap((member, i) =>
        member.assumed
          ? [{ id: `${list}.${i}`, says: `that it has: ${member.label ?? list}` }]
          : [],
      ),
    ),
    ...assumed.map(path => ({ id: path, says: FIELDS[path] ?? spoken(path) })),
  ]
}

interface Member {
  readonly label?: string
  readonly assumed?: boolean
}
const membersOf = (part: unknown, list: string): readonly Member[] => {
  const members = at(part, list)
  return Array.isArray(members) ? (members as readonly Member[]) : []
}

/** The part with one of these taken for stated: somebody looked, and it is so. */
export function confirmed<P>(part: P, id: string): P {
  const { assumed = [], partly = [] } = part as Marked
  if (id.startsWith(PARTLY)) {
    const rest = partly.filter(path => PARTLY + path !== id)
    return rest.length === partly.length ? part : (put(part, 'partly', rest) as P)
  }
  if (assumed.includes(id))
    return put(
      part,
      'assumed',
      assumed.filter(path => path !== id),
    ) as P
  const member = at(part, id) as (Member & object) | undefined
  if (!member?.assumed) return part
  const { assumed: _, ...stated } = member
  return put(part, id, stated) as P
}
