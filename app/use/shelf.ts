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

  const add = (part: Part): Promise<boolean> => desk.run({ do: 'addItem', item: { part, state: 'wanted' } })
  const swap = (id: string, part: Part): Promise<boolean> => desk.run({ do: 'swapPart', id, part, figures: {} })

  return { parts, find, found, add, swap }
}
