// The order by hand: steps moved by keys and by dragging, what counts in it, build orders compared;
// and what lies ready before the first screw.
import { atRest, openAt, stage, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())
const { page, leave } = await visitor(on)
afterAll(leave)

const row = (title: RegExp) => page.locator('ol.sheet > li').filter({ hasText: title }).first()
const titles = (): Promise<string[]> => page.locator('ol.sheet > li').allInnerTexts()
const placeOf = async (title: RegExp): Promise<number> =>
  (await titles()).findIndex(t => title.test(t))

test('Alt and an arrow put a step before the one above it; the focus goes with it', async () => {
  await openAt(page, '/b/plover/order')
  await row(/Fasten the S2 1 TB/).waitFor()
  const before = await placeOf(/Fasten the S2 1 TB/)
  await row(/Fasten the S2 1 TB/)
    .getByRole('button')
    .focus()
  await page.keyboard.press('Alt+ArrowUp')
  await page.waitForFunction(
    n =>
      [...document.querySelectorAll('ol.sheet > li')].findIndex(l =>
        l.textContent?.includes('Fasten the S2 1 TB'),
      ) < n,
    before,
  )
  await atRest(page)
  expect(await page.evaluate(() => document.activeElement?.textContent)).toMatch(/S2 1 TB/)
  await row(/Fasten the S2 1 TB/)
    .getByRole('button')
    .click()
  await page.locator('.pinned', { hasText: /By hand: “Fasten the S2 1 TB.*; costs / }).waitFor()
  await page.getByRole('button', { name: 'Take back' }).click()
  await page.locator('.pinned').waitFor({ state: 'detached' })
})

test('dragged onto a step that facts are against it stays, and the chain of reasons is told', async () => {
  await row(/Mount the Lowbank 65/).dragTo(row(/Seat the T2-65/))
  const told = page.locator('.told', { hasText: 'Not as you put it' })
  await told.waitFor()
  expect(await told.innerText()).toMatch(/the cooler lies on the processor/)
  expect(await placeOf(/Seat the T2-65/)).toBeLessThan(await placeOf(/Mount the Lowbank 65/))
  await told.getByRole('button', { name: 'Take back' }).click()
  await told.waitFor({ state: 'detached' })
})

test('build orders say in a sentence how they differ here; what counts is set and put back', async () => {
  await page.getByText('Compare build orders').click()
  const orders = page.locator('table.sheet tbody')
  await orders.filter({ hasText: 'Start by stages' }).waitFor()
  expect(await orders.filter({ hasText: 'Proof first' }).innerText()).toMatch(
    /Here “.+” is a step of it; .*first start .* sooner/,
  )
  const turn = page.getByLabel('a turn of the case, minutes')
  await turn.fill('99')
  await page.keyboard.press('Enter')
  await page
    .getByText(/cannot be weighed/)
    .first()
    .waitFor()
  await turn.fill('6')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'As usual' }).click()
  await page.getByRole('button', { name: 'As usual' }).waitFor({ state: 'detached' })
  await page.waitForFunction(
    () =>
      document.querySelector<HTMLInputElement>('[aria-label="a turn of the case, minutes"]')
        ?.value === '2',
  )
})

test('before the first screw: what is there is ticked, what is missing goes on the buying list', async () => {
  await page.getByRole('link', { name: 'Tools, screws' }).click()
  await page.getByRole('heading', { name: 'Before the first screw' }).waitFor()
  const left = async (): Promise<number> =>
    Number(/^(\d+) things/.exec(await page.getByRole('status').first().innerText())?.[1])
  const before = await left()
  const torch = page.locator('li', { hasText: 'Torch' })
  await torch.locator('.el-checkbox').click()
  await torch.getByText('you looked').waitFor()
  expect(await left()).toBe(before - 1)
  const standoffs = page.locator('li', { hasText: 'Standoffs 6-32 UNC' })
  await standoffs.getByText('missing').waitFor()
  await standoffs.getByRole('button', { name: 'Put it on the buying list' }).click()
  await standoffs.getByText('not here yet').waitFor()
  await page.getByRole('link', { name: 'Buying' }).click()
  await page.locator('li', { hasText: 'Standoffs 6-32 UNC, 6.5 mm' }).first().waitFor()
})

test('on paper the line is 50 mm long', async () => {
  await page.getByRole('link', { name: 'Tools, screws' }).click()
  await page.locator('.ruler').waitFor()
  await page.emulateMedia({ media: 'print' })
  const [mm, long] = await page.evaluate(() => {
    const probe = document.createElement('div')
    probe.style.width = '100mm'
    document.body.append(probe)
    const perMm = probe.getBoundingClientRect().width / 100
    probe.remove()
    return [perMm, document.querySelector('.ruler')?.getBoundingClientRect().width ?? 0]
  })
  await page.emulateMedia({ media: 'screen' })
  expect(Math.abs(long / mm - 50)).toBeLessThan(0.5)
})

test('a fan that came with its case is said so by keys: done before all, and back again', async () => {
  await openAt(page, '/b/plover/parts')
  await page.getByRole('button', { name: /Fan\s+Breeze 80/ }).click()
  const how = page.getByLabel('How it gets in')
  await how.focus()
  await page.keyboard.press('c')
  await page.getByText('1 done').waitFor()
  await openAt(page, '/b/plover/order')
  await row(/The Breeze 80 sits at the top fan place/).waitFor()
  expect(await placeOf(/The Breeze 80 sits at/)).toBe(0)
  expect(await placeOf(/Fasten the Breeze 80/)).toBe(-1)
  expect(await placeOf(/Plug the lead of the Breeze 80/)).toBeGreaterThan(0)
  await page.keyboard.press('Control+z')
  await row(/Fasten the Breeze 80/).waitFor()
})
