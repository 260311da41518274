// Following a cable from the supply to its plug: its row lights its way and its way its row, by mouse
// and by keyboard; what is too short ends in a gap; the cables leave as YAML.
import { parse } from 'yaml'
import { stage, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())

const { page, leave } = await visitor(on)
beforeAll(async () => {
  await page.goto('/b/avocet/cables')
  await page.getByRole('heading', { name: 'Cables' }).waitFor()
})
afterAll(() => leave())

const MAIN = '24-pin main power of the A850 M to PWR_M of the Lagoon 6'
const way = (name: string) =>
  page.getByRole('group', { name: 'Leads' }).getByRole('button', { name })
const row = (name: string) => page.locator('li.route').filter({ hasText: name })
const litWays = () => page.locator('.path.lit')

test('every lead is on the drawing, and a row that is pointed at lights the whole of its way', async () => {
  const rows = await page.locator('li.route').count()
  expect(await page.locator('.path').count()).toBe(rows)
  await row(MAIN).getByRole('button').first().hover()
  await page.locator('.path.lit').waitFor()
  expect(await litWays().count()).toBe(1)
  expect(await litWays().getAttribute('aria-label')).toBe(MAIN)
  // Out of the shroud, behind the tray — dashed —, and through the lower side hole to the board.
  expect(await litWays().locator('.stroke').count()).toBe(3)
  expect(await litWays().locator('.stroke.hidden').count()).toBe(1)
})

test('a way that is pointed at lights its row; chosen, it stays lit and its row opens in view', async () => {
  await way(MAIN).dispatchEvent('mouseenter')
  await page.locator('li.route.lit').waitFor()
  expect(await page.locator('li.route.lit').innerText()).toContain('24-pin main power')
  await way(MAIN).dispatchEvent('click')
  await row(MAIN).getByRole('button', { expanded: true }).first().waitFor()
  await page.locator('h1').hover()
  expect(await litWays().getAttribute('aria-label')).toBe(MAIN)
  await way(MAIN).dispatchEvent('click')
  await page.locator('.path.lit').waitFor({ state: 'detached' })
})

test('by keyboard: one stop for the tab key, arrows from lead to lead, Enter opens', async () => {
  expect(await page.locator('.path[tabindex="0"]').count()).toBe(1)
  await page.locator('.path[tabindex="0"]').focus()
  const first = await litWays().getAttribute('aria-label')
  await page.keyboard.press('ArrowDown')
  await page.locator('.path.lit:focus').waitFor()
  const next = await litWays().getAttribute('aria-label')
  expect(next).not.toBe(first)
  expect(await page.locator('li.route.lit').innerText()).toContain(next?.slice(1, 20) ?? '?')
  await page.keyboard.press('ArrowUp')
  expect(await litWays().getAttribute('aria-label')).toBe(first)
  await page.keyboard.press('Enter')
  await page.locator('.path[aria-pressed="true"]').waitFor()
  await page.keyboard.press('Enter')
  await page.locator('.path[aria-pressed="false"]:focus').waitFor()
})

test('a socket of the supply lights the lead of its cable, and is lit by it', async () => {
  const plugs = page.locator('figure', {
    has: page.getByRole('img', { name: 'The plugs of the A850 M' }),
  })
  await plugs.locator('li', { hasText: 'main' }).focus()
  await page.locator('.path.lit').waitFor()
  expect(await litWays().getAttribute('aria-label')).toBe(MAIN)
  expect(await plugs.locator('.socket.lit').textContent()).toMatch(/MB\s*main/)
  await way(MAIN).dispatchEvent('mouseenter')
  expect(await plugs.locator('li.lit').innerText()).toMatch(/^main/)
})

test('what is too short ends in a gap with its millimetres, and what would reach is said', async () => {
  expect(await page.locator('.path.short').getAttribute('aria-label')).toMatch(
    /SATA lead 150 to SATA4 of the Lagoon 6: ends short, −143\.8.mm/,
  )
  expect(await page.locator('.path .gap').count()).toBe(1)
  await page.getByText(/What would reach: a lead of at least 300.mm/).waitFor()
})

test('dressing: a list a side, with its ties and what is over', async () => {
  const behind = page.locator('details.side').filter({ hasText: 'Behind the tray' })
  await behind.locator('summary').click()
  await behind.getByText('over the opening behind the supply').waitFor()
  const leads = await behind.locator('ol li').allInnerTexts()
  expect(leads[0]).toMatch(/^24-pin main power/)
  expect(leads[1]).toMatch(/about 240.mm over: folded here/)
})

test('the cables leave as YAML', async () => {
  await page.getByText('Files', { exact: true }).click()
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the cables as YAML' }).click(),
  ])
  expect(saved.suggestedFilename()).toBe('avocet-harness.yaml')
  const chunks: Buffer[] = []
  for await (const chunk of await saved.createReadStream()) chunks.push(chunk as Buffer)
  const read = parse(Buffer.concat(chunks).toString('utf8')) as {
    machine: string
    leads: unknown[]
  }
  expect([read.machine, read.leads.length]).toEqual([
    'Avocet',
    await page.locator('li.route').count(),
  ])
})
