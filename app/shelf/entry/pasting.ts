// Whether the rows of a list of the part that is entered can be pasted.
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import type { PartKind } from '../../../core/parts'
import { ask } from '../../desk/remote'
import { useEntry } from './entry'

export function usePasting(path: () => string): {
  readonly kind: ComputedRef<PartKind | null>
  readonly canPaste: Ref<boolean>
} {
  const entry = useEntry()
  const kind = computed(() => entry.kind)
  const canPaste = ref(false)
  watch(
    [kind, path],
    async ([of, at]) => {
      canPaste.value = of !== null && (await ask('canBePasted', of, at))
    },
    { immediate: true },
  )
  return { kind, canPaste }
}
