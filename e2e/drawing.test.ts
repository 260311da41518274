// The machine and its connectors as they are seen: sides chosen by keys, things lit where they are named,
// both halves of a joint, the place of a step.
import { openAt, stage, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())

const { page, leave } = await visitor(on)
afterAll(leave)

async function visit(path: string, viewport = { width: 1280, height: 800 }): Promise<void> {
  await page.setViewportSize(viewport)
  await openAt(page, path)
  await page.locator('h1').first().waitFor()
}

test('each side by keys: what is drawn is said, and standoffs are told where they are drawn', async () => {
  await visit('/b/avocet/fit')
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
})

test('a name lights what it names, and the rest recedes', async () => {
  await visit('/b/avocet/fit')
  await page.locator('.caption .name', { hasText: 'Highbank 165' }).hover()
  await page.locator('.shape.cooler.lit').first().waitFor()
  expect(await page.locator('.shape.card.lit').count()).toBe(0)
  await page.locator('.captions.receded').waitFor()
})

test('a joint that is opened shows its plug and its socket; sockets in use are named', async () => {
  await visit('/b/plover/connections')
  await page.locator('.caption', { hasText: 'USB3_A' }).waitFor()
  const line = page.locator('li', { hasText: 'Inlet 2: USB3_A' })
  await line.getByRole('button').first().press('Enter')
  await line.getByRole('img', { name: 'Plug: USB 3 header' }).waitFor()
  const socket = line.getByRole('img', { name: 'Socket: USB 3 header' })
  // Twenty places, one of them without a contact.
  expect(await socket.locator('.contact').count()).toBe(19)
})

test('at the bench the place of a plug is ringed, close and in the whole; later parts are not there', async () => {
  await visit('/b/avocet/bench?step=small-plug:case/usb-a~board/usb3')
  await page.locator('.close .ring').waitFor()
  expect(await page.locator('.whole .ring').count()).toBe(1)
  // The long card comes later: in the picture of the step it is not, in the whole it is.
  expect(await page.locator('.close .shape.card').count()).toBe(0)
  expect(await page.locator('.whole .shape.card').count()).toBeGreaterThan(0)
  await page.getByRole('img', { name: 'Socket: USB 3 header' }).waitFor()
})

test('a board on the table lies in no case', async () => {
  await visit('/b/avocet/bench?step=processor:processor/seat~board/processor')
  await page.locator('.close .shape.board').first().waitFor()
  expect(await page.locator('.close .shape.case').count()).toBe(0)
})

test('on a phone the machine has the width of the screen', async () => {
  await visit('/b/avocet/fit', { width: 390, height: 844 })
  const box = await page.locator('.shape.board path').first().boundingBox()
  // 243.8 of 430 mm and walls, in a page of 390 px.
  expect(box?.width).toBeGreaterThan(150)
})

test('practice shows the face of every connector', async () => {
  await visit('/b/avocet/practice')
  const rows = page.locator('li:has(h2)')
  await rows.first().waitFor()
  expect(await page.locator('li:has(h2):not(:has(svg))').count()).toBe(0)
  expect(await rows.count()).toBeGreaterThan(30)
})

test('a thing is walked to by arrows and chosen; it stays lit, and one comes to it', async () => {
  await visit('/b/avocet/fit')
  const first = page.locator('.bodies [data-stop][tabindex="0"]')
  await first.focus()
  const name = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? '')
  const before = await name()
  await page.keyboard.press('ArrowRight')
  expect(await name()).not.toBe(before)
  await page.keyboard.press('Home')
  expect(await name()).toBe(before)
  for (let i = 0; i < 80 && !(await name()).startsWith('Highbank 165'); i++)
    await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Near side' }).focus()
  await page.locator('.bodies.recedes .shape.cooler.lit').first().waitFor()
  expect(await page.locator('.shape.card.lit, .shape.socket.lit').count()).toBe(0)
  expect(await page.locator('.bodies [aria-pressed="true"]').count()).toBe(1)
  const moved = page.locator('figure.drawing svg > g')
  await page.getByRole('button', { name: 'To the chosen' }).click()
  expect(await moved.getAttribute('transform')).not.toMatch(/scale\(1\)/)
  await page.getByRole('button', { name: 'Whole', exact: true }).click()
  expect(await moved.getAttribute('transform')).toMatch(/translate\(0,0\) scale\(1\)/)
})

test('closer by a press, the letters as large as before; layers are left out and come back', async () => {
  await visit('/b/avocet/fit')
  const name = page.locator('.caption .name', { hasText: 'Highbank 165' })
  const high = async () => (await name.boundingBox())?.height ?? 0
  const before = await high()
  await page.getByRole('button', { name: 'Closer' }).click()
  expect(await page.locator('figure.drawing svg > g').getAttribute('transform')).toMatch(
    /scale\(1\.6\)/,
  )
  expect(Math.abs((await high()) - before)).toBeLessThan(2)
  await page.getByText('Layers, save').click()
  await page.getByLabel('Connectors').uncheck()
  expect(await page.locator('.shape.socket').count()).toBe(0)
  await page.getByLabel('Connectors').check()
  expect(await page.locator('.shape.socket').count()).toBeGreaterThan(20)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save this view as PNG' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('avocet-near.png')
})

test('a distance that is chosen turns the view to where it is seen, and lights its wall', async () => {
  await visit('/b/avocet/fit')
  await page.locator('.row .face', { hasText: 'Highbank 165 under the near panel' }).click()
  await page.locator('[aria-label="The machine to scale, seen from: above"]').waitFor()
  await page.locator('line.wall').waitFor({ state: 'attached' })
})

test('from an angle: solids, turned by keys; from the sides again', async () => {
  await visit('/b/plover/fit')
  await page.getByRole('button', { name: 'Angle', exact: true }).click()
  const solids = page.locator('canvas[role="application"][aria-busy="false"]')
  await solids.waitFor()
  const drawn = () =>
    page.evaluate(
      () => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done))),
    )
  await drawn()
  const before = await solids.screenshot()
  expect((await solids.screenshot()).equals(before)).toBe(true)
  await solids.press('ArrowRight')
  await drawn()
  expect((await solids.screenshot()).equals(before)).toBe(false)
  await page.getByRole('button', { name: 'Near side' }).first().click()
  await page.locator('figure.drawing svg').first().waitFor()
})

test('a stage begins with what it comes to, and leads to the worst', async () => {
  await visit('/b/avocet/parts')
  const strip = page.getByRole('group', { name: 'In the whole build' })
  await strip.getByText(/^\d+ stop$/).waitFor()
  await strip.getByRole('button', { name: /^Harm Standoffs of the Longreed 52/ }).click()
  await page.locator('.row.open', { hasText: /Standoffs of the Longreed 52/ }).waitFor()
  expect(new URL(page.url()).pathname).toBe('/b/avocet/fit')
  // What is clear is folded with its count.
  await page.getByText(/^\d+ checks clear$/).waitFor()
})

test('a chosen lead is numbered along its way', async () => {
  await visit('/b/avocet/cables')
  await page.locator('.row .face', { hasText: 'SATA lead 150' }).first().click()
  expect(await page.locator('.paths .stop').count()).toBeGreaterThan(1)
  await page.locator('.path.lit .gap').waitFor({ state: 'attached' })
})

test('the start page says how each build stands and where it goes on', async () => {
  await visit('/')
  const plover = page.locator('li', { hasText: 'Plover' }).first()
  await plover.getByText(/0 of 25 steps done, \d+ open matters/).waitFor()
  await plover.getByRole('link', { name: 'Begin with step 1: Make the bench ready' }).click()
  await page.getByRole('heading', { name: 'Make the bench ready' }).waitFor()
  await openAt(page, '/')
  await page.getByRole('button', { name: 'Only a front panel' }).click()
  await page.getByRole('button', { name: 'Add board and case' }).click()
  await page.getByText('A new part comes in as “have”').waitFor()
})

test('the small leads one at a time, the block as it lies before the person', async () => {
  await visit('/b/plover/bench?step=panel:board')
  await page.getByText('1 of 3').waitFor()
  const first = await page.locator('.pin.lit').count()
  expect(first).toBe(2)
  await page.getByRole('button', { name: 'Next lead' }).click()
  await page.getByText('2 of 3').waitFor()
  const box = page.locator('.block svg')
  const [, , w, h] = ((await box.getAttribute('viewBox')) ?? '').split(' ')
  await page.getByRole('button', { name: 'front', exact: true }).click()
  const [, , w2, h2] = ((await box.getAttribute('viewBox')) ?? '').split(' ')
  expect([w2, h2]).toEqual([h, w])
})

test('the tour of the board: a socket that is chosen is lit where it stands; what is lost says why', async () => {
  await visit('/b/avocet/connections')
  await page.getByRole('link', { name: 'Tour of the board' }).click()
  await page.getByRole('heading', { name: 'Tour of the board' }).waitFor()
  const stop = (label: string) => page.locator('.left li', { hasText: label })
  await stop('SATA7').getByText('Stays empty: covered by the Spindrift 310').waitFor()
  await stop('USB3_A').getByText('Longreed 52: front USB, left pair').waitFor()
  // What lies under a pointer that rests would be pointed at.
  await page.mouse.move(0, 0)
  await stop('USB3_A').getByRole('button').press('Enter')
  await page.locator('.bodies .shape.socket.lit[aria-pressed="true"]').waitFor()
  expect(await page.locator('.bodies .lit').getAttribute('aria-label')).toContain('USB3_A')
})

test('the words that stand on a screen are explained, a connector by its face', async () => {
  await visit('/b/avocet/connections')
  await page.locator('h1').first().focus()
  await page.keyboard.press('w')
  const words = page.getByRole('dialog', { name: 'Marks and words on this screen' })
  await words.getByText('12 V RGB', { exact: true }).waitFor()
  await words.getByRole('img', { name: 'Socket: 12 V RGB' }).waitFor()
  // What does not stand there is not explained.
  expect(await words.getByText('thermal paste', { exact: true }).count()).toBe(0)
  // Whoever goes back has what was before, without them.
  await page.goBack()
  await words.waitFor({ state: 'detached' })
})
