// Values are called right or wrong, data is put right where one stands, what comes with a part is added, tables
// are pasted, a machine is begun with, packs and a budget are counted.
import type { Page } from 'playwright-core'
import { stage } from './harness'

const on = await stage()
afterAll(() => on.close())

async function opened(address: string): Promise<{ page: Page; close: () => Promise<void> }> {
  const profile = await on.profile()
  const page = await profile.newPage()
  await page.goto(address)
  await page.locator('h1').first().waitFor()
  return { page, close: () => profile.close() }
}
async function bring(page: Page, sheet: string): Promise<void> {
  await page.getByLabel(/Paste or drop/).fill(sheet)
  await page.getByRole('button', { name: 'Bring in' }).click()
}
const COOLER =
  'Tarn Overlook 160 CPU cooler\nHeight: 158 mm\nOverall height 155 mm\nFan: 120 mm, 4-pin PWM'
const CASE =
  'Tarn Mast L mid tower case\nMotherboards: ATX\nGPU length: 355 mm\nIncluded fans: 3 x 120 mm'

test('of two values that a sheet says one is wrong: the other stands, also after a reload', async () => {
  const { page, close } = await opened('/b/plover/coming-in')
  await bring(page, COOLER)
  await page.getByRole('link', { name: 'Tarn Overlook 160' }).click()
  await page.getByRole('button', { name: 'Wrong: height 158.0 mm' }).click()
  const height = page.locator('.fields').getByLabel('height', { exact: true })
  await page.getByRole('button', { name: 'Undo: height 158.0 mm is wrong' }).waitFor()
  expect(await height.inputValue()).toBe('155')
  await page.getByRole('button', { name: 'Back to what came in' }).click()
  await page.getByRole('heading', { name: '1 part came in' }).waitFor()
  await page.reload()
  await page.getByRole('link', { name: 'Tarn Overlook 160' }).click()
  await page.getByRole('button', { name: 'Undo: height 158.0 mm is wrong' }).click()
  await page.getByRole('button', { name: 'Wrong: height 158.0 mm' }).waitFor()
  await close()
})

test('what comes with a case is added with it, and left out where it is not wanted', async () => {
  const { page, close } = await opened('/b/plover/coming-in')
  await bring(page, CASE)
  const fans = page.getByLabel('with 3 × 120 mm fan')
  await fans.uncheck()
  await page.getByRole('button', { name: 'Add 1 part to Plover' }).waitFor()
  await fans.check()
  await page.getByRole('button', { name: 'Add 4 parts to Plover' }).click()
  await page.getByRole('heading', { name: 'Parts', exact: true }).waitFor()
  expect(await page.getByText('120 mm fan of the Mast L').count()).toBeGreaterThanOrEqual(3)
  await close()
})

test('data is put right from a finding, and one is back where one was', async () => {
  const { page, close } = await opened('/b/plover/fit')
  await page.locator('.row .face').first().click()
  await page.locator('.mend a').first().click()
  await page.getByRole('heading', { name: /^Change the data of \S/ }).waitFor()
  const price = page.locator('.fields').getByLabel('Price', { exact: true })
  await price.fill('77')
  await price.blur()
  await page.getByRole('button', { name: 'In this build' }).click()
  await page.getByRole('heading', { name: 'Fit', exact: true }).waitFor()
  await page.goto('/b/plover/record')
  await page
    .getByText(/: data changed in this build/)
    .first()
    .waitFor()
  await close()
})

test('the part that is chosen in the drawing leads to its data, by keys alone', async () => {
  const { page, close } = await opened('/b/plover/fit')
  await page.locator('figure svg [tabindex="0"]').first().focus()
  await page.keyboard.press('Enter')
  await page.locator('figure .mend a').focus()
  await page.keyboard.press('Enter')
  await page.getByRole('heading', { name: /^Change the data of \S/ }).waitFor()
  await close()
})

test('an open question leads to the very field that answers it', async () => {
  const { page, close } = await opened('/b/plover/coming-in')
  await bring(page, 'Tarn Breeze 9 case fan\nSize: 120 x 120 x 25 mm\nCurrent: 0.2 A')
  await page.getByText('1 thing that it joins by not known').waitFor()
  await page.getByRole('button', { name: 'Add 1 part to Plover' }).click()
  await page.getByRole('heading', { name: 'Parts', exact: true }).waitFor()
  await page.goto('/b/plover/measuring')
  await page.getByRole('button', { name: /^Enter it: Which plug does the Breeze 9 have/ }).click()
  const plug = page.locator('.fields').getByLabel('Connector', { exact: true }).first()
  await page.locator('.fields select:focus').waitFor()
  expect(await plug.evaluate(field => field === document.activeElement)).toBe(true)
  await plug.selectOption({ index: 1 })
  await page.getByRole('button', { name: 'In this build' }).click()
  await page
    .getByRole('heading', { name: /^Measur/ })
    .first()
    .waitFor()
  await close()
})

test('a sheet that is dropped anywhere comes in', async () => {
  const { page, close } = await opened('/b/plover/fit')
  await page.evaluate(() => {
    const dataTransfer = new DataTransfer()
    const text = 'Tarn Breeze 9 case fan\nSize: 120 x 120 x 25 mm\nConnector: 4-pin'
    dataTransfer.items.add(new File([text], 'fan.txt', { type: 'text/plain' }))
    for (const kind of ['dragenter', 'dragover', 'drop'])
      document.body.dispatchEvent(
        new DragEvent(kind, { dataTransfer, bubbles: true, cancelable: true }),
      )
  })
  await page.getByRole('link', { name: 'Tarn Breeze 9' }).waitFor()
  await close()
})

test('a supply’s cables are pasted as a table', async () => {
  const { page, close } = await opened('/b/plover/shelf/entry?from=hand&kind=supply')
  await page.locator('summary', { hasText: 'Cables' }).first().click()
  await page.getByRole('button', { name: 'Paste a table: cables' }).click()
  await page
    .getByLabel(/A table for cables/)
    .fill('Connector\tCables\tPlugs\tLength\nEPS 4+4\t2\t1\t700 mm\nSATA\t1\t4\t450 mm')
  await page.getByRole('button', { name: 'Take these rows' }).click()
  await page.getByText('3 rows taken.').waitFor()
  await page.getByText('3 entries').waitFor()
  await close()
})

test('a plain machine for a purpose to begin with', async () => {
  const { page, close } = await opened('/')
  await page.getByRole('button', { name: 'A new machine' }).click()
  await page.getByLabel('Purpose').selectOption({ label: 'Games' })
  await page.getByRole('button', { name: /^Begin with a plain machine for it/ }).click()
  await page.getByRole('heading', { name: 'Parts', exact: true }).waitFor()
  await page.getByText(/^11 parts, .* in all/).waitFor()
  await close()
})

test('several parts at once; a budget; a price that is reached; one that goes back', async () => {
  const { page, close } = await opened('/b/avocet/parts')
  await page.getByRole('button', { name: 'Several at once' }).click()
  const several = page.getByRole('group', { name: 'Several at once' })
  await several.getByRole('button', { name: /^The \d+ ordered$/ }).click()
  await several.getByLabel('State').selectOption('have')
  await several.getByRole('button', { name: 'Apply' }).click()
  await several.getByText(/parts: have\./).waitFor()
  await page.goto('/b/avocet/buying')
  await page.getByText('Nothing is ordered.').waitFor()
  await page.getByLabel('Budget').fill('3000')
  await page.getByLabel('Budget').blur()
  await page.getByText(/of the budget left/).waitFor()
  const most = page.getByLabel(/^Pay at most/).first()
  await most.fill('500')
  await most.blur()
  await page.getByText('Price reached: buy it now.').first().waitFor()
  await page.getByRole('button', { name: 'Goes back to the shop: Highbank 165' }).first().click()
  await page.getByLabel('What is wrong with it').fill('a bent pipe')
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  await page.getByText('One went back: a bent pipe').waitFor()
  await close()
})
