// One window under torture: what it complains about, what its store holds, and the sentence it says about what was given to it.
import type { Page } from 'playwright-core'

/** The rows of these builds as they lie in the store: what nothing that is opened beside them may change. */
export const storedBuilds = (page: Page, ids: readonly string[]): Promise<string> =>
  page.evaluate(
    wanted =>
      new Promise<string>((done, failed) => {
        const opened = indexedDB.open('juntura')
        opened.onerror = () => failed(opened.error)
        opened.onsuccess = () => {
          const read = opened.result.transaction(['builds', 'heads', 'log'])
          const all = wanted.flatMap(id => [
            read.objectStore('builds').get(id),
            read.objectStore('heads').get(id),
            read.objectStore('log').index('build').getAll(id),
          ])
          read.oncomplete = () => {
            opened.result.close()
            done(JSON.stringify(all.map(row => row.result as unknown)))
          }
        }
      }),
    [...ids],
  )

/** Waits, frame by frame, until one of these is in the page: an element, by what it says where that matters. A locator would look again only after up to half a second. */
export async function oneOf(
  page: Page,
  wanted: readonly { readonly element: string; readonly says?: string }[],
  ms: number,
): Promise<void> {
  const found = await page.waitForFunction(
    these =>
      these.some(({ element, says }) =>
        [...document.querySelectorAll<HTMLElement>(element)].some(
          one => one.checkVisibility() && (one.textContent ?? '').includes(says),
        ),
      ),
    wanted.map(({ element, says = '' }) => ({ element, says })),
    { timeout: ms, polling: 'raf' },
  )
  await found.dispose()
}

/** Puts every message of the page aside. */
export const putMessagesAside = (page: Page): Promise<void> =>
  page.evaluate(() => {
    for (const close of document.querySelectorAll<HTMLElement>('.el-message__closeBtn'))
      close.click()
  })
