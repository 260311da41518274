// Commands on figures: what was measured on one copy, and what holds for every copy.
import { kindOf, partSchema } from '../../parts'
import { patternOf } from '../../parts/kind'
import { at as valueAt, holderOf, put } from '../../parts/paths'
import { readFigure, type Figure, type FigureAbout } from '../../figures/units'
import type { Args } from '../command-schema'
import type { Build, StoredItem } from '../build'
import type { About, Problem, Specs } from '../command'
import { findItem, isItem, withItem } from './items'

interface Known {
  readonly item: StoredItem
  readonly figure: FigureAbout
  readonly read: Figure | null
}
type Asked = Pick<Args<'setFigure'>, 'id' | 'path' | 'figure'>

/**
 * The item a figure is set on, what is known of the figure, and the value it is to get; or why it
 * cannot have it.
 */
function figureAt(build: Build, { id, path, figure }: Asked): Known | Problem {
  const item = findItem(build, id)
  if (!isItem(item)) return item
  const { model } = item.part
  const about = kindOf(item).figures.get(patternOf(path))
  if (!about) return { problem: `${model} has no figure "${path}". Choose one of its figures.` }
  const holder = holderOf(path)
  if (holder !== '' && valueAt(item.part, holder) === undefined)
    return { problem: `${model} has no "${path}". Choose one of its figures.` }
  const read = readFigure(figure, about.unit)
  if (figure !== null && !read)
    return { problem: `A ${about.label} is given in ${about.unit}: { "${about.unit}": 12.5 }.` }
  if (read && read.value < 0)
    return {
      problem: `A ${about.label} cannot be ${read.value} ${about.unit}. Enter it without a sign.`,
    }
  return { item, figure: about, read }
}

/** What the line needs: how item and figure are called, and the value with its unit. */
const aboutOf = ({ item, figure, read }: Known): About => ({
  item: item.part.model,
  figure: figure.label,
  value: read ? `${read.value} ${figure.unit}` : '',
  basis: read?.basis ?? '',
})

function withFigure(
  figures: StoredItem['figures'],
  path: string,
  figure: Asked['figure'],
): StoredItem['figures'] {
  const { [path]: _before, ...others } = figures
  return figure === null ? others : { ...others, [path]: figure }
}

export const figureCommands: Specs<'setFigure' | 'setPartFigure'> = {
  /** A figure measured on this copy; `null` goes back to the part's own. */
  setFigure: {
    run(build, { id, path, figure }) {
      const known = figureAt(build, { id, path, figure })
      if ('problem' in known) return known
      const { part, figures } = known.item
      const stated = Object.hasOwn(figures, path) ? figures[path] : undefined
      return {
        build: withItem(build, id, i => ({
          ...i,
          figures: withFigure(i.figures, path, figure),
        })),
        // "Not known on this copy" is a value of its own, which the command itself would take for
        // "as the part has it".
        back:
          stated === null
            ? { do: 'swapPart', id, part, figures }
            : { do: 'setFigure', id, path, figure: stated ?? null },
        about: aboutOf(known),
      }
    },
    line: (_, { item, figure, value, basis }) =>
      value
        ? `${basis === 'measured' ? 'Measured' : 'Entered'} ${figure} of ${item}: ${value}`
        : `${figure} of ${item}: back to its sheet`,
  },

  /**
   * A figure that holds for every copy: it changes the part of all items of its model; what was
   * measured on one copy still goes before.
   */
  setPartFigure: {
    run(build, { id, path, figure }) {
      const known = figureAt(build, { id, path, figure })
      if ('problem' in known) return known
      const about = aboutOf(known)
      const copies = build.items.filter(i => i.part.id === known.item.part.id)
      const measured = (item: StoredItem): StoredItem => ({
        ...item,
        part: partSchema.parse(put(item.part, path, figure)),
      })
      return {
        build: { ...build, items: build.items.map(i => (copies.includes(i) ? measured(i) : i)) },
        back: {
          do: 'setParts',
          parts: Object.fromEntries(copies.map(i => [i.id, i.part])),
          title: everyLine(about),
        },
        about,
      }
    },
    line: (_, about) => everyLine(about),
  },
}

const everyLine = ({ item, figure, value }: About): string =>
  `${figure} of every ${item}: ${value || 'not stated'}`
