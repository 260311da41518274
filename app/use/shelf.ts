// The shelf: loaded once, narrowed by kind and by what is typed.
import { computed, ref, shallowRef } from 'vue'
import type { Part, PartKind } from '../../core/parts'
import { useDesk } from '../stores/desk'

const parts = shallowRef<readonly Part[]>([])

export function useShelf(kind?: PartKind) {
  const desk = useDesk()
  const find = ref('')
  if (parts.value.length === 0) void desk.shelf().then(found => { parts.value = found })
  const found = computed(() => {
    const words = find.value.toLowerCase().split(/\s+/).filter(Boolean)
    return parts.value.filter(p => (!kind || p.kind === kind) && words.every(w => `${p.kind} ${p.maker} ${p.model}`.toLowerCase().includes(w)))
  })

  /** An id for a new item: its kind, numbered where there are several. */
  function newId(k: PartKind): string {
    const taken = new Set(desk.state.build?.items.map(i => i.id))
    let n = 1
    while (taken.has(n === 1 ? k : `${k}-${n}`)) n += 1
    return n === 1 ? k : `${k}-${n}`
  }
  const add = (part: Part): Promise<boolean> => desk.run({ do: 'addItem', item: { id: newId(part.kind), part, state: 'wanted' } })
  const swap = (id: string, part: Part): Promise<boolean> => desk.run({ do: 'swapPart', id, part, figures: {} })

  return { parts, find, found, add, swap }
}
