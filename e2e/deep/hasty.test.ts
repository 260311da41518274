// Many changes in haste, and the tab is gone in the middle of them.
import type { BrowserContext, Page } from 'playwright-core'
import { stage } from '../harness'

const on = await stage()
afterAll(() => on.close())

/** After how long the tab is killed, ms: before, in the middle of and after the saving. */
const WAITS = [40, 250, 600, 1100]

async function at(profile: BrowserContext, path: string): Promise<Page> {
  const page = await profile.newPage()
  await page.goto(path)
  await page.locator('h1').first().waitFor()
  return page
}

test('a tab that is killed while saving leaves every change whole or not at all', async () => {
  const profile = await on.profile()
  let kept = 0
  for (const wait of WAITS) {
    const page = await at(profile, '/b/plover/parts')
    // Many changes at once, and the tab is gone in the middle of them.
    await page.locator('.line .face', { hasText: 'S300' }).click()
    await page.locator('.conditions button', { hasText: 'suspect' }).waitFor()
    void page
      .evaluate(() => {
        const names = ['suspect', 'unknown', 'known good', 'new']
        for (let i = 0; i < 200; i++)
          [...document.querySelectorAll<HTMLButtonElement>('.conditions button')]
            .find(b => b.textContent === names[i % 4])
            ?.click()
      })
      .catch(() => undefined)
    // Not waited for anything: the moment of its end is what is tried.
    await page.waitForTimeout(wait)
    const died = page.waitForEvent('crash')
    void profile
      .newCDPSession(page)
      .then(devtools => devtools.send('Page.crash'))
      .catch(() => undefined)
    await died
    const again = await at(profile, '/b/plover/record')
    // What the log says last is what the build holds, and undo knows exactly that many.
    const stored = await again.evaluate(
      () =>
        new Promise<{ log: number; steps: number; last: string; condition: string }>(done => {
          const open = indexedDB.open('juntura')
          open.onsuccess = () => {
            const read = open.result.transaction(['builds', 'steps', 'log'])
            const build = read.objectStore('builds').get('plover')
            const steps = read.objectStore('steps').count()
            const log = read.objectStore('log').getAll()
            read.oncomplete = () => {
              const { doc } = build.result as {
                doc: { items: { id: string; condition: string }[] }
              }
              const last = (log.result as { entry: { command: { condition: string } } }[]).at(-1)
              done({
                log: log.result.length,
                steps: steps.result,
                last: last?.entry.command.condition ?? '',
                condition: doc.items.find(i => i.id === 'supply')?.condition ?? '',
              })
            }
          }
        }),
    )
    expect(stored.steps).toBe(stored.log)
    kept = stored.steps
    if (stored.last) expect(stored.last).toBe(stored.condition)
    await again.close()
    void page.close().catch(() => undefined)
  }
  expect(kept).toBeGreaterThan(0)
  await profile.close()
})
