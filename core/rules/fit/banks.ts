// The banks of memory of boards and of memory boards, with what sits in each.
import type { ItemOf } from '../../parts/kind'
import { rowOfChips, type Memory } from '../../parts/memory'
import { CHIPS_A_ROW } from '../../standards/modules'
import { itemOf, keyOf } from '../../ids/ids'
import type { Joint } from '../../joining/joint'
import { every, type Joined, socketIn } from '../../plan/situation'

/** One bank with something in it. */
export interface Bank {
  /** What the bank is on. */
  readonly holder: { readonly id: string; readonly name: string }
  readonly number: number
  readonly slots: readonly string[]
  /** The slots in which a module or a row of chips sits, in the order of the joints. */
  readonly filled: readonly string[]
  readonly joints: readonly string[]
  readonly kits: readonly ItemOf<Memory>[]
  /** Rows of chips that lack some, and how many. */
  readonly short: readonly { readonly slot: string; readonly lacks: number }[]
  /** Banks before it that are empty. */
  readonly before: readonly (readonly string[])[]
}

interface Holder {
  readonly id: string
  readonly name: string
  readonly list: string
  readonly slots: readonly { readonly label: string }[]
  readonly banks: readonly (readonly string[])[]
}

/** Boards, and cards that carry memory. */
const holders = (s: Joined): readonly Holder[] => [
  ...every(s, 'board').map(({ id, name, part: { memory } }) => ({
    ...{ id, name, list: 'memory.slots' },
    slots: memory.slots ?? [],
    banks: memory.banks ?? [],
  })),
  ...every(s, 'card').flatMap(({ id, name, part: { memory } }) =>
    memory
      ? [{ id, name, list: 'memory.slots', slots: memory.slots, banks: memory.banks ?? [] }]
      : [],
  ),
]

export const banksOf = (s: Joined): readonly Bank[] =>
  holders(s).flatMap(holder => {
    const { list, slots, banks } = holder
    const there = s.seats
      .filter(j => j.face === 'memory-slot' && j.items[1] === holder.id)
      .map(joint => ({ joint, slot: socketIn(joint, list, slots)?.label ?? '' }))
    return banks.flatMap((bank, i): Bank[] => {
      const own = there.filter(t => bank.includes(t.slot))
      if (own.length === 0) return []
      return [
        {
          holder: { id: holder.id, name: holder.name },
          number: i + 1,
          slots: bank,
          filled: own.map(t => t.slot),
          joints: own.map(t => t.joint.id),
          kits: every(s, 'memory').filter(m => own.some(t => t.joint.items[0] === m.id)),
          short: own.flatMap(t => shortOf(s, t)),
          before: banks.slice(0, i).filter(b => !there.some(t => b.includes(t.slot))),
        },
      ]
    })
  })

/** A row of chips in a slot, where some of the nine are missing. */
function shortOf(
  s: Joined,
  { joint, slot }: { readonly joint: Joint; readonly slot: string },
): Bank['short'] {
  const kit = every(s, 'memory').find(m => m.id === itemOf(joint.a))
  if (kit?.part.type !== 'chips') return []
  const lacks = CHIPS_A_ROW.pcs - rowOfChips(keyOf(joint.a), kit.part.modules ?? 1)
  return lacks > 0 ? [{ slot, lacks }] : []
}
