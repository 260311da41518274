// Told, always: whatever is taken away in the browser, a sentence says what happened, what is safe
// and what to do; nothing spins for ever.
import type { BrowserContext, Locator, Page } from 'playwright-core'
import { freePort, stage, startServer, stopServer } from './harness'

const on = await stage()
afterAll(() => on.close())

/** A page whose store fails from its first moment, in the page and in its workers. */
async function withStore(fault: string): Promise<{ profile: BrowserContext; page: Page }> {
  const profile = await on.profile()
  await profile.route(/\.worker.*\.js$/, async route => {
    const answer = await route.fetch()
    await route.fulfill({ response: answer, body: `${fault}\n${await answer.text()}` })
  })
  return { profile, page: await profile.newPage() }
}
const THROWS = (name: string) =>
  `IDBFactory.prototype.open = () => { throw new DOMException('no', '${name}') };`

describe('no store', () => {
  test.each([
    [
      'none at all',
      'Object.defineProperty(globalThis, "indexedDB", { value: undefined });',
      /MissingAPI/,
    ],
    ['refused, as in a private window', THROWS('SecurityError'), /SecurityError/],
    ['broken behind', THROWS('UnknownError'), /UnknownError/],
  ])(
    '%s: said on the first page and in a build; there are not “0 builds”',
    async (_, fault, name) => {
      const { profile, page } = await withStore(fault)
      await page.goto('/')
      const says = page
        .getByRole('alert')
        .filter({ hasText: /The store of this browser cannot be opened/ })
      await says.waitFor()
      expect(await says.innerText()).toMatch(name)
      expect(await says.innerText()).toMatch(/Nothing that was kept is lost/)
      expect(await page.getByText('0 builds').count()).toBe(0)
      expect(await page.getByRole('button', { name: 'A new machine' }).isDisabled()).toBe(true)
      await page.goto('/b/plover/parts')
      await page.getByRole('heading', { name: 'The builds cannot be reached' }).waitFor()
      await page.getByRole('button', { name: 'Try again' }).click()
      await says.waitFor()
      await profile.close()
    },
  )

  test(
    'held by a window of an older version: said after a few seconds; when that window is ' +
      'closed, trying again goes on',
    async () => {
      const profile = await on.profile()
      const older = await profile.newPage()
      const blank = '<!doctype html><link rel="icon" href="data:," /><title>Before</title>'
      await older.route('**/before', route =>
        route.fulfill({ contentType: 'text/html', body: blank }),
      )
      await older.goto('/before')
      await older.evaluate(
        () =>
          new Promise<void>(done => {
            const asked = indexedDB.open('juntura', 10)
            // It neither closes nor listens when a newer one asks for the store.
            asked.onsuccess = () => done(void Object.assign(globalThis, { held: asked.result }))
          }),
      )
      const page = await profile.newPage()
      await page.goto('/')
      await page.getByText(/The store of this browser does not open\. Another window/).waitFor()
      expect(await page.getByText('0 builds').count()).toBe(0)
      await older.close()
      await page.getByRole('button', { name: 'Try again' }).click()
      await page.getByRole('link', { name: /Plover/ }).waitFor()
      await profile.close()
    },
  )
})

/** A page on Plover's record with one serial kept, and its clock in the test's hand. */
async function withSerialKept(): Promise<{
  profile: BrowserContext
  page: Page
  serial: Locator
}> {
  const profile = await on.profile()
  const page = await profile.newPage()
  await page.clock.install()
  await page.goto('/b/plover/record')
  const serial = page.getByLabel('Serial of Inlet 2')
  await serial.fill('BEFORE')
  await page.keyboard.press('Enter')
  await page.getByText('Inlet 2: serial BEFORE').waitFor()
  return { profile, page, serial }
}
async function typedAgain(page: Page, serial: Locator): Promise<void> {
  await page.getByText('Not kept: “BEFORE” is stored here.').waitFor()
  await page.getByRole('button', { name: 'Put aside' }).click()
  await serial.press('Enter')
  await serial.fill('AFTER ALL')
  await page.keyboard.press('Enter')
  await page.getByText('Inlet 2: serial AFTER ALL').waitFor()
}

describe('no worker', () => {
  test('not there: said, and nothing spins', async () => {
    const profile = await on.profile()
    await profile.route(/desk\.worker.*\.js$/, route =>
      route.fulfill({ status: 404, body: 'none' }),
    )
    const page = await profile.newPage()
    await page.goto('/')
    await page
      .getByText(/A part of Juntura could not be loaded\. What was kept before is safe/)
      .waitFor()
    expect(await page.getByText('0 builds').count()).toBe(0)
    await profile.close()
  })

  test(
    'ended in the middle: said at once; another takes its place; what was typed is shown ' +
      'as not kept, and is kept when it is typed again',
    async () => {
      const { profile, page, serial } = await withSerialKept()
      const [worker] = page.workers()
      if (!worker) throw new Error('no worker')
      // It ends before it hears of what is typed next.
      const ends = 'for (const end = performance.now() + 2000; performance.now() < end;); close()'
      void worker.evaluate(ends).catch(() => undefined)
      await serial.fill('AFTER')
      await page.keyboard.press('Enter')
      await page.getByText(/stopped and was started anew\. What was kept before is safe/).waitFor()
      await typedAgain(page, serial)
      await profile.close()
    },
  )

  test(
    'hung in the middle: asked after 20 seconds, replaced after 20 more; what was typed ' +
      'is shown as not kept, and is kept when it is typed again',
    async () => {
      const { profile, page, serial } = await withSerialKept()
      const [worker] = page.workers()
      if (!worker) throw new Error('no worker')
      void worker.evaluate('for (;;);').catch(() => undefined)
      await serial.fill('AFTER')
      await page.keyboard.press('Enter')
      await page.clock.fastForward(21_000)
      await page.getByText(/has given no sign for 20 seconds and is being asked/).waitFor()
      await page.clock.fastForward(21_000)
      await page
        .getByText(/did not answer and was started anew\. What was kept before is safe/)
        .waitFor()
      await typedAgain(page, serial)
      await profile.close()
    },
  )

  test('ended again and again: not started for ever, and said', async () => {
    const profile = await on.profile()
    await profile.route(/desk\.worker.*\.js$/, async route => {
      const answer = await route.fetch()
      // As soon as it has said that it is here.
      const ends =
        '{ const say = postMessage.bind(globalThis); globalThis.postMessage = (what, ' +
        '...more) => { say(what, ...more); if (what && what.sign === "here") ' +
        'setTimeout(close) } }'
      await route.fulfill({ response: answer, body: `${ends}\n${await answer.text()}` })
    })
    const page = await profile.newPage()
    let begun = 0
    page.on('worker', () => {
      begun += 1
    })
    await page.goto('/')
    await page.getByText(/stops again and again\. What was kept before is safe/).waitFor()
    expect(begun).toBe(4)
    await profile.close()
  })
})

describe('parts of the program', () => {
  test('before any of it is read a sentence stands in the page; without scripts what it needs', async () => {
    const late = await on.profile()
    await late.route(/\.js$/, () => undefined)
    const page = await late.newPage()
    await page.goto('/b/plover/parts', { waitUntil: 'commit' })
    await page.getByRole('status').filter({ hasText: 'Juntura is opening' }).waitFor()
    await late.close()
    const without = await on.profile({ javaScriptEnabled: false })
    const plain = await without.newPage()
    await plain.goto('/')
    await plain.getByText(/needs JavaScript/).waitFor()
    await without.close()
  })

  test('gone after an update: the window says so, and that all is kept', async () => {
    const profile = await on.profile()
    const page = await profile.newPage()
    await page.goto('/b/plover/parts')
    await page.getByRole('heading', { name: 'Parts' }).waitFor()
    await profile.route(/assets\/PowerView.*\.js$/, route =>
      route.fulfill({ status: 404, body: '' }),
    )
    await page.getByRole('link', { name: /Power/ }).first().click()
    await page
      .getByText(/Juntura was updated while this window was open.*All you did is kept/s)
      .waitFor()
    await page.getByRole('button', { name: 'Reload the page' }).waitFor()
    await profile.close()
  })

  test('the server stopped: said with what to do; started again, a reload goes on', async () => {
    const port = await freePort()
    const { server } = await startServer(port)
    const profile = await on.profile()
    const page = await profile.newPage()
    await page.goto(`http://127.0.0.1:${port}/b/plover/parts`)
    await page.getByRole('heading', { name: 'Parts' }).waitFor()
    await stopServer(server)
    await page.getByRole('link', { name: /Order/ }).first().click()
    await page.getByText(/server does not answer.*npm start/s).waitFor()
    const again = await startServer(port)
    await page.getByRole('button', { name: 'Reload the page' }).click()
    await page.getByRole('heading', { name: 'Parts' }).waitFor()
    await stopServer(again.server)
    await profile.close()
  })

  test('a call that is refused is said, and the page goes on', async () => {
    const profile = await on.profile()
    const page = await profile.newPage()
    await page.goto('/b/plover/record')
    await page.getByRole('heading', { name: 'Record' }).waitFor()
    await page.evaluate(() => {
      void Promise.reject(new RangeError('planted'))
    })
    await page
      .getByText(/Something could not be shown \(RangeError\)\. What was kept is safe/)
      .waitFor()
    await profile.close()
  })
})

test('a state that could not be kept is not shown as if it were', async () => {
  const { profile, page } = await withStore(
    `IDBObjectStore.prototype.add = () => { throw new DOMException('full', 'QuotaExceededError') };`,
  )
  await page.goto('/b/plover/parts')
  const state = page.getByLabel('State of Inlet 2')
  const before = await state.inputValue()
  await state.selectOption('spare')
  await page.locator('.el-message', { hasText: /could not be saved/ }).waitFor()
  await page.waitForFunction(
    was =>
      document.querySelector<HTMLSelectElement>('[aria-label="State of Inlet 2"]')?.value === was,
    before,
  )
  await profile.close()
})

test('a price that is none is shown as not kept where it was typed', async () => {
  const profile = await on.profile()
  const page = await profile.newPage()
  await page.goto('/b/avocet/buying')
  const price = page.getByLabel(/^Pay at most: /).first()
  await price.fill('much')
  await page.keyboard.press('Enter')
  await page.getByText('Not kept. This is no amount. Type one such as 129 or 1299.50.').waitFor()
  await price.press('Escape')
  await page
    .getByText('Not kept. This is no amount. Type one such as 129 or 1299.50.')
    .waitFor({ state: 'detached' })
  await profile.close()
})
