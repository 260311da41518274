// How deep it is behind the tray of a case, and in its channels: for the rules that ask what fits there.
import type { Leaf } from '../../figures/quantity'
import { usual } from '../../figures/units'
import type { Holder } from '../../laying/crossings'
import { pcCase } from '../../parts/case'
import type { Case } from '../../parts/case-schema'
import type { ItemOf } from '../../parts/kind'

/** Named choice: how far a depth that nobody states may be off, mm. */
const UNSURE = 8

/**
 * How deep it is behind the tray, or in one of its channels, mm. A channel of which nobody states that
 * is at least as deep as the room beside it.
 */
export function depthAt(
  pc: ItemOf<Case>,
  holder: Holder,
  { behind, needed }: { readonly behind: number; readonly needed: number },
): Leaf {
  const beside = pcCase.leaf(pc, 'inner.behind', usual(behind, 'mm', UNSURE))
  if (holder === 'beside') return beside
  const own = pcCase.leaf(pc, `channels.${holder}.depth`)
  return own.figure || needed > behind ? own : beside
}

/** Where that is, in the words of a sentence. */
export const whereBehind = ({ name, part }: ItemOf<Case>, holder: Holder): string =>
  holder === 'beside'
    ? `behind the tray of the ${name}`
    : `in the ${part.channels?.[holder]?.label ?? 'channel'} of the ${name}`
