// Every place of a part by its name: where something can be joined, and the holes and threads that
// screws go through. What can be marked broken or reserved.
import { kindOf, type Item } from '.'
import { holesOf } from './board'
import { threadsOf } from './case'
import { holeKey } from './mark'

export interface PlaceOf {
  readonly key: string
  readonly label: string
}

/** `ends` are the item's own, where they are known already. */
export const placesOf = (
  item: Item,
  ends: readonly PlaceOf[] = kindOf(item).ends(item),
): readonly PlaceOf[] => [
  ...ends.map(({ key, label }) => ({ key, label })),
  ...holeNames(item).map(label => ({ key: holeKey(label), label: `hole ${label}` })),
]

function holeNames(item: Item): readonly string[] {
  if (item.part.kind === 'board')
    return (holesOf({ ...item, part: item.part }).holes ?? []).map(h => h.label)
  return item.part.kind === 'case' ? threadsOf(item.part).map(h => h.label) : []
}
