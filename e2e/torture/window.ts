// One window under torture: what it complains about, what its store holds, and the sentence it says
// about what was given to it.
import type { Page } from 'playwright-core'

/** What lies in the store of some builds, read beside the program: how much log, and a print of it all. */
export interface Stored {
  readonly lines: number
  /** Differs where anything does; the rows themselves are too much to be sent over at every look. */
  readonly print: string
}
export const stored = (page: Page, ids: readonly string[]): Promise<Stored> =>
  page.evaluate(
    wanted =>
      new Promise<Stored>((done, failed) => {
        const opened = indexedDB.open('juntura')
        opened.onerror = () => {
          failed(new Error(opened.error?.message))
        }
        opened.onsuccess = () => {
          const read = opened.result.transaction(['builds', 'heads', 'log'])
          const logs = wanted.map(id => read.objectStore('log').index('build').getAll(id))
          const heads = wanted.map(id => read.objectStore('heads').get(id))
          const builds = wanted.map(id => read.objectStore('builds').get(id))
          read.oncomplete = () => {
            opened.result.close()
            const rows = JSON.stringify([builds, heads, logs].map(of => of.map(r => r.result)))
            let print = 0
            for (let i = 0; i < rows.length; i++) print = (print * 31 + rows.charCodeAt(i)) | 0
            const lines = logs.reduce((sum, log) => sum + log.result.length, 0)
            done({ lines, print: `${rows.length} ${print}` })
          }
        }
      }),
    ids,
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
