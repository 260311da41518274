// Where the focus goes when a value was answered: its line moves, and its button with it.
import { nextTick, watch, type Ref } from 'vue'

/** The buttons that answer in a table. */
const buttonsIn = (table: Element | null | undefined): readonly HTMLElement[] => [
  ...(table?.querySelectorAll<HTMLElement>('button') ?? []),
]

/**
 * Remembers which button answered; once the lines are others, the one that stands at its place has
 * the focus, or `head` where the table is gone.
 */
export function useAnswering(head: Ref<HTMLElement | undefined>, lines: () => unknown) {
  let answered: { readonly table: Element; readonly at: number } | null = null
  const remember = (): void => {
    const button = document.activeElement
    const table = button?.closest('table')
    answered = table ? { table, at: buttonsIn(table).findIndex(b => b === button) } : null
  }
  watch(lines, async () => {
    await nextTick()
    const { table, at } = answered ?? {}
    answered = null
    if (at === undefined || document.activeElement !== document.body) return
    const left = table?.isConnected ? buttonsIn(table) : []
    const next = left[Math.min(at, left.length - 1)] ?? head.value
    next?.focus()
  })
  return remember
}
