// One look at the shelf: what is typed, chosen and bounded, answered by the worker at every
// keystroke.
import { computed, ref, shallowRef, watch } from 'vue'
import type { PartKind } from '../../core/parts'
import type { Bound, FacetRange } from '../../core/shelf/find'
import { useShelf } from '../stores/shelf'
import { ask } from '../desk/remote'

export function useShelfQuery(kind: PartKind | null = null) {
  const shelf = useShelf()
  const text = ref('')
  const group = ref<string | null>(null)
  const bounds = ref<Readonly<Record<string, Bound>>>({})
  const sort = ref('group')
  const down = ref(false)
  const order = shallowRef<readonly number[]>([])
  const ranges = shallowRef<readonly FacetRange[]>([])
  const groups = computed(() =>
    shelf.groups.filter(g => g.count > 0 && (kind === null || g.kind === kind)),
  )
  if (kind !== null)
    watch(
      groups,
      own => {
        if (own.length === 1) group.value = own[0]?.id ?? null
      },
      { immediate: true },
    )

  let asked = 0
  watch(
    [text, group, bounds, sort, down, () => shelf.rows],
    async () => {
      const mine = (asked += 1)
      const found = await ask('find', {
        text: text.value,
        kind,
        group: group.value,
        bounds: Object.values(bounds.value).map(b => ({
          ...b,
          words: b.words ? [...b.words] : undefined,
        })),
        sort: sort.value,
        down: down.value,
      })
      if (mine === asked) order.value = [...found]
    },
    { immediate: true },
  )
  watch(
    [group, () => shelf.rows],
    async ([id]) => {
      ranges.value = id === null ? [] : await ask('ranges', id)
    },
    { immediate: true },
  )
  watch(group, () => {
    bounds.value = {}
    if (!['name', 'group', 'price'].includes(sort.value)) sort.value = 'name'
  })

  function bound(path: string, change: Partial<Bound>): void {
    const next = { ...(bounds.value[path] ?? { path }), ...change, path }
    const empty =
      (next.least ?? null) === null &&
      (next.most ?? null) === null &&
      (next.words ?? []).length === 0
    const { [path]: _old, ...rest } = bounds.value
    bounds.value = empty ? rest : { ...rest, [path]: next }
  }
  function sortBy(path: string): void {
    if (sort.value === path) down.value = !down.value
    else {
      sort.value = path
      down.value = false
    }
  }
  const say = (words: string): void => {
    text.value = words
  }
  const pick = (id: string | null): void => {
    group.value = group.value === id ? null : id
  }
  return { text, say, pick, group, groups, bounds, bound, sort, down, sortBy, order, ranges }
}
export type ShelfQuery = ReturnType<typeof useShelfQuery>
