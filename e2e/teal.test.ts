// Teal, whose faults are in space, through the real interface: a piece of the case taken out by the
// keyboard, a way out carried out, both taken back.
import { stage, takeBack, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())
const { page, leave } = await visitor(on)
afterAll(leave)

const row = (text: RegExp) => page.locator('.row, .line').filter({ hasText: text }).first()
const TOO_LONG = /A1500 M in its place in the Twinlock 8/

test('a card in the radiator’s fans: how deep, and by which figures', async () => {
  await page.goto('/b/teal/fit')
  const card = row(/Tempest 390 behind radiator fans of the Weir 360/)
  await card.getByText('−28.0').waitFor()
  await card.locator('.face').click()
  await page.getByText('radiator thickness of the Weir 360').first().waitFor()
  await page.getByText('inner length of the Twinlock 8').first().waitFor()
})

test('the cage is taken out by the keyboard: the supply has room; undo puts it back', async () => {
  await page.goto('/b/teal/fit')
  await row(TOO_LONG).waitFor()
  const cage = page.getByRole('checkbox', { name: /drive cage/ })
  await cage.focus()
  await page.keyboard.press('Space')
  await page.getByText(/drive cage is out/).waitFor()
  await page.getByText(TOO_LONG).first().waitFor({ state: 'detached' })
  await takeBack(page)
  await page.getByText(/drive cage is in/).waitFor()
  await row(TOO_LONG).waitFor()
})

test('taking it out is offered as a way out, with what it costs', async () => {
  await page.goto('/b/teal/fit')
  await row(TOO_LONG).locator('.face').click()
  await page.getByRole('button', { name: 'Find ways out' }).click()
  await page
    .getByText('Take the drive cage out of the Twinlock 8 (4 screws; without bay 1, bay 2; about 3 min)')
    .waitFor()
})
