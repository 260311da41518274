// Curlew, the machine that reads the 1990s, put right through the real interface: jumpers by the
// keyboard, the mains switch told where a hand would plug it.
import { openAt, stage, takeBack, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())
const { page, leave } = await visitor(on)
afterAll(leave)

const finding = (text: RegExp) => page.locator('.row, .line').filter({ hasText: text }).first()
const part = (name: string) =>
  page.locator('.line .face, .row .face').filter({ hasText: name }).first()

test('the mains switch is told at the front panel, and is no lead of the block', async () => {
  await openAt(page, '/b/curlew/front-panel')
  await page
    .getByText(/in a machine with an AT supply that switch carries mains/)
    .first()
    .waitFor()
  await page
    .getByText(/is for a licensed electrician/)
    .first()
    .waitFor()
  await page.getByText('5 leads on the block of the Ford 33').waitFor()
})

test('a jumper is set by the keyboard: the stop goes, and comes back with undo', async () => {
  await openAt(page, '/b/curlew/connections')
  const wrong = /JP3 of the Ford 33 says colour/
  await finding(wrong).waitFor()
  await openAt(page, '/b/curlew/parts')
  await part('Ford 33').focus()
  await page.keyboard.press('Enter')
  await page.getByLabel(/JP3 display type/).selectOption({ label: '2-3: monochrome' })
  await page.getByText(wrong).first().waitFor({ state: 'detached' })
  await takeBack(page)
  await page.getByText(wrong).first().waitFor()
})

test('a jumper that nobody looked at is answered where it is asked for', async () => {
  await openAt(page, '/b/curlew/parts')
  await part('Ford 33').click()
  await page.getByLabel(/JP3 display type/).selectOption({ label: 'not looked at' })
  // Kept once it can be undone: whoever leaves before would be asked.
  await page.locator('button[aria-label="Undo"][title*="JP3"]').waitFor()
  await openAt(page, '/b/curlew/measuring')
  const asked = page.getByRole('combobox', { name: /How does JP3 of the Ford 33 stand/ })
  await asked.selectOption({ label: '2-3: monochrome' })
  await asked.waitFor({ state: 'detached' })
  await openAt(page, '/b/curlew/connections')
  await page.getByText('22 plugs joined').waitFor()
  expect(await page.getByText(/JP3 of the Ford 33 says colour/).count()).toBe(0)
})

test('a drive’s place on its ribbon is a jumper of the copy', async () => {
  await openAt(page, '/b/curlew/parts')
  await part('I170 (2)').click()
  await page
    .getByText(/both set first on one ribbon/)
    .first()
    .waitFor()
  await page.getByLabel(/its place on the ribbon/).selectOption({ label: 'second' })
  await page
    .getByText(/both set first on one ribbon/)
    .first()
    .waitFor({ state: 'detached' })
  await takeBack(page)
})

test('the bench defers to a licensed electrician where the mains switch is fitted', async () => {
  await openAt(page, '/b/curlew/order')
  await page
    .getByText(/Fit the mains switch of the AT 200/)
    .first()
    .click()
  await page.getByText(/That is for a licensed electrician, by local rules/).waitFor()
  await openAt(page, '/b/curlew/test')
  await page.getByText('Switch on at the front: it is the mains switch.').first().waitFor()
})
