// One look at the shelf: what is typed, chosen and bounded, answered by the worker at every
// keystroke.
import { computed, ref, shallowRef, watch } from 'vue'
import type { PartKind } from '../../core/parts'
import type { Bound, FacetRange } from '../../core/shelf/find'
import { useShelf } from './shelf'
import { ask } from '../desk/remote'

/** What is asked for: words, a group, bounds on what matters, an order. */
function useAsked() {
  return {
    text: ref(''),
    group: ref<string | null>(null),
    bounds: ref<Readonly<Record<string, Bound>>>({}),
    sort: ref('group'),
    down: ref(false),
  }
}
type Asked = ReturnType<typeof useAsked>

export function useShelfQuery(kind: PartKind | null = null) {
  const shelf = useShelf()
  const asked = useAsked()
  const groups = computed(() =>
    shelf.groups.filter(g => g.count > 0 && (kind === null || g.kind === kind)),
  )
  if (kind !== null)
    watch(
      groups,
      own => {
        if (own.length === 1) asked.group.value = own[0]?.id ?? null
      },
      { immediate: true },
    )
  const order = useOrder(asked, kind)
  const ranges = useRanges(asked)
  return { ...asked, ...useChoices(asked), groups, order, ranges }
}
export type ShelfQuery = ReturnType<typeof useShelfQuery>

/** The places in the shelf's list of what is asked for; an answer that comes too late is not taken. */
function useOrder({ text, group, bounds, sort, down }: Asked, kind: PartKind | null) {
  const shelf = useShelf()
  const order = shallowRef<readonly number[]>([])
  let latest = 0
  watch(
    [text, group, bounds, sort, down, () => shelf.rows],
    async () => {
      const mine = (latest += 1)
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
      if (mine === latest) order.value = [...found]
    },
    { immediate: true },
  )
  return order
}

/** What the parts of the chosen group range over; another group has other bounds. */
function useRanges({ group, bounds, sort }: Asked) {
  const shelf = useShelf()
  const ranges = shallowRef<readonly FacetRange[]>([])
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
  return ranges
}

/** What a hand may change of it. */
function useChoices({ text, group, bounds, sort, down }: Asked) {
  function bound(path: string, change: Partial<Bound>): void {
    const next = { ...(bounds.value[path] ?? { path }), ...change, path }
    const isEmpty =
      (next.least ?? null) === null &&
      (next.most ?? null) === null &&
      (next.words ?? []).length === 0
    const { [path]: _old, ...rest } = bounds.value
    bounds.value = isEmpty ? rest : { ...rest, [path]: next }
  }
  function sortBy(path: string): void {
    down.value = sort.value === path && !down.value
    sort.value = path
  }
  const say = (words: string): void => {
    text.value = words
  }
  const pick = (id: string | null): void => {
    group.value = group.value === id ? null : id
  }
  return { bound, sortBy, say, pick }
}
