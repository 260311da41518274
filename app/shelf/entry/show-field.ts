// Brings the field of a form into sight that a path leads to: what it lies in is opened, and it has the cursor.
import { nextTick } from 'vue'

/** Where the form has no such field, what holds it stands for it. */
export async function showField(form: HTMLElement | undefined, path: string): Promise<void> {
  await nextTick()
  const keys = path.split('.')
  const paths = keys.map((_, i) => keys.slice(0, keys.length - i).join('.'))
  const found = paths
    .map(p => form?.querySelector<HTMLElement>(`[data-path="${CSS.escape(p)}"]`))
    .find(Boolean)
  if (!found) return
  for (let at: Element | null = found; at; at = at.parentElement)
    if (at instanceof HTMLDetailsElement) at.open = true
  found.scrollIntoView({ block: 'center' })
  found.querySelector<HTMLElement>('input, select, summary')?.focus()
}
