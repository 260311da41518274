// Single keys: which there are, which the person changed or switched off, and who listens.
import { useEventListener, useStorage } from '@vueuse/core'
import { computed, onScopeDispose } from 'vue'
import { STAGE_LINES } from './stages'

export interface KeyLine {
  readonly id: string
  readonly key: string
  readonly says: string
}

export const KEY_LINES: readonly KeyLine[] = [
  ...STAGE_LINES.map(s => ({ id: `stage-${s.name}`, key: s.key, says: `Stage ${s.title}` })),
  { id: 'seam-back', key: '[', says: 'Back along the seam' },
  { id: 'seam-on', key: ']', says: 'On along the seam' },
  { id: 'find', key: '/', says: 'Find' },
  { id: 'measure', key: 'm', says: 'Enter a measurement' },
  { id: 'prove', key: 'p', says: 'Mark the present step as tested' },
  { id: 'undo', key: 'u', says: 'Undo' },
  { id: 'redo', key: 'r', says: 'Redo' },
  { id: 'words', key: 'w', says: 'Words on this screen' },
  { id: 'keys', key: '?', says: 'All keys' },
]

const changed = useStorage<Record<string, string>>('juntura-keys', {})
export const keysOn = useStorage('juntura-keys-on', true)
export const keyOf = (id: string): string =>
  changed.value[id] ?? KEY_LINES.find(k => k.id === id)?.key ?? ''
export const keyRows = computed(() =>
  KEY_LINES.map(k => ({ ...k, key: keyOf(k.id), changed: k.id in changed.value })),
)
export const clash = (id: string, key: string): string | null =>
  keyRows.value.find(k => k.id !== id && k.key === key)?.says ?? null
export function changeKey(id: string, key: string | null): void {
  const { [id]: _old, ...rest } = changed.value
  changed.value = key === null ? rest : { ...rest, [id]: key }
}

const listeners = new Map<string, Set<() => void>>()

/** Acts on a key while the caller lives; the latest listener of a key wins. */
export function onKey(id: string, act: () => void): void {
  const own = listeners.get(id) ?? new Set()
  listeners.set(id, own.add(act))
  onScopeDispose(() => own.delete(act))
}

/** No key acts while a field or a control has the focus, or a dialog is open. */
export const isBusy = (target: EventTarget | null): boolean =>
  target instanceof Element &&
  target.closest('input, textarea, select, button, a, summary, [role], [contenteditable]') !== null

/**
 * The keys that every program has for taking back and doing again; in a field they are the field's
 * own.
 */
export function listenForUndo(turn: (way: 'undo' | 'redo') => void): void {
  useEventListener('keydown', (event: KeyboardEvent) => {
    const key = event.key.toLowerCase()
    const field = event.target instanceof Element && event.target.closest(WRITTEN_IN) !== null
    if (!(event.ctrlKey || event.metaKey) || event.altKey || field) return
    if (key !== 'z' && key !== 'y') return
    event.preventDefault()
    turn(key === 'y' || event.shiftKey ? 'redo' : 'undo')
  })
}
const WRITTEN_IN = 'input, textarea, select, [contenteditable], [role="dialog"]'

export function listenForKeys(): void {
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (!keysOn.value || event.ctrlKey || event.metaKey || event.altKey || isBusy(event.target))
      return
    const row = keyRows.value.find(k => k.key === event.key)
    const act = row && [...(listeners.get(row.id) ?? [])].at(-1)
    if (!act) return
    event.preventDefault()
    act()
  })
}
