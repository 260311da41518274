// An item as those see it who read no figures.
import { keysOf } from './paths'
import { KINDS, type Item, type Part } from '.'

/**
 * Figures that say what is there, not how large it is: those who order the work read them too.
 */
const TELLING: readonly string[] = [
  'card slots',
  'card length',
  'memory modules',
  'processor lidWidth',
]
/** Boards and cases are read whole: where a board's holes lie decides the standoffs. */
const WHOLE: readonly string[] = ['board', 'case']

/** An item whose figures are not known, but for those that say what is there. */
export function withoutFigures(item: Item): Item {
  const { kind } = item.part
  if (WHOLE.includes(kind)) return item
  const hidden = [...KINDS[kind].figures.keys()].filter(p => !TELLING.includes(`${kind} ${p}`))
  const part = hidden.reduce<unknown>((p, path) => without(p, keysOf(path)), item.part)
  return { ...item, part: part as Part } as Item
}

/** A copy without the figures at a path; `*` stands for every entry of a list. */
function without(value: unknown, [key, ...rest]: readonly string[]): unknown {
  if (Array.isArray(value)) return value.map((inner: unknown) => without(inner, rest))
  if (typeof value !== 'object' || value === null || key === undefined || !(key in value))
    return value
  const { [key]: inner, ...others } = value as Record<string, unknown>
  return rest.length === 0 ? others : { ...others, [key]: without(inner, rest) }
}
