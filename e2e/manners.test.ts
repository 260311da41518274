// How it behaves: keys, the keyboard alone, both lights, small screens, what is loaded, how long
// typing takes.
import { gzipSync } from 'node:zlib'
import { atRest, goOn, stage, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())

async function visit(path: string, options = {}) {
  const visit = await visitor(on, options)
  const { page } = visit
  await page.goto(path)
  await page.locator('h1').first().waitFor()
  return visit
}

test(
  'single keys: stages, along the seam, undo, all keys; none acts in a field; they can ' +
    'be changed and switched off',
  async () => {
    const { page, leave } = await visit('/b/plover/parts')
    await page.keyboard.press('2')
    await page.getByRole('heading', { name: 'Fit' }).waitFor()
    await page.keyboard.press(']')
    await page.getByRole('heading', { name: 'Order' }).waitFor()
    await page.keyboard.press('/')
    await page.locator('input[aria-label="Find a part"]:focus').waitFor()
    await page.keyboard.type('fan')
    await page.getByRole('heading', { name: 'Shelf' }).focus()
    await page.keyboard.press('8')
    await page.getByRole('heading', { name: 'Make the bench ready' }).waitFor()
    await page.keyboard.press('Enter')
    await page.getByRole('heading', { name: /Seat the T2-65/ }).waitFor()
    await page.keyboard.press('[')
    await page.getByRole('heading', { name: 'Make the bench ready' }).waitFor()
    await page.keyboard.press('5')
    await page.getByRole('heading', { name: 'Order' }).waitFor()
    await page.keyboard.press('[')
    await page.getByRole('heading', { name: 'Make the bench ready' }).waitFor()
    await page.keyboard.press('p')
    await page.getByRole('button', { name: 'Make the bench ready: Clear, tested' }).waitFor()
    await page.keyboard.press('0')
    await page.getByLabel('Note', { exact: true }).fill('')
    await page.getByLabel('Note', { exact: true }).pressSequentially('2 u 3')
    expect(await page.getByLabel('Note', { exact: true }).inputValue()).toBe('2 u 3')
    await page.getByRole('button', { name: 'Keep the note' }).click()
    await page.getByText('Changed the note', { exact: true }).waitFor()
    await page.getByRole('heading', { name: 'Record' }).focus()
    await page.keyboard.press('u')
    await page.getByText('Took back: Changed the note').waitFor()
    await page.keyboard.press('?')
    await page.getByRole('button', { name: 'Change the key for Stage Fit' }).click()
    await page.keyboard.press('3')
    await page.getByText('“3” already does: Stage Connections').waitFor()
    await page.keyboard.press('x')
    await page.keyboard.press('Escape')
    await page.getByRole('dialog').waitFor({ state: 'hidden' })
    await page.getByRole('heading', { name: 'Record' }).focus()
    await page.keyboard.press('x')
    await page.getByRole('heading', { name: 'Fit' }).waitFor()
    await page.keyboard.press('?')
    await page.getByText('Single keys act while no field').click()
    await page.keyboard.press('Escape')
    await page.getByRole('dialog').waitFor({ state: 'hidden' })
    await page.getByRole('heading', { name: 'Fit' }).focus()
    await page.keyboard.press('1')
    await atRest(page)
    expect(page.url()).toContain('/fit')
    await leave()
  },
)

test('with the keyboard alone: along the seam, into a finding, to a measurement', async () => {
  const { page, leave } = await visit('/b/plover/fit')
  await page.locator('.seam [aria-current]').focus()
  await page.keyboard.press('ArrowRight')
  await page.getByRole('heading', { name: /Seat the T2-65/ }).waitFor()
  expect(await page.evaluate(() => document.activeElement?.getAttribute('aria-label'))).toMatch(
    /^Seat the T2-65/,
  )
  await goOn(page, '/b/plover/fit')
  await page.locator('.row .face', { hasText: /Lowbank 65 under the near panel/ }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('table', { name: 'Reasons' }).waitFor()
  await page.keyboard.press('Enter')
  await page.locator('h1').focus()
  await page.keyboard.press('m')
  await page.locator('.measure-field input:focus').waitFor()
  await page.keyboard.type('82')
  await page.keyboard.press('Enter')
  await page.getByText('Clear Lowbank 65 under the near panel', { exact: false }).waitFor()
  await leave()
})

test('a mark’s target is at least 12 px wide and as high as the bar', async () => {
  const { page, leave } = await visit('/b/plover/fit')
  const boxes = await page.locator('.seam button.mark').evaluateAll(marks =>
    marks.map(m => {
      const r = m.getBoundingClientRect()
      return [r.width, r.height]
    }),
  )
  for (const [w = 0, h = 0] of boxes) expect(w >= 12 && h >= 44).toBe(true)
  await leave()
})

test('at the bench of a phone the buttons are large and in view', async () => {
  const { page, leave } = await visit('/b/plover/bench', { viewport: { width: 390, height: 844 } })
  const box = await page.getByRole('button', { name: 'Done', exact: true }).boundingBox()
  expect(box && box.height >= 64 && box.width >= 300 && box.y + box.height <= 844).toBe(true)
  await leave()
})

test(
  'what loads before the first interaction is at most 120 kB of scripts, worker apart; ' +
    'views load when visited',
  async () => {
    const profile = await on.profile()
    const page = await profile.newPage()
    const scripts = new Map<string, number>()
    page.on('response', async r => {
      if (r.url().endsWith('.js')) scripts.set(r.url(), gzipSync(await r.body()).length)
    })
    await page.goto('/')
    await page.getByRole('link', { name: /Plover/ }).waitFor()
    await page.waitForLoadState('networkidle')
    const names = [...scripts.keys()].filter(u => !u.includes('worker'))
    const total = names.reduce((sum, u) => sum + (scripts.get(u) ?? 0), 0)
    console.log(`initial scripts: ${(total / 1000).toFixed(1)} kB gzip`)
    expect(total).toBeGreaterThan(10_000)
    expect(total).toBeLessThanOrEqual(120_000)
    expect(names.some(u => /PowerView|BenchView|RailChart/.test(u))).toBe(false)
    await profile.close()
  },
)

test('no key typed in a field keeps the page busy for 50 ms', async () => {
  const { page, leave } = await visit('/b/plover/shelf')
  const devtools = await page.context().newCDPSession(page)
  // By the time of the page's own thread: what else the machine does does not count.
  await devtools.send('Performance.enable', { timeDomain: 'threadTicks' })
  const busy = async (): Promise<number> => {
    const { metrics } = await devtools.send('Performance.getMetrics')
    return 1000 * (metrics.find(m => m.name === 'TaskDuration')?.value ?? 0)
  }
  const settled = (): Promise<void> =>
    page.evaluate(() => new Promise(done => requestAnimationFrame(() => setTimeout(done))))
  /** How long the page's thread works for one act, until what it changed is painted. */
  const workOf = async (act: () => Promise<unknown>): Promise<number> => {
    await settled()
    const before = await busy()
    await act()
    await settled()
    return (await busy()) - before
  }
  /**
   * The key that takes longest, after the first that loads what is loaded once. Keys go to the page
   * and not to the field, since looking a field up is work in the page too; the text is typed twice
   * and each key counts as it took least, since another’s work beside it can only add.
   */
  const typing = async (
    field: ReturnType<typeof page.getByLabel>,
    text: string,
  ): Promise<number> => {
    await field.fill('x')
    const typed = async (): Promise<number[]> => {
      await field.fill('')
      const keys: number[] = []
      for (const key of text) keys.push(await workOf(() => page.keyboard.press(key)))
      expect(await field.inputValue()).toBe(text)
      return keys
    }
    const once = await typed()
    const again = await typed()
    return Math.max(...once.map((took, i) => Math.min(took, again[i] ?? took)))
  }
  // The measure is proved by a task made long on purpose: so long that it works for more than 50 ms
  // also where other work takes most of the machine.
  const long = await workOf(() =>
    page.evaluate(() => {
      const end = performance.now() + 600
      while (performance.now() < end);
    }),
  )
  expect(long).toBeGreaterThan(50)
  expect(await typing(page.getByLabel('Find a part'), 'ottery lowbank')).toBeLessThan(50)
  await goOn(page, '/b/plover/record')
  const note = page.getByLabel('Note', { exact: true })
  expect(await typing(note, 'a dry day at the hide')).toBeLessThan(50)
  await goOn(page, '/b/plover/fit')
  await page.locator('.row .face', { hasText: /Lowbank 65 under the near panel/ }).click()
  const room = page.getByLabel(/cooler room of the Reedbox 12/)
  expect(await typing(room, '76,25')).toBeLessThan(50)
  await leave()
})

test('two windows on one build: each sees the other’s change, undo is shared', async () => {
  const { page, leave } = await visit('/b/plover/parts')
  const second = await page.context().newPage()
  await second.goto('/b/plover/record')
  await page.locator('.line .face', { hasText: 'S300' }).click()
  await page.getByRole('button', { name: 'suspect' }).click()
  await second.getByText('S300: condition suspect').waitFor({ timeout: 5000 })
  await second.getByRole('button', { name: 'Undo' }).click()
  await page.locator('button[aria-pressed="true"]', { hasText: /^new$/ }).waitFor({ timeout: 5000 })
  await leave()
})

test(
  'Ctrl+Z takes back and Ctrl+Shift+Z does again, a field keeps its own; the menu of ' +
    'files closes by Escape and by a press elsewhere',
  async () => {
    const { page, leave } = await visit('/b/plover/record')
    const note = page.getByLabel('Note', { exact: true })
    await note.fill('dry')
    await page.getByRole('button', { name: 'Keep the note' }).click()
    await page.getByText('Changed the note').waitFor()
    await note.press('Control+z')
    await page.getByRole('heading', { name: 'Record' }).click()
    expect(await page.getByText('Took back').count()).toBe(0)
    await page.keyboard.press('Control+z')
    await page.getByText('Took back: Changed the note').waitFor()
    await page.keyboard.press('Control+Shift+z')
    await page.getByText('Did again: Changed the note').waitFor()
    const files = page.getByText('Files', { exact: true })
    const save = page.getByRole('button', { name: 'Save the build as a file' })
    await files.click()
    await save.focus()
    await page.keyboard.press('Escape')
    await save.waitFor({ state: 'hidden' })
    expect(await files.evaluate(el => el === document.activeElement)).toBe(true)
    await files.click()
    await save.waitFor()
    await page.getByRole('heading', { name: 'Record' }).click()
    await save.waitFor({ state: 'hidden' })
    await leave()
  },
)

test('a step that waited over night, or a clock that jumped, is not told as work', async () => {
  const { page, leave } = await visit('/')
  await page.clock.install()
  await page.goto('/b/plover/bench')
  await page.getByRole('heading', { name: 'Make the bench ready' }).waitFor()
  await page.clock.fastForward('10:00:00')
  await page.getByText(/time not counted of/).waitFor()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await page.getByRole('heading', { name: /Seat the T2-65/ }).waitFor()
  await goOn(page, '/b/plover/record')
  await page.getByText('1 step done in 0 min').waitFor()
  await leave()
})

test('a step pressed twice in haste is made once', async () => {
  const { page, leave } = await visit('/b/plover/bench')
  await page.getByRole('heading', { name: 'Make the bench ready' }).waitFor()
  await page.evaluate(() => {
    for (let i = 0; i < 3; i++) document.querySelector<HTMLButtonElement>('.make')?.click()
  })
  await page.getByRole('heading', { name: /Seat the T2-65/ }).waitFor()
  await goOn(page, '/b/plover/record')
  await page.getByText('Done: Make the bench ready', { exact: true }).waitFor()
  expect(await page.getByText('Done: Make the bench ready', { exact: true }).count()).toBe(1)
  await leave()
})

test('from build to build in haste: each is there, and none is told missing on the way', async () => {
  const { page, leave } = await visit('/b/plover/record')
  // Not for a moment is it said that it is not.
  await page.evaluate(() => {
    const look = (): void => {
      const denied = document.body.textContent.includes('This build is not here')
      if (denied) Object.assign(window, { denied })
    }
    new MutationObserver(look).observe(document.body, { subtree: true, childList: true })
  })
  for (const build of ['plover', 'avocet', 'plover', 'avocet']) {
    await goOn(page, '/')
    await goOn(page, `/b/${build}/record`)
    await page.getByRole('heading', { name: 'Record' }).waitFor()
    await atRest(page)
  }
  expect(await page.evaluate(() => 'denied' in window)).toBe(false)
  await leave()
})

test('addresses of earlier versions lead on, with what stood behind them', async () => {
  const { page, leave } = await visit('/b/plover/parts')
  for (const [earlier, now] of Object.entries({
    joints: 'connections',
    panel: 'front-panel',
    routes: 'cables',
    proof: 'test',
    sheet: 'build-sheet',
  })) {
    await goOn(page, `/b/plover/${earlier}?of=plover`)
    await page.waitForURL(`**/b/plover/${now}?of=plover`)
    await page.locator('h1').first().waitFor()
  }
  await leave()
})

test('the printed sheet has parts, open matters, steps and pictures', async () => {
  const { page, leave } = await visit('/b/plover/build-sheet')
  await page.emulateMedia({ media: 'print' })
  const text = await page.locator('.paper').innerText()
  for (const part of [
    'Reedbox 12',
    'Open matters',
    'Seat the T2-65',
    'First power-on',
    'front USB 3',
  ])
    expect(text).toContain(part)
  expect(await page.getByRole('button', { name: 'Print' }).isVisible()).toBe(false)
  expect((await page.pdf({ format: 'A4' })).length).toBeGreaterThan(20_000)
  await leave()
})

test('several parts at once by keys: its first button has the focus, then the one that opened it', async () => {
  const { page, leave } = await visit('/b/plover/parts')
  const opens = page.getByRole('button', { name: 'Several at once' })
  await opens.focus()
  await page.keyboard.press('Enter')
  const group = page.getByRole('group', { name: 'Several at once' })
  await group
    .getByRole('button', { name: 'All', exact: true })
    .and(page.locator(':focus'))
    .waitFor()
  await group.getByRole('button', { name: 'Close', exact: true }).focus()
  await page.keyboard.press('Enter')
  await opens.and(page.locator(':focus')).waitFor()
  await leave()
})
