// Which of a board's sockets, slots and ports are in use, of those that share something.
import { endRef } from '../../ids/ids'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import { joints, type Joined } from '../../plan/situation'

export interface UsedKey {
  readonly key: string
  readonly label: string
  readonly joint: string
  /** The item that is there. */
  readonly by: string
}

/** Those of these keys of a board where something is joined. */
export const usedOf = (
  s: Joined,
  { id, part }: ItemOf<Board>,
  keys: readonly string[],
): readonly UsedKey[] =>
  keys.flatMap(key => {
    const joint = joints(s).find(j => j.b === endRef(id, key))
    return joint ? [{ key, label: labelOf(part, key), joint: joint.id, by: joint.items[0] }] : []
  })

/** What is printed at one of its sockets. */
export const labelOf = (part: Board, key: string): string =>
  [part.m2, part.slots, part.headers, part.rear]
    .flatMap((list): readonly { readonly key: string; readonly label: string }[] => list ?? [])
    .find(one => one.key === key)?.label ?? key
