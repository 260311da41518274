// What must never be lost and what must never run: a full store, a huge file, a tab that dies, two
// windows at once, a file full of script.
import {
  closeSync,
  ftruncateSync,
  mkdtempSync,
  openSync,
  readFileSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import type { BrowserContext, Page } from 'playwright-core'
import { atRest, goOn, stage } from './harness'
import { VIEWS } from './looks/places'

const on = await stage()
afterAll(() => on.close())

const folder = mkdtempSync(`${tmpdir()}/juntura-e2e-`)

async function window(profile: BrowserContext, path = '/b/plover/record'): Promise<Page> {
  const page = await profile.newPage()
  await page.goto(path)
  await page.locator('h1').first().waitFor()
  return page
}
const logOf = (page: Page) => page.locator('.log li').allInnerTexts()
async function keepNote(page: Page, text: string): Promise<void> {
  await page.getByLabel('Note', { exact: true }).fill(text)
  await page.getByRole('button', { name: 'Keep the note' }).click()
}

test('a store that the browser emptied is told, with what it held', async () => {
  const profile = await on.profile()
  const page = await window(profile)
  await keepNote(page, 'a wet day')
  await page.getByText('Changed the note').waitFor()
  const devtools = await profile.newCDPSession(page)
  await devtools.send('Storage.clearDataForOrigin', {
    origin: new URL(page.url()).origin,
    storageTypes: 'indexeddb',
  })
  await page.reload()
  const told = page.locator('.trouble', {
    hasText: /no longer holds what was kept in it \(Plover\)/,
  })
  await told.waitFor()
  // It stays until something is kept again.
  await page.reload()
  await told.waitFor()
  await keepNote(page, 'a dry day again')
  await page.getByText('Changed the note').waitFor()
  await page.reload()
  await page.getByText('Changed the note').waitFor()
  expect(await page.locator('.trouble').count()).toBe(0)
})

test('a full store is told, and what was kept before is whole', async () => {
  const profile = await on.profile()
  // The store of this browser fills up as soon as a certain serial is written to it.
  await profile.route(/desk\.worker.*\.js$/, async route => {
    const answer = await route.fetch()
    const full =
      '{ const put = IDBObjectStore.prototype.put; IDBObjectStore.prototype.put = function ' +
      `(value, ...key) { if (JSON.stringify(value).includes('ONE TOO MANY')) throw new ` +
      `DOMException('full', 'QuotaExceededError'); return put.call(this, value, ...key) } }`
    await route.fulfill({ response: answer, body: `${full}\n${await answer.text()}` })
  })
  const page = await window(profile)
  await keepNote(page, 'a dry day')
  await page.getByText('Changed the note').waitFor()
  await page.getByLabel('Serial of Inlet 2').fill('ONE TOO MANY')
  await page.keyboard.press('Enter')
  await page
    .locator('.el-message', {
      hasText: /could not be saved \(.*QuotaExceeded.*\)\. What was saved before is safe/,
    })
    .waitFor()
  await page.reload()
  await page.getByText('Changed the note').waitFor()
  expect(await page.getByLabel('Note', { exact: true }).inputValue()).toBe('a dry day')
  expect(await page.getByLabel('Serial of Inlet 2').inputValue()).toBe('')
  // What fits is kept again.
  await page.getByLabel('Serial of Inlet 2').fill('IN2-0031')
  await page.keyboard.press('Enter')
  await page.getByText('Inlet 2: serial IN2-0031').waitFor()
  await profile.close()
})

test('a file of 200 MB is refused with a sentence before it is read; the page goes on', async () => {
  const profile = await on.profile()
  const page = await window(profile, '/')
  const huge = `${folder}/huge.juntura.json`
  const file = openSync(huge, 'w')
  ftruncateSync(file, 200_000_000)
  closeSync(file)
  await page.getByLabel('Build file').setInputFiles(huge)
  await page
    .locator('.el-message', { hasText: 'huge.juntura.json is too large (200 MB; at most 60)' })
    .waitFor()
  await page.getByRole('link', { name: /Avocet/ }).click()
  await page.getByRole('heading', { name: 'Parts' }).waitFor()
  await profile.close()
})

test('who leaves while a change is not yet kept is asked; who stays has it, and then leaves unasked', async () => {
  const profile = await on.profile()
  const page = await window(profile)
  const asked: string[] = []
  page.on('dialog', d => {
    asked.push(d.type())
    void d.dismiss()
  })
  // Something else holds the store for as long as the page says so.
  await page.evaluate(
    () =>
      new Promise<void>(held => {
        const open = indexedDB.open('juntura')
        open.onsuccess = () => {
          const builds = open.result.transaction('builds', 'readwrite').objectStore('builds')
          const hold = (): void => {
            if (!('letGo' in globalThis)) builds.count().onsuccess = hold
            held()
          }
          hold()
        }
      }),
  )
  await keepNote(page, 'written in haste')
  const question = page.waitForEvent('dialog')
  await page.evaluate(() => {
    setTimeout(() => location.reload(), 0)
  })
  await question
  expect(asked).toEqual(['beforeunload'])
  await page.evaluate(() => {
    Object.assign(globalThis, { letGo: true })
  })
  await page.getByText('Changed the note').waitFor()
  await page.reload()
  await page.getByText('Changed the note').waitFor()
  expect(await page.getByLabel('Note', { exact: true }).inputValue()).toBe('written in haste')
  expect(asked).toHaveLength(1)
  await profile.close()
})

test(
  'two windows change one build at once: none is lost, each sees all, undo is shared ' +
    'and says what it undoes',
  async () => {
    const profile = await on.profile()
    const [a, b] = [await window(profile), await window(profile)]
    for (let i = 1; i <= 5; i++)
      await Promise.all([
        keepNote(a, `from a ${i}`),
        b
          .getByLabel('Serial of Inlet 2')
          .fill(`B-${i}`)
          .then(() => b.keyboard.press('Enter')),
      ])
    for (const page of [a, b])
      await page.waitForFunction(() => document.querySelectorAll('.log li').length === 10)
    const [here, there] = [await logOf(a), await logOf(b)]
    expect(here).toEqual(there)
    for (let i = 1; i <= 5; i++) expect(here.some(l => l.includes(`serial B-${i}`))).toBe(true)
    expect(here.filter(l => l.includes('Changed the note'))).toHaveLength(5)
    // Each takes back whatever came last, whoever did it, and names it.
    for (const page of [b, a]) {
      const undo = page.getByRole('button', { name: 'Undo', exact: true })
      const title = (await undo.getAttribute('title')) ?? ''
      await undo.click()
      await page
        .locator('.log li', { hasText: title.replace('Undo: ', 'Took back: ') })
        .first()
        .waitFor()
      const other = page === a ? b : a
      await other
        .locator('.log li', { hasText: title.replace('Undo: ', 'Took back: ') })
        .first()
        .waitFor()
    }
    await profile.close()
  },
)

test('a file with script in every text field: shown as text, never run', async () => {
  const EVIL =
    '"><img src=x onerror="window.ran=1"><script>window.ran=1</scr' +
    'ipt><svg onload="window.ran=1">{{constructor.constructor(\'window.ran=1\')()}}'
  const profile = await on.profile()
  const page = await window(profile, '/b/avocet/parts')
  await page.getByText('Files', { exact: true }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the build as a file' }).click(),
  ])
  const file = JSON.parse(readFileSync(await download.path(), 'utf8'))
  // Every free text: names, notes, makers, models, labels, shops, serials, reasons, the log.
  const FREE = new Set([
    'name',
    'note',
    'maker',
    'model',
    'label',
    'shop',
    'serial',
    'reason',
    'line',
    'title',
    'by',
    'how',
    'plus',
    'lamp',
    'currency',
    'software',
  ])
  const poison = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return
    for (const [key, inner] of Object.entries(value)) {
      if (typeof inner === 'string' && FREE.has(key))
        (value as Record<string, unknown>)[key] = `${inner} ${EVIL}`
      else poison(inner)
    }
  }
  const [build] = file.builds
  Object.assign(build, {
    id: 'evil',
    currency: 'EUR',
    log: [{ at: '2031-03-02T09:00:00.000Z', line: 'x' }],
    photos: [{ id: 'p', about: 'board', at: '2031-03-02T09:00:00.000Z', name: 'x' }],
  })
  build.items[0].note = 'x'
  build.items[1].serial = 'x'
  build.choices.accepted = {
    'fit/memory-speed:memory:board': { reason: 'x', at: '2031-03-02T09:00:00.000Z' },
  }
  build.choices.leftOpen = { 'strip-12/lead': { reason: 'x', at: '2031-03-02T09:00:00.000Z' } }
  build.progress = {
    'task:bench': { state: 'made', at: '2031-03-02T09:00:00.000Z', by: 'x', how: 'x' },
  }
  poison(build)
  writeFileSync(`${folder}/evil.juntura.json`, JSON.stringify(file))
  const dialogs: string[] = []
  page.on('dialog', d => {
    dialogs.push(d.message())
    void d.dismiss()
  })
  await page.goto('/')
  await page.getByLabel('Build file').setInputFiles(`${folder}/evil.juntura.json`)
  await page.waitForURL(/\/b\/evil\/parts/)
  const ran = () => page.evaluate(() => (window as unknown as { ran?: number }).ran ?? 0)
  for (const view of [...VIEWS, 'build-sheet']) {
    await goOn(page, `/b/evil/${view}`)
    await page.locator('h1').first().waitFor()
    await atRest(page)
    for (const face of (await page.locator('.row .face:visible, .line .face:visible').all()).slice(
      0,
      3,
    ))
      await face.click({ timeout: 2000 }).catch(() => undefined)
    expect([
      view,
      await ran(),
      await page.locator('img[src="x"], svg[onload], main script').count(),
    ]).toEqual([view, 0, 0])
  }
  expect(await page.locator('body').innerText()).toContain('<img src=x onerror=')
  // What leaves as Markdown or SVG carries it as text as well.
  await goOn(page, '/b/evil/parts')
  await page.getByText('Files', { exact: true }).click()
  const [drawing] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the drawing as SVG, in mm' }).click(),
  ])
  const svg = readFileSync(await drawing.path(), 'utf8')
  expect(
    await page.evaluate(text => {
      const d = new DOMParser().parseFromString(text, 'image/svg+xml')
      return d.querySelectorAll('script, img, [onload], parsererror').length
    }, svg),
  ).toBe(0)
  const [sheet] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the build sheet as Markdown' }).click(),
  ])
  expect(readFileSync(await sheet.path(), 'utf8')).not.toMatch(/(^|[^\\])<(img|script|svg)/)
  expect(dialogs).toEqual([])
  await profile.close()
})

test('the server sets the content policy: only its own scripts, no inline, no eval, no frames', async () => {
  const profile = await on.profile()
  const page = await window(profile, '/')
  const answer = await page.request.get('/')
  const policy = answer.headers()['content-security-policy'] ?? ''
  expect(policy).toMatch(/script-src 'self';/)
  expect(policy).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline/)
  expect(policy).toMatch(/frame-ancestors 'none'/)
  expect(
    await page.evaluate(() => {
      const s = document.createElement('script')
      s.textContent = 'window.ran = 1'
      document.body.append(s)
      return (window as unknown as { ran?: number }).ran ?? 0
    }),
  ).toBe(0)
  await profile.close()
})
