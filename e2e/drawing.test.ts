// The machine and its connectors as they are seen: sides chosen by keys, things lit where they are named,
// both halves of a joint, the place of a step.
import { stage, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())

async function visit(path: string, viewport = { width: 1280, height: 800 }) {
  const visit = await visitor(on, { viewport })
  await visit.page.goto(path)
  await visit.page.locator('h1').first().waitFor()
  return visit
}

test('each side by keys: what is drawn is said, and standoffs are told where they are drawn', async () => {
  const { page, leave } = await visit('/b/avocet/fit')
  const machine = page.locator('figure.drawing svg').first()
  await page.getByRole('button', { name: 'Behind the tray' }).focus()
  await page.keyboard.press('Enter')
  expect(await machine.getAttribute('aria-label')).toBe(
    'The machine to scale, seen from: behind the tray',
  )
  expect(await page.getByText('Standoffs:').count()).toBe(0)
  await page.keyboard.press('Shift+Tab')
  await page.keyboard.press('Enter')
  expect(await machine.getAttribute('aria-label')).toBe(
    'The machine to scale, seen from: near side',
  )
  await page.getByText('Standoffs:').waitFor()
  await leave()
})

test('a name lights what it names, and the rest recedes', async () => {
  const { page, leave } = await visit('/b/avocet/fit')
  await page.locator('.caption .name', { hasText: 'Highbank 165' }).hover()
  await page.locator('.shape.cooler.lit').first().waitFor()
  expect(await page.locator('.shape.card.lit').count()).toBe(0)
  await page.locator('.captions.receded').waitFor()
  await leave()
})

test('a joint that is opened shows its plug and its socket; sockets in use are named', async () => {
  const { page, leave } = await visit('/b/plover/connections')
  await page.locator('.caption', { hasText: 'USB3_A' }).waitFor()
  const line = page.locator('li', { hasText: 'Inlet 2: USB3_A' })
  await line.getByRole('button').first().press('Enter')
  await line.getByRole('img', { name: 'Plug: USB 3 header' }).waitFor()
  const socket = line.getByRole('img', { name: 'Socket: USB 3 header' })
  // Twenty places, one of them without a contact.
  expect(await socket.locator('.contact').count()).toBe(19)
  await leave()
})

test('at the bench the place of a plug is ringed, close and in the whole; later parts are not there', async () => {
  const { page, leave } = await visit('/b/avocet/bench?step=small-plug:case/usb-a~board/usb3')
  await page.locator('.close .ring').waitFor()
  expect(await page.locator('.whole .ring').count()).toBe(1)
  // The long card comes later: in the picture of the step it is not, in the whole it is.
  expect(await page.locator('.close .shape.card').count()).toBe(0)
  expect(await page.locator('.whole .shape.card').count()).toBeGreaterThan(0)
  await page.getByRole('img', { name: 'Socket: USB 3 header' }).waitFor()
  await leave()
})

test('a board on the table lies in no case', async () => {
  const { page, leave } = await visit(
    '/b/avocet/bench?step=processor:processor/seat~board/processor',
  )
  await page.locator('.close .shape.board').first().waitFor()
  expect(await page.locator('.close .shape.case').count()).toBe(0)
  await leave()
})

test('on a phone the machine has the width of the screen', async () => {
  const { page, leave } = await visit('/b/avocet/fit', { width: 390, height: 844 })
  const box = await page.locator('.shape.board path').first().boundingBox()
  // 243.8 of 430 mm and walls, in a page of 390 px.
  expect(box?.width).toBeGreaterThan(150)
  await leave()
})

test('practice shows the face of every connector', async () => {
  const { page, leave } = await visit('/b/avocet/practice')
  const rows = page.locator('li:has(h2)')
  await rows.first().waitFor()
  expect(await page.locator('li:has(h2):not(:has(svg))').count()).toBe(0)
  expect(await rows.count()).toBeGreaterThan(30)
  await leave()
})
