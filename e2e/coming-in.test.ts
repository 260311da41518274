// A stranger's parts come in: from sheets in few acts and right, through a reload, and as a machine that
// stands. An act is a click, a key on a control, a paste, a drop, a file; typing in one field is one.
import type { Page } from 'playwright-core'
import { at } from '../core/parts/paths'
import { stage } from './harness'
import { ELEVEN } from './sheets/eleven'

const on = await stage()
afterAll(() => on.close())

/** A page at its beginning, and what a person does there, counted. */
async function stranger() {
  const profile = await on.profile({ permissions: ['clipboard-read', 'clipboard-write'] })
  const page = await profile.newPage()
  page.setDefaultTimeout(8000)
  await page.goto('/')
  await page.getByRole('button', { name: 'A new machine' }).isEnabled()
  let acts = 0
  const click = async (name: string | RegExp, role: 'button' | 'link' = 'button') => {
    acts += 1
    await page.getByRole(role, { name }).first().click()
  }
  const type = async (label: string | RegExp, text: string) => {
    acts += 1
    const field = page.getByLabel(label)
    await field.fill(text)
    await field.blur()
  }
  const choose = async (label: string | RegExp, option: string) => {
    acts += 1
    await page.getByLabel(label).selectOption(option)
  }
  const paste = async (text: string) => {
    acts += 1
    await page.evaluate(t => navigator.clipboard.writeText(t), text)
    await page.getByLabel(/paste/i).focus()
    await page.keyboard.press('Control+V')
  }
  return { profile, page, click, type, choose, paste, acts: () => acts }
}

interface Kept {
  readonly state: string
  readonly part: { readonly model: string; readonly kind: string }
}
/** The items of the build whose address the page has, as they lie in the store. */
const itemsOf = (page: Page): Promise<readonly Kept[]> =>
  page.evaluate(
    id =>
      new Promise<readonly Kept[]>(done => {
        const opened = indexedDB.open('juntura')
        opened.onsuccess = () => {
          const got = opened.result.transaction('builds').objectStore('builds').get(id)
          got.onsuccess = () => {
            opened.result.close()
            done((got.result as { doc: { items: readonly Kept[] } }).doc.items)
          }
        }
      }),
    new URL(page.url()).pathname.split('/')[2] ?? '',
  )

/** A figure's own number, whatever stands beside it. */
function plain(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value
  return Object.values(value).find(v => typeof v === 'number') ?? value
}

const came = (page: Page, n: number) =>
  page.getByRole('heading', { name: new RegExp(`^${n} parts? came in$`) }).waitFor()

test('eleven sheets make a machine of thirteen parts in at most 90 acts, and what they say is right', async () => {
  const { profile, page, click, type, paste, acts } = await stranger()
  await paste(ELEVEN[0]?.text ?? '')
  await came(page, 1)
  for (const [i, sheet] of ELEVEN.slice(1).entries()) {
    await paste(sheet.text)
    await came(page, i + 2)
  }
  await type('How many of Kelder Breeze 120 S', '3')
  await page.getByRole('button', { name: 'Add 13 parts' }).waitFor()
  await click(/^Add 13 parts/)
  await page.getByRole('heading', { name: 'Parts', exact: true }).waitFor()
  expect(acts()).toBeLessThanOrEqual(90)
  const items = await itemsOf(page)
  expect(items).toHaveLength(13)
  for (const { says, text } of ELEVEN) {
    const { kind, ...values } = says
    const item = items.find(i => i.part.kind === kind && text.includes(i.part.model))
    const got = Object.keys(values).map(path => [path, plain(at(item?.part, path))])
    expect([item?.part.model, Object.fromEntries(got)]).toEqual([item?.part.model, values])
    expect(item).toBeDefined()
  }
  // Nothing that every machine needs is missing any more.
  await page.getByRole('link', { name: /Paste sheets/ }).click()
  expect(await page.getByText('Still missing for a machine').count()).toBe(0)
  await profile.close()
})

test('several sheets in one paste; a correction outlives a reload and pasting with more in it', async () => {
  const { profile, page, click, paste } = await stranger()
  await paste([ELEVEN[3], ELEVEN[9]].map(s => s?.text).join('\n\n'))
  await came(page, 2)
  await click('Kelder Post 155', 'link')
  const height = page.locator('.fields').getByLabel('height', { exact: true })
  await height.fill('157')
  await height.blur()
  await page.getByRole('button', { name: 'Back to what came in' }).click()
  await came(page, 2)
  await page.reload()
  await came(page, 2)
  await click('Kelder Post 155', 'link')
  expect(await height.inputValue()).toBe('157')
  await page.getByLabel(/^Spec sheet/).fill(`${ELEVEN[3]?.text ?? ''}\nWeight | 890 g`)
  await page.getByText('“Weight | 890 g”').waitFor()
  expect(await height.inputValue()).toBe('157')
  await page.getByText(/1 correction of yours kept/).waitFor()
  await profile.close()
})

test('a machine that stands, whose parts have no sheets, in at most 40 acts', async () => {
  const { profile, page, click, acts } = await stranger()
  await click('A machine that stands')
  await page.getByRole('heading', { name: 'Still missing for a machine' }).waitFor()
  const kinds = ['Case', 'Motherboard', 'Processor (CPU)', 'Memory (RAM)', 'Cooler', 'Drive']
  for (const kind of [...kinds, 'Power supply (PSU)']) {
    await click(`From the shelf: ${kind}`)
    await click(/^Add /)
    await page.getByRole('button', { name: `From the shelf: ${kind}` }).waitFor({ state: 'hidden' })
  }
  expect(acts()).toBeLessThanOrEqual(40)
  const items = await itemsOf(page)
  expect(items.map(i => i.state)).toEqual(Array.from({ length: 7 }, () => 'have'))
  await profile.close()
})

test('what nobody can tell the kind of waits until it is chosen', async () => {
  const { profile, page, paste, choose, click } = await stranger()
  await paste('The tide was low and the curlews were out on the mud.')
  await came(page, 1)
  await page.getByText('What kind of part is it? Choose it here.').waitFor()
  expect(await page.getByRole('button', { name: /^Add 0 parts/ }).isDisabled()).toBe(true)
  await choose(/^Kind of/, 'fan')
  // Its name is only a guess, and marked so.
  await page.getByText('2 doubtful').waitFor()
  await click(/^Leave out/)
  await page.getByText('Nothing came in yet').waitFor()
  await profile.close()
})

test('a front panel alone: board, case and the pins of its manual in at most 15 acts', async () => {
  const { profile, page, click, type, acts } = await stranger()
  const fromShelf = async (model: string) => {
    const dialog = page.getByRole('dialog')
    await dialog.waitFor()
    await type('Find a part', model)
    await click(`Add ${model}`)
    await dialog.waitFor({ state: 'hidden' })
  }
  await click('Only a front panel')
  await click('Add board and case')
  await fromShelf('Inlet 2')
  await click('Add from the shelf')
  await fromShelf('Reedbox 12')
  await click('Front panel', 'link')
  await click(/^Change the pins of/)
  await type('Paste the table of the manual', '1 PWR_BTN\n2 PLED+\n3 GND\n4 PLED-')
  await click('Keep these pins')
  await page
    .locator('.leads li', { hasText: 'power switch' })
    .getByText('on pins 1 and 3')
    .waitFor()
  expect(acts()).toBeLessThanOrEqual(15)
  await profile.close()
})

/** Goes on by Tab until what is named has the focus. */
async function tabTo(page: Page, name: string | RegExp, role: Role): Promise<void> {
  const wanted = page.getByRole(role, { name }).first()
  await wanted.waitFor()
  for (let tabs = 0; tabs < 80; tabs++) {
    if (await wanted.evaluate(e => e === document.activeElement)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`80 times Tab do not lead to ${String(name)}`)
}
type Role = 'button' | 'combobox' | 'textbox' | 'link'

test('by keyboard alone: sheets pasted, one left out, one of another kind, the rest added', async () => {
  const { profile, page } = await stranger()
  const to = (name: string | RegExp, role: Role) => tabTo(page, name, role)
  const text = [ELEVEN[3], ELEVEN[4], ELEVEN[9]].map(s => s?.text).join('\n\n')
  await page.evaluate(t => navigator.clipboard.writeText(t), text)
  await to(/paste what you have/, 'textbox')
  await page.keyboard.press('Control+V')
  await came(page, 3)
  await to('Leave out Dunlin Shoal', 'button')
  await page.keyboard.press('Enter')
  await came(page, 2)
  await page.getByText('Dunlin Shoal left out.').waitFor()
  await to('Kind of Kelder Breeze 120 S', 'combobox')
  await page.keyboard.press('Home')
  await to(/^Add \d parts? to/, 'button')
  await page.keyboard.press('Enter')
  await page
    .getByRole('heading', { name: /Parts|came in/ })
    .first()
    .waitFor()
  expect((await itemsOf(page)).length).toBeGreaterThan(0)
  await profile.close()
})

/** A basket as a shop writes it. */
const BASKET = [
  'Your basket (5 items)',
  '',
  'Harrow Peak H5 Mid-Tower ATX Case, 3x 120mm Fans, GPU up to 380mm, CPU Cooler up to 170mm',
  'Qty: 1        €94.90',
  '',
  'Sorrel B8 Pro WiFi ATX Motherboard (Socket TERN-5, 4x DDR5, 3x M.2)',
  'Qty: 1        €189.00',
  '',
  'Granite S9 2TB M.2 2280 NVMe PCIe 4.0 x4 SSD',
  'Qty: 2        €139.00',
  '',
  'Reedmace 850W 80 PLUS Gold Fully Modular ATX Power Supply, 140mm deep',
  'Qty: 1        €129.00',
  '',
  'Total        €690.90',
].join('\n')

test('a basket by keyboard alone: told apart, counted; what is doubtful is answered one after the other', async () => {
  const { profile, page } = await stranger()
  await page.evaluate(t => navigator.clipboard.writeText(t), BASKET)
  await tabTo(page, /paste what you have/, 'textbox')
  await page.keyboard.press('Control+V')
  await came(page, 4)
  expect(await page.getByLabel('How many of Granite S9 2TB').inputValue()).toBe('2')
  await tabTo(page, 'Harrow Peak H5', 'link')
  await page.keyboard.press('Enter')
  await page.getByRole('heading', { name: 'A part that came in' }).waitFor()
  const focused = (name: RegExp) =>
    page.waitForFunction(
      words => new RegExp(words).test(document.activeElement?.getAttribute('aria-label') ?? ''),
      name.source,
    )
  await tabTo(page, 'Right: maker Harrow', 'button')
  await page.keyboard.press('Enter')
  // The line is answered and gone; the next one has the focus.
  await focused(/^Right: model Peak H5$/)
  await page.keyboard.press('Enter')
  // Its title names one form of board: whether the smaller ones go in too is asked.
  await focused(/^Right: .*ATX.*Mini-ITX/)
  await page.keyboard.press('Enter')
  await page.getByRole('table', { name: 'Doubtful values' }).waitFor({ state: 'detached' })
  await page.waitForFunction(() => /values read$/.test(document.activeElement?.textContent ?? ''))
  await page.keyboard.press('Shift+Tab')
  await tabBack(page, 'Back to what came in')
  await page.keyboard.press('Enter')
  await tabTo(page, /^Add \d parts? to/, 'button')
  await page.keyboard.press('Enter')
  await page.getByRole('heading', { level: 1, name: 'Parts' }).waitFor()
  const models = (await itemsOf(page)).map(i => i.part.model)
  expect(models.filter(m => m === 'S9 2TB')).toHaveLength(2)
  expect(models).toContain('Peak H5')
  await profile.close()
})

async function tabBack(page: Page, name: string): Promise<void> {
  const wanted = page.getByRole('button', { name })
  for (let tabs = 0; tabs < 20; tabs++) {
    if (await wanted.evaluate(e => e === document.activeElement)) return
    await page.keyboard.press('Shift+Tab')
  }
  throw new Error(`20 times back do not lead to ${name}`)
}
