// The focus where something took the place of another: on the first thing to act with in it.
import { nextTick } from 'vue'

/** Once the page is drawn anew. A button that goes with what it opened leaves the focus nowhere. */
export async function focusIn(place: () => Element | null | undefined): Promise<void> {
  await nextTick()
  place()?.querySelector<HTMLElement>('input, textarea, select, button, summary')?.focus()
}
