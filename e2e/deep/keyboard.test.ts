// A whole build by the keyboard alone: found, opened, measured, walked at the bench to its end, saved.
import { readFileSync } from 'node:fs'
import { openFile } from '../../core/document/open'
import { stage, visitor } from '../harness'

const on = await stage()
afterAll(() => on.close())
const { page, leave } = await visitor(on)
afterAll(leave)

/** Named choice: no view has more stops than this. */
const MOST_STOPS = 250
/** Named choice, ms: several times what the walk takes on two quiet cores. */
const WALK_AT_MOST = 240_000
/** What has the focus, as it is announced: by its label, else by its text. */
const focused = (): Promise<string> =>
  page.evaluate(() => {
    const one = document.activeElement
    const own = one instanceof HTMLInputElement ? one.labels?.[0] : null
    const label = own?.getAttribute('aria-label') ?? own?.textContent
    const says = one?.getAttribute('aria-label') ?? label ?? one?.textContent ?? ''
    return says.replace(/\s+/g, ' ').trim()
  })
async function tabTo(name: RegExp): Promise<void> {
  for (let stops = 0; stops < MOST_STOPS; stops += 1) {
    await page.keyboard.press('Tab')
    if (name.test(await focused())) return
  }
  throw new Error(`no stop is ${String(name)}`)
}
const press = (key: string): Promise<void> => page.keyboard.press(key)
const heading = (name: RegExp) => page.getByRole('heading', { level: 1, name })

/** Whatever was pressed by a pointer, from the first view on. */
const pressed: string[] = []
beforeAll(async () => {
  await page.exposeFunction('pressedByPointer', (what: string) => pressed.push(what))
  await page.addInitScript(() => {
    const told = globalThis as unknown as { pressedByPointer(what: string): void }
    addEventListener('pointerdown', event => told.pressedByPointer(event.type), true)
  })
})
afterAll(() => expect(pressed).toEqual([]))

test('a build is found and opened, and a figure that is missing is measured', async () => {
  await page.goto('/')
  await heading(/./).waitFor()
  await tabTo(/^Plover/)
  await press('Enter')
  await heading(/^Parts$/).waitFor()
  await press('2')
  await heading(/^Fit$/).waitFor()
  await tabTo(/^Measure Lowbank 65 under the near panel/)
  await press('Enter')
  await tabTo(/^cooler room of the Reedbox 12/)
  await page.keyboard.type('80.5')
  await press('Enter')
  await page.locator('.row', { hasText: /Clear Lowbank 65 under the near panel/ }).waitFor()
})

test('the words on the screen are looked up, and the focus comes back', async () => {
  await tabTo(/^Words$/)
  await press('Enter')
  await page.getByRole('dialog', { name: 'Marks and words on this screen' }).waitFor()
  await page.getByRole('dialog').getByText('standoffs', { exact: true }).waitFor()
  await press('Escape')
  await page.getByRole('dialog').waitFor({ state: 'detached' })
  await page.waitForFunction(() => document.activeElement?.textContent.trim() === 'Words')
})

test(
  'the whole plan is walked at the bench to its end',
  async () => {
    await tabTo(/Bench$/)
    await press('Enter')
    await heading(/^Make the bench ready$/).waitFor()
    await tabTo(/^Whole plan/)
    await press('Enter')
    await page.getByText(/whole plan/).waitFor()
    const finished = page.getByText('All steps are done')
    const waits = page.getByRole('button', { name: 'Not yet' })
    const make = page.getByRole('button', { name: 'Done', exact: true })
    while (!(await finished.isVisible())) {
      const step = await page.locator('h1').innerText()
      await make.or(waits).first().waitFor()
      if (await waits.isVisible()) {
        const held = await page.locator('.holds li').count()
        await tabTo(/It is here/)
        await press('Enter')
        await page.waitForFunction(n => document.querySelectorAll('.holds li').length < n, held)
        continue
      }
      await tabTo(/^Done$/)
      await press('Enter')
      await finished
        .or(page.locator('h1').filter({ hasNotText: step }))
        .first()
        .waitFor()
    }
  },
  WALK_AT_MOST,
)

test('the machine is tested, and the file that leaves has all of it', async () => {
  await tabTo(/^Leave the bench$/)
  await press('Enter')
  await heading(/^Order$/).waitFor()
  await press('9')
  await heading(/^Test/).waitFor()
  await tabTo(/Look at the fan of the Lowbank 65/)
  await press('Space')
  await page
    .getByRole('toolbar')
    .getByRole('button', { name: /^Plug the fan lead of the Lowbank 65.*tested/ })
    .waitFor()
  await tabTo(/^Files/)
  await press('Enter')
  await tabTo(/^Save the build as a file$/)
  const [download] = await Promise.all([page.waitForEvent('download'), press('Enter')])
  const opened = openFile(readFileSync(await download.path(), 'utf8'))
  const build = 'problem' in opened ? undefined : opened.builds[0]?.build
  const states = Object.values(build?.progress ?? {}).map(p => p.state)
  expect(states.length).toBeGreaterThan(20)
  expect(states).toContain('proved')
  expect(states).not.toContain('crossed')
})
