// An item as those see it who read no figures.
import { KINDS, type Item, type Part } from '.'

/**
 * Figures that say what is there, not how large it is: those who order the work or watch the first
 * start read them too.
 */
const TELLING: readonly string[] = ['card slots', 'memory modules', 'memory each']
/** Boards and cases are read whole: where a board's holes lie decides the standoffs. */
const WHOLE: readonly string[] = ['board', 'case']

/** An item whose figures are not known, but for those that say what is there. */
export function withoutFigures(item: Item): Item {
  const { kind } = item.part
  if (WHOLE.includes(kind)) return item
  const hidden = [...KINDS[kind].figures.keys()].filter(p => !TELLING.includes(`${kind} ${p}`))
  const part = hidden.reduce<unknown>((p, path) => blanked(p, path.split('.')), item.part)
  return { ...item, part: part as Part } as Item
}

/** A copy with the figures at a path not known; `*` stands for every entry of a list. */
function blanked(value: unknown, [key, ...rest]: readonly string[]): unknown {
  if (key === undefined) return null
  if (Array.isArray(value)) return value.map((inner: unknown) => blanked(inner, rest))
  if (typeof value !== 'object' || value === null || !(key in value)) return value
  return { ...value, [key]: blanked((value as Record<string, unknown>)[key], rest) }
}
