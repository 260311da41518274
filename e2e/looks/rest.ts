// When a view has all that it asked for.
import type { Page } from 'playwright-core'
import { atRest } from '../harness'

/** Named choice: a view that stays the same over so many rests has all that it asked for. */
const RESTS = 3

/** Waits until the view does not change any more: what it asks its worker for comes after it. */
export async function untilStill(page: Page): Promise<void> {
  let before = ''
  for (let same = 0; same < RESTS;) {
    await atRest(page)
    const shown = await page.locator('body').innerHTML()
    same = shown === before ? same + 1 : 0
    before = shown
  }
}
