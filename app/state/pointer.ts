// What is pointed at and what is chosen, so that ledgers, drawings and the seam light each other.
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { View } from '../../core/drawing/views'
import { useDesk } from './desk'

export const usePointer = defineStore('pointer', () => {
  const desk = useDesk()
  /** Items under the pointer or the focus. */
  const items = ref<readonly string[]>([])
  /** The finding, lead or step whose row is pointed at. */
  const row = ref<string | null>(null)
  /** The one drawn thing that is pointed at, a socket or a piece of the case, itself or by its row. */
  const thing = ref<string | null>(null)
  /** The finding, step, lead or item that is open. */
  const chosen = ref<string | null>(null)
  /** From where the machine is looked at: the same on every stage. */
  const view = ref<View>('near')

  function point(
    about: readonly string[],
    id: string | null = null,
    at: string | null = null,
  ): void {
    items.value = about
    row.value = id
    thing.value = at
  }
  const leave = (): void => point([])
  /** The items of what is chosen: a finding's, a lead's, or the item itself. */
  const chosenItems = computed((): readonly string[] => {
    const id = chosen.value
    if (id === null) return []
    const finding = desk.analysis?.findings.find(f => f.id === id)
    if (finding) return finding.parts
    const lead = desk.analysis?.routes.find(r => r.id === id)
    return lead ? [lead.item] : [id]
  })
  /** What is lit: what is pointed at, else what is chosen. */
  const lit = computed(() => (items.value.length > 0 ? items.value : chosenItems.value))
  const lights = (item: string | null): boolean => item !== null && lit.value.includes(item)
  /** Set by the key that asks for a measurement: the first field that appears takes the focus. */
  const wantsField = ref(false)
  const choose = (id: string | null): void => {
    chosen.value = chosen.value === id ? null : id
  }

  return {
    ...{ items, row, thing, chosen, chosenItems, view, wantsField },
    ...{ point, leave, lights, choose },
  }
})
