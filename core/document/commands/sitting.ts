// Commands on how a copy sits: pieces of a case in or out, what is turned about, which way air goes.
import { breathingPlaces } from '../../parts/breathing-places'
import { piecesOf } from '../../parts/pieces'
import { turnsOf } from '../../parts/turned'
import { entriesOf, withEntries } from '../canonical'
import type { Specs } from '../command'
import { findItem, isItem, named, withItem } from './items'

export const sittingCommands: Specs<'takePiece' | 'turnPart' | 'standCard' | 'chooseAir'> = {
  /** A piece of a case taken out, or put back in. */
  takePiece: {
    run(build, { id, piece, out }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const known = piecesOf(item.part).find(p => p.key === piece)
      if (!known)
        return {
          problem: `No piece "${piece}" comes out of the ${item.part.model}. Choose one of its pieces.`,
        }
      const before = item.out ?? []
      const others = before.filter(key => key !== piece)
      const after = out ? [...others, piece].sort() : others
      return {
        build: withItem(build, id, i => ({ ...i, out: after.length > 0 ? after : undefined })),
        back: { do: 'takePiece', id, piece, out: before.includes(piece) },
        about: { ...named(item), value: known.label },
      }
    },
    line: ({ out }, { item, value }) =>
      out ? `Took the ${value} out of the ${item}` : `Put the ${value} back into the ${item}`,
  },

  /** A cooler or a supply turned about; `null` as its sheet has it. */
  turnPart: {
    run(build, { id, turned }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const known = turnsOf(item.part).find(t => t.turn === turned)
      if (turned !== null && !known)
        return {
          problem: `The ${item.part.model} does not go in turned so. Choose one of the ways that are offered.`,
        }
      return {
        build: withItem(build, id, i => ({ ...i, turned: turned ?? undefined })),
        back: { do: 'turnPart', id, turned: item.turned ?? null },
        about: { ...named(item), value: known?.label ?? '' },
      }
    },
    line: (_, { item, value }) =>
      value ? `Turned the ${item} ${value}` : `The ${item} as its sheet has it`,
  },

  /** A card upright at the place of the case for that, or in its slot. */
  standCard: {
    run(build, { id, upright }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      if (item.part.kind !== 'card')
        return {
          problem: `The ${item.part.model} is no card: only cards stand upright on a riser.`,
        }
      return {
        build: withItem(build, id, i => ({ ...i, upright: upright || undefined })),
        back: { do: 'standCard', id, upright: item.upright === true },
        about: named(item),
      }
    },
    line: ({ upright }, { item }) =>
      upright ? `${item}: stands upright, on a riser` : `${item}: seated in its slot`,
  },

  /** Which way air goes at a place of a case; `null` as the place is meant. */
  chooseAir: {
    run(build, { id, place, way }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const known = breathingPlaces(item.part).find(p => p.key === place)
      if (!known)
        return {
          problem: `The ${item.part.model} has no place "${place}" for fans. Choose one of its places.`,
        }
      const airs = withEntries(item.airs ?? {}, { [place]: way })
      const isEmpty = Object.keys(airs).length === 0
      return {
        build: withItem(build, id, i => ({ ...i, airs: isEmpty ? undefined : airs })),
        back: {
          do: 'chooseAir',
          id,
          place,
          way: entriesOf(item.airs ?? {}, [place])[place] ?? null,
        },
        about: { ...named(item), value: known.label },
      }
    },
    line: ({ way }, { item, value }) =>
      way === null
        ? `${item}: air at the ${value} as the place is meant`
        : `${item}: air at the ${value} goes ${way}`,
  },
}
