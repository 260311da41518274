// One window under torture: what it complains about, what its store holds, and the sentence it says
// about what was given to it.
import type { Page } from 'playwright-core'

/** The rows of a build as they lie in the store, read beside the program, as JSON. */
export const stored = (page: Page, id: string): Promise<string> =>
  page.evaluate(
    wanted =>
      new Promise<string>((done, failed) => {
        const opened = indexedDB.open('juntura')
        opened.onerror = () => {
          failed(new Error(opened.error?.message))
        }
        opened.onsuccess = () => {
          const read = opened.result.transaction(['builds', 'heads', 'log'])
          const build = read.objectStore('builds').get(wanted)
          const head = read.objectStore('heads').get(wanted)
          const log = read.objectStore('log').index('build').getAll(wanted)
          read.oncomplete = () => {
            opened.result.close()
            done(JSON.stringify({ build: build.result, head: head.result, log: log.result }))
          }
        }
      }),
    id,
  )

/**
 * Waits, frame by frame, until one of these is in the page: an element, by what it says where that
 * matters. A locator would look again only after up to half a second.
 */
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
