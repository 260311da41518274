// What a person declares, through the real interface and by the keyboard: a broken place, a purpose, a
// processor beyond its rating, a habit, what is lent.
import { openAt, stage, takeBack, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())
const { page, leave } = await visitor(on)
afterAll(leave)
beforeAll(() => openAt(page, '/b/avocet/parts'))

const part = (name: RegExp) =>
  page.locator('.line .face, .row .face').filter({ hasText: name }).first()
const stageLink = (name: string) =>
  page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: new RegExp(name) })
async function press(name: RegExp, ...keys: readonly string[]): Promise<void> {
  await part(name).focus()
  for (const key of keys) await page.keyboard.press(key)
}

test('a place is marked by the keyboard: nothing is planned there, it stays in the record', async () => {
  await press(/Lagoon 6/, 'Enter')
  await page.getByText('Broken or kept free').focus()
  await page.keyboard.press('Enter')
  const form = page.locator('.marks form')
  await form.getByLabel('Place').selectOption({ label: 'M2_1' })
  await form.getByRole('radio', { name: 'broken' }).focus()
  await page.keyboard.press('Tab')
  await page.keyboard.type('bent pin')
  await page.keyboard.press('Enter')
  await page
    .locator('.marks li')
    .filter({ hasText: /M2_1 broken, bent pin/ })
    .waitFor()

  await stageLink('Connections').click()
  await page.getByText('N5 1 TB: contact edge').waitFor()
  expect(await page.getByText('Lagoon 6: M2_1').count()).toBe(0)
  await stageLink('Record').click()
  const kept = page.getByRole('heading', { name: 'Broken or kept free' })
  await kept.waitFor()
  await page.getByText('M2_1 of the Lagoon 6: broken (bent pin)').first().waitFor()
  await takeBack(page)
  await kept.waitFor({ state: 'detached' })
})

test('a purpose without a screen leaves the front’s sound unplugged', async () => {
  await openAt(page, '/b/avocet/parts')
  await page.getByLabel('Purpose').selectOption({ label: 'Runs by itself, without a screen' })
  await page.getByRole('checkbox', { name: 'Sound at the front', checked: false }).waitFor()
  await stageLink('Connections').click()
  await page.getByRole('heading', { name: 'Outside' }).waitFor()
  expect(await page.getByText(/Longreed 52: front audio/i).count()).toBe(0)
  await takeBack(page)
  await page
    .getByText(/Longreed 52: front audio/)
    .first()
    .waitFor()
})

test('a processor beyond its rating is told at once, and goes back to it', async () => {
  await openAt(page, '/b/avocet/parts')
  await press(/T2-105N/, 'Enter')
  await page.getByLabel('Declared sustained power limit').fill('180')
  await page.keyboard.press('Enter')
  await page.getByText(/runs beyond its rating, as you declared: 180 W instead of 142 W/).waitFor()
  await page.getByRole('button', { name: 'Back to its rating' }).click()
  await page.getByText(/runs beyond its rating, as you declared/).waitFor({ state: 'detached' })
})

test('a habit is chosen once, with both reasons beside it', async () => {
  await openAt(page, '/b/avocet/order')
  await page.getByText('Both ways, with their reasons').click()
  await page.getByText('the cooler presses it out, no air is caught').waitFor()
  await page.getByRole('radio', { name: /spread thin/ }).check()
  await page.getByText(/1 of \d+ chosen/).waitFor()
  await takeBack(page)
})

test('what is lent goes back by a step', async () => {
  await openAt(page, '/b/avocet/parts')
  await page.getByLabel('State of Field 8').selectOption('lent')
  await stageLink('Order').click()
  await page.getByText('Take the Field 8 out again and give it back').first().waitFor()
  await takeBack(page)
})
