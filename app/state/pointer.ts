// What is pointed at and what is chosen, so that ledgers, drawings and the seam light each other.
import { defineStore } from 'pinia'
import { ref } from 'vue'

export const usePointer = defineStore('pointer', () => {
  /** Items under the pointer or the focus. */
  const items = ref<readonly string[]>([])
  /** The finding, lead or step whose row is pointed at. */
  const row = ref<string | null>(null)
  /** The finding, step, lead or item that is open. */
  const chosen = ref<string | null>(null)

  function point(about: readonly string[], id: string | null = null): void {
    items.value = about
    row.value = id
  }
  const leave = (): void => point([])
  /** Whether something is of an item that is pointed at. */
  const lights = (item: string | null): boolean => item !== null && items.value.includes(item)
  /** Set by the key that asks for a measurement: the first field that appears takes the focus. */
  const wantsField = ref(false)
  const choose = (id: string | null): void => {
    chosen.value = chosen.value === id ? null : id
  }

  return { items, row, chosen, wantsField, point, leave, lights, choose }
})
