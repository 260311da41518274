// A browser that is cut off may find its store damaged: it deletes it. What was kept is there again.
import { mkdtempSync, openSync, closeSync, readdirSync, statSync, writeSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from 'playwright-core'
import { stage } from './harness'
import { killable, type Killable } from './torture/killable'
import { Watch } from './torture/watch'

const on = await stage()
const folder = mkdtempSync(`${tmpdir()}/juntura-damaged-`)
afterAll(async () => {
  await on.close()
  await rm(folder, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 })
})

async function record(browser: Killable): Promise<Page> {
  const page = await browser.profile.newPage()
  await page.goto(`${on.base}/b/plover/record`)
  await page.getByLabel('Note', { exact: true }).waitFor()
  return page
}
const noteOf = (page: Page) => page.getByLabel('Note', { exact: true })

/** Writes over the middle of what the browser’s first store consists of; how many files that were. */
function damage(): number {
  const stores = join(folder, 'Default', 'IndexedDB')
  const files = readdirSync(stores)
    .flatMap(name => readdirSync(join(stores, name)).map(file => join(stores, name, file)))
    .filter(file => /\.(?:log|ldb)$/.test(file) && statSync(file).size > 1000)
  for (const file of files) {
    const handle = openSync(file, 'r+')
    writeSync(handle, Buffer.alloc(256, 0xff), 0, 256, Math.floor(statSync(file).size / 2))
    closeSync(handle)
  }
  return files.length
}

test('a store that the browser finds damaged is there again, from its second copy', async () => {
  const watch = new Watch()
  const first = await killable(folder, watch)
  const page = await record(first)
  await noteOf(page).fill('before the cut')
  await page.getByRole('button', { name: 'Keep the note' }).click()
  await page.getByText('Changed the note').waitFor()
  await first.kill()
  expect(damage()).toBeGreaterThan(0)

  const second = await killable(folder, watch)
  const again = await record(second)
  await again
    .locator('.el-message', { hasText: /All that was kept here came back from its second copy/ })
    .waitFor()
  await again.getByText('Changed the note').waitFor()
  expect(await noteOf(again).inputValue()).toBe('before the cut')
  expect(await again.locator('.trouble').count()).toBe(0)
  await second.kill()
})
