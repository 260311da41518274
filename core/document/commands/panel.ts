// The command that says which pin of a board's front-panel block is for what, as somebody read it.
import { usualPanelPlace } from '../../outlines/usual-board'
import type { Board } from '../../parts/board-schema'
import { confirmed } from '../../parts/not-stated'
import type { Command } from '../command-schema'
import type { Problem, Specs } from '../command'
import { findItem, isItem, named, withItem } from './items'

type Pins = Extract<Command, { readonly do: 'mapPanel' }>['pins']

export const panelCommands: Specs<'mapPanel'> = {
  /** The block of one board of this build; where nobody said where it is, it stands where it usually is. */
  mapPanel: {
    run(build, { id, pins }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const { part } = item
      if (part.kind !== 'board')
        return { problem: `The ${part.model} is no motherboard: it has no front-panel block.` }
      const twice = placedTwice(pins)
      if (twice) return twice
      return {
        build: withItem(build, id, i => ({ ...i, part: withPins(part, pins) })),
        back: { do: 'setParts', parts: { [id]: part }, title: TITLE },
        about: { ...named(item), count: String(pins.filter(p => p.does !== 'none').length) },
      }
    },
    line: (_, { item, count }) => `${item}: ${TITLE} (${count} pins)`,
  },
}
const TITLE = 'the pins of its front-panel block, as read'

/** Two pins cannot stand at one place, nor have one number. */
function placedTwice(pins: Pins): Problem | null {
  const keys = [pins.map(p => p.pin), pins.map(p => `${p.row} ${p.col}`)]
  return keys.some(all => new Set<string | number>(all).size < all.length)
    ? { problem: 'Two pins have the same number or the same place. Give each pin its own.' }
    : null
}

const MADE_UP = 'panel.pins'
const PLACE = 'panel.at'
function withPins(part: Board, pins: Pins): Board {
  if (part.panel) return { ...confirmed(part, MADE_UP), panel: { ...part.panel, pins } }
  return {
    ...part,
    assumed: [...(part.assumed ?? []), PLACE],
    panel: { at: usualPanelPlace(part), pins },
  }
}
