// Teal, whose faults are in space, through the real interface: a piece of the case taken out by the
// keyboard, a way out carried out, both taken back.
import { openAt, stage, takeBack, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())
const { page, leave } = await visitor(on)
afterAll(leave)

const row = (text: RegExp) => page.locator('.row, .line').filter({ hasText: text }).first()
const TOO_LONG = /A1500 M in its place in the Twinlock 8/

test('a card in the radiator’s fans: how deep, and by which figures', async () => {
  await openAt(page, '/b/teal/fit')
  const card = row(/Tempest 390 behind radiator fans of the Weir 360/)
  await card.getByText('−28.0').waitFor()
  await card.locator('.face').click()
  await page.getByText('radiator thickness of the Weir 360').first().waitFor()
  await page.getByText('inner length of the Twinlock 8').first().waitFor()
})

test('the cage is taken out by the keyboard: the supply has room; undo puts it back', async () => {
  await openAt(page, '/b/teal/fit')
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
  await openAt(page, '/b/teal/fit')
  await row(TOO_LONG).locator('.face').click()
  await page.getByRole('button', { name: 'Find fixes' }).click()
  await page
    .getByText(
      'Take the drive cage out of the Twinlock 8 (4 screws; without bay 1, bay 2; about 3 min)',
    )
    .waitFor()
})

test('air sent the other way at a place is told against it; undo puts it back', async () => {
  await openAt(page, '/b/teal/fit')
  const rear = page.getByRole('combobox', { name: /rear fan place/ })
  await rear.selectOption('in')
  await row(/at the rear fan place .* blows in, the place is for air that goes out/).waitFor()
  await takeBack(page)
  await page.getByText(/blows in, the place is for/).waitFor({ state: 'detached' })
})

test('the card stands upright: without a riser that stops, and it is back in its slot by undo', async () => {
  await openAt(page, '/b/teal/fit')
  const stands = page.getByRole('checkbox', { name: /Tempest 390 stands upright, on a riser/ })
  await stands.focus()
  await page.keyboard.press('Space')
  await row(/upright without a riser/).waitFor()
  await takeBack(page)
  await page.getByText(/upright without a riser/).waitFor({ state: 'detached' })
})

test('a supply turned over faces what stands on the other side', async () => {
  await openAt(page, '/b/teal/fit')
  const turn = page.getByRole('combobox', { name: /How the A1500 M goes in/ })
  await turn.selectOption({ label: 'over: its fan on the other side' })
  await row(/fan of the A1500 M before the tray/i).waitFor({ state: 'attached' })
  await takeBack(page)
  await page.getByText(/fan of the A1500 M before the tray/i).waitFor({ state: 'detached' })
})
