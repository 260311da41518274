// Another part in an item's place: of those the finding names, and of those that could have offered
// what is lacking.
import { itemsOfJoint } from '../ids/ids'
import type { SingleCommand } from '../document/command-schema'
import type { Build, StoredItem } from '../document/build'
import { specOf, type Part } from '../parts'
import { alongWith } from '../stages/comes-with'
import { bridged, meets, wantedEnds } from './add'
import type { Candidate, Question } from './remedy'

/** Named choice: how many models are tried in one item's place, the nearest in price first. */
const MODELS = 8

export function swaps(q: Question): readonly Candidate[] {
  return [...new Set([...q.finding.parts, ...offering(q)])].flatMap(id => {
    const item = q.build.items.find(i => i.id === id)
    if (!item) return []
    const distance = (p: Part): number => Math.abs((p.price ?? 0) - (item.part.price ?? 0))
    const others = q.shelf
      .filter(
        p => p.kind === item.part.kind && p.id !== item.part.id && serves(p) === serves(item.part),
      )
      .sort((a, b) => distance(a) - distance(b) || (a.id < b.id ? -1 : 1))
    return others.slice(0, MODELS).map((part): Candidate => ({
      kind: part.kind === 'lead' ? 'lead' : 'swap',
      title: `Swap the ${item.part.model} for the ${part.model}`,
      commands: swapCommands(q.build, item, part),
    }))
  })
}

/** What a part is there for: its kind's word, or that of its sort. */
const serves = (part: Part): string => specOf(part.kind).serves?.(part) ?? part.kind

/** Items with sockets of the sort that an unmet demand asks for. */
function offering({ finding, situation }: Question): readonly string[] {
  if (finding.demand === null) return []
  const wanted = wantedEnds(finding, situation)
  const askers = [...wanted, ...bridged(wanted, situation)]
  return [...situation.ends.values()]
    .filter(e => e.end.sex === 'socket' && askers.some(a => a.end.sex === 'plug' && meets(a, e)))
    .map(e => e.item)
}

/**
 * What is in hand lies beside the build afterwards; the new one is to be bought; what was made with
 * the old one is to be made again.
 */
function swapCommands(
  { items, progress }: Build,
  item: StoredItem,
  part: Part,
): readonly SingleCommand[] {
  const { id, state } = item
  const isToBuy = state === 'have' || state === 'ordered'
  const undone = Object.keys(progress).filter(joint => itemsOfJoint(joint).includes(id))
  const commands: SingleCommand[] = [{ do: 'swapPart', id, part, figures: {} }]
  if (undone.length > 0) {
    const entries = Object.fromEntries(undone.map(joint => [joint, null]))
    commands.push({ do: 'setProgress', entries, title: item.part.model })
  }
  if (isToBuy) {
    commands.push({ do: 'setState', id, state: 'wanted' }, { do: 'setPaid', id, paid: null })
  }
  if (state === 'have') {
    commands.push({ do: 'addItem', item: { ...item, id: undefined, state: 'spare' } })
  }
  const now = {
    ...item,
    part,
    bare: undefined,
    fitted: undefined,
    state: isToBuy ? ('wanted' as const) : state,
  }
  const after = items.map(i => (i.id === id ? now : i))
  return [...commands, ...alongWith(items, after)]
}
