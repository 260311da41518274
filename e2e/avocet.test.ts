// Avocet through the real interface: what is wrong is found, explained and led out of, at every
// stage.
import { readFileSync } from 'node:fs'
import { goOn, stage, takeBack, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())

const { page, leave } = await visitor(on, {}, profile =>
  profile.addInitScript(() => {
    const asked: string[] = []
    Object.assign(window, { asked })
    Object.defineProperty(navigator, 'wakeLock', {
      configurable: true,
      value: {
        request: (type: string) => {
          asked.push(type)
          const lock = { released: false, release: () => Promise.resolve() }
          return Promise.resolve(Object.assign(new EventTarget(), lock))
        },
      },
    })
  }),
)
beforeAll(async () => {
  await page.goto('/')
  await page.getByRole('link', { name: /Avocet/ }).click()
})
afterAll(leave)

const stageLink = (name: string) =>
  page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: new RegExp(name) })
const row = (text: RegExp) => page.locator('.row').filter({ hasText: text }).first()
const mark = (title: string) =>
  page.getByRole('toolbar').getByRole('button', { name: new RegExp(title) })
async function open(name: string, text: RegExp) {
  await stageLink(name).click()
  const line = row(text)
  await line.waitFor()
  if ((await line.locator('.face').getAttribute('aria-expanded')) !== 'true')
    await line.locator('.face').click()
  return line
}
const undo = () => takeBack(page)
async function save(what: string): Promise<string> {
  await page.getByText('Files', { exact: true }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: what }).click(),
  ])
  await page.getByText('Files', { exact: true }).click()
  return readFileSync(await download.path(), 'utf8')
}

test(
  'fit: standoffs that harm, what the card and the stick take away, firmware, memory, ' +
    'the cooler to measure',
  async () => {
    await stageLink('Fit').click()
    for (const text of [
      /Harm Standoffs of the Longreed 52 at B, R, S/,
      /Measure Highbank 165 under the near panel.*fits if at least 166\.6/s,
      /Watch Spindrift 310 in PCIE_1 covers SATA7 and SATA8/,
      /Watch N5 2 TB in M2_2 switches off SATA5 and SATA6/,
      /Watch Firmware 1\.04 of the Lagoon 6 is older/,
      /Tight D5 2 × 24 Tall in A2 under the fan/,
      /−400.MT\/s/,
    ])
      await row(text).waitFor()
  },
)

test(
  'joints: a shortage finds its ways out; one is carried out, exactly as promised, and ' +
    'taken back in one go',
  async () => {
    const line = await open('Connections', /Stop Front USB, right pair/)
    await line.getByRole('button', { name: 'Find fixes' }).click()
    await line.getByText(/\d fix(es)? of \d+ tried/).waitFor({ timeout: 60_000 })
    const kinds = await line.locator('.ways .kind').allInnerTexts()
    expect(new Set(kinds).size).toBeGreaterThanOrEqual(3)
    await line
      .locator('.ways li', { hasText: 'Add the Two-port card x1' })
      .getByText('+26.00', { exact: false })
      .waitFor()
    await line.getByRole('button', { name: 'Apply: Add the Two-port card x1' }).click()
    await row(/Stop Front USB, right pair/).waitFor({ state: 'detached' })
    await mark('Seat the Two-port card x1 in PCIE_4').waitFor()
    await undo()
    await row(/Stop Front USB, right pair/).waitFor()
    await mark('Seat the Two-port card x1').waitFor({ state: 'detached' })
  },
)

test(
  'joints: put there by hand, each place says what it means; harm is told and stays ' +
    'the person’s doing',
  async () => {
    await stageLink('Connections').click()
    await page.getByText('Lights lead of the Glow strip 12 V', { exact: true }).click()
    const places = page.getByRole('list', {
      name: /Places for lights lead of the Glow strip 12 V/i,
    })
    await places
      .locator('li', { hasText: 'LED_1 of the Lagoon 6' })
      .getByText('a 12 V RGB strip stays dark on 5 V')
      .waitFor()
    await places.locator('li', { hasText: 'FAN_2 of the Lagoon 6' }).getByText('Harm').waitFor()
    await places.getByRole('button', { name: 'Put here: FAN_2 of the Lagoon 6' }).click()
    await row(
      /Harm Lights lead of the Glow strip 12 V in FAN_2 of the Lagoon 6: 12 V and ground meet wrongly/,
    ).waitFor()
    await undo()
    await row(/Harm Lights lead/).waitFor({ state: 'detached' })
  },
)

test('joints: from the shortage to its way out with the keyboard alone', async () => {
  await stageLink('Connections').focus()
  await page.keyboard.press('Enter')
  await row(/Stop Data of the R3 8 TB \(4\)/).waitFor()
  /** Tab until the control of that name has the focus. */
  const tabTo = async (name: RegExp): Promise<void> => {
    for (let i = 0; i < 40; i++) {
      await page.keyboard.press('Tab')
      const here = await page.evaluate(() => {
        const e = document.activeElement
        return (e?.getAttribute('aria-label') ?? e?.textContent ?? '').replace(/\s+/g, ' ').trim()
      })
      if (name.test(here)) return
    }
    throw new Error(`Tab never came to ${name}`)
  }
  await tabTo(/Stop Data of the R3 8 TB \(4\)/)
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Find fixes' }).waitFor()
  await tabTo(/^Find fixes$/)
  await page.keyboard.press('Enter')
  await page.getByText(/\d fix(es)? of \d+ tried/).waitFor({ timeout: 60_000 })
  await tabTo(/^Apply: Add the S2 storage card$/)
  await page.keyboard.press('Enter')
  await row(/Stop Data of the R3 8 TB/).waitFor({ state: 'detached' })
  await page.locator('h1').focus()
  await page.keyboard.press('u')
  await row(/Stop Data of the R3 8 TB \(4\)/).waitFor()
})

test(
  'a figure is measured where it stands, the cursor in its field; no other copy of the ' +
    'fan is plugged otherwise',
  async () => {
    await stageLink('Connections').click()
    await row(/Stop Data of the R3 8 TB \(4\)/).waitFor()
    const pairs = () => page.locator('button:has(.meets)').allInnerTexts()
    const before = await pairs()
    expect(before.length).toBeGreaterThan(30)
    await stageLink('Parts').click()
    await page.locator('.line .face', { hasText: 'Breeze 120 (3)' }).click()
    const current = page.getByRole('row', { name: /^current/ }).first()
    expect(await current.innerText()).toMatch(/0\.18.A ± 0\.01/)
    await page.getByRole('button', { name: 'Measure current', exact: true }).click()
    await page.keyboard.type('0,17')
    await page.keyboard.press('Enter')
    await page.getByRole('row', { name: /^current 0\.17.A.*measured/ }).waitFor()
    await stageLink('Connections').click()
    await row(/Stop Data of the R3 8 TB \(4\)/).waitFor()
    expect(await pairs()).toEqual(before)
    await undo()
  },
)

test('power: surges are counted by school', async () => {
  await stageLink('Power').click()
  await row(
    /Measure Transient load \(100 µs\) on the A850 M, all cards together.*20\.4.W/s,
  ).waitFor()
  await page.getByRole('radio', { name: /Lean/ }).check()
  await row(/Transient load \(100 µs\) on the A850 M, the largest card alone/).waitFor()
  await undo()
  await row(/Transient.*all cards together/).waitFor()
})

test('order: the schools side by side; one is chosen, and the steps are its own', async () => {
  await stageLink('Order').click()
  await page.getByText('Compare build orders').click()
  const table = page.locator('table', { hasText: 'lost to a fault' })
  await table.getByText('Proof first').waitFor({ timeout: 30_000 })
  expect(await table.locator('tbody tr').count()).toBeGreaterThanOrEqual(3)
  await table.getByRole('radio', { name: /Card early/ }).check()
  await mark('Lay the processor .* lead up behind the tray').waitFor()
  await undo()
  await mark('Lay the processor .* lead').waitFor({ state: 'detached' })
})

test('order: a step is put before another by hand, and taken back', async () => {
  await page.locator('li button', { hasText: 'Fasten the R3 8 TB (1) in the cage 1' }).click()
  await page.getByRole('combobox', { name: 'Put this step before' }).click()
  await page.getByRole('option', { name: /Fasten the Breeze 120 \(1\)/ }).click()
  await page
    .getByText(/By hand: “Fasten the R3 8 TB \(1\).*” before “Fasten the Breeze 120 \(1\)/)
    .waitFor()
  const titles = await page.locator('ol.sheet li').allInnerTexts()
  expect(titles.findIndex(t => t.includes('R3 8 TB (1) in the cage'))).toBeLessThan(
    titles.findIndex(t => t.includes('Fasten the Breeze 120 (1)')),
  )
  await page.getByRole('button', { name: 'Take back' }).click()
  await page.getByText(/By hand:/).waitFor({ state: 'detached' })
  await undo()
  await page.getByText(/By hand:/).waitFor()
  // While one of the two is out of the build, the wish waits in the list.
  await stageLink('Parts').click()
  await page.locator('.line .face', { hasText: 'Breeze 120 (1)' }).click()
  await page.getByRole('button', { name: 'Remove' }).click()
  await page.locator('.line .face', { hasText: 'Breeze 120 (5)' }).waitFor({ state: 'detached' })
  await stageLink('Order').click()
  await page
    .getByText(/Waits: “Fasten the R3 8 TB \(1\).*” before a step that is not there now/)
    .waitFor()
  await page.getByRole('button', { name: 'Take back' }).click()
  await page.getByText(/Waits:/).waitFor({ state: 'detached' })
  await undo()
  await undo()
  await undo()
})

test('panel: a light three wide on two pins; on paper the block is four times its size', async () => {
  await stageLink('Front panel').click()
  await row(
    /Watch Power LED plug of the Longreed 52 is a 3-pin plug, its pins on the Lagoon 6 take a 2-pin one/,
  ).waitFor()
  await goOn(page, '/b/avocet/build-sheet')
  await page.emulateMedia({ media: 'print' })
  const box = await page.locator('.print svg').boundingBox()
  // Five pins of 2.54 mm at 4 : 1 and 2 mm on either side; 96 px an inch.
  expect(box?.width).toBeCloseTo(((5 * 2.54 * 4 + 4) / 25.4) * 96, 0)
  expect((await page.pdf({ format: 'A4' })).subarray(0, 5).toString()).toBe('%PDF-')
  expect(
    await page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor),
  ).toBe('rgb(255, 255, 255)')
  await page.emulateMedia({ media: 'screen' })
  await goOn(page, '/b/avocet/cables')
})

test('routes: the lead that ends short and its ways out; the holes and what lies in them', async () => {
  const line = await open('Cables', /Stop SATA data lead SATA lead 150 to SATA4.*−143\.8.mm/s)
  await line.getByRole('button', { name: 'Find fixes' }).click()
  await line.getByText(/\d fix(es)? of \d+ tried/).waitFor({ timeout: 60_000 })
  await line.getByRole('button', { name: /\d+ more/ }).click()
  expect(new Set(await line.locator('.ways .kind').allInnerTexts())).toEqual(
    new Set(['lead', 'leave out']),
  )
  await page.getByRole('heading', { name: 'Holes' }).waitFor()
  await row(/Clear Room in the front slot in the shroud for \d+ cables/).waitFor()
})

test('bench: standoffs that are taken out harm no more; before, the board does not go in', async () => {
  await goOn(page, '/b/avocet/bench?step=board-in%3Aboard%2Fmount~case%2Ftray')
  const before = page.getByRole('list', { name: 'Before this step' })
  await before.getByText(/Harm Standoffs of the Longreed 52 at B, R, S/).waitFor()
  expect(await page.getByRole('button', { name: 'Not yet' }).isDisabled()).toBe(true)
  await before.getByRole('button', { name: 'Go there' }).last().click()
  await page.getByText('Take out B, R, S.').waitFor()
  await page.getByText('First: Open the Longreed 52').waitFor()
  await before.getByRole('button', { name: 'Go there' }).click()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await mark('Open the Longreed 52.*done').waitFor()
  await goOn(page, '/b/avocet/bench?step=task%3Astandoffs%3Aboard')
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await mark('Set the standoffs .*done').waitFor()
  await page.getByRole('link', { name: 'Leave the bench' }).click()
  await stageLink('Fit').click()
  await row(/Watch/).waitFor()
  expect(await row(/Harm Standoffs/).count()).toBe(0)
  await undo()
  await undo()
  await row(/Harm Standoffs of the Longreed 52 at B, R, S/).waitFor()
})

test('bench: another port than planned: the rest is planned anew, and said', async () => {
  await goOn(page, '/b/avocet/bench?step=data-plug%3Asata-1%3Aport')
  await page.getByRole('heading', { name: /Plug the SATA lead 500 \(1\)/ }).waitFor()
  expect(await page.evaluate(() => (window as unknown as { asked: string[] }).asked)).toContain(
    'screen',
  )
  await page.getByRole('button', { name: 'Did it differently…' }).click()
  const panel = page.getByRole('region', { name: 'Did it differently' })
  await panel.getByText(/Another place than Lagoon 6: SATA/).waitFor()
  await panel.getByRole('button', { name: 'Put here: SATA3 of the Lagoon 6' }).click()
  const note = page.getByRole('region', { name: 'What changed' })
  await note.getByText('The rest was planned anew:').waitFor()
  await note.getByText(/Now: SATA lead 500 \(1\): board end → Lagoon 6: SATA3/).waitFor()
  await note.getByRole('button', { name: 'Seen' }).click()
  await undo()
})

test('bench: done otherwise, with the keyboard alone; on a control Space makes no step', async () => {
  await goOn(page, '/b/avocet/bench?step=data-plug%3Asata-1%3Aport')
  await page.getByRole('button', { name: 'Did it differently…' }).focus()
  await page.keyboard.press('Enter')
  await page.locator('summary:focus', { hasText: 'Another place than Lagoon 6: SATA1' }).waitFor()
  const step = mark('Plug the SATA lead 500 \\(1\\) into SATA')
  await page.keyboard.press('Space')
  await page
    .getByRole('button', { name: /^Put here:/ })
    .first()
    .waitFor({ state: 'hidden' })
  expect(await step.getAttribute('aria-label')).not.toMatch(/done/)
  await page.keyboard.press('Space')
  const other = page.getByRole('button', { name: 'Put here: SATA2 of the Lagoon 6' })
  await other.waitFor()
  await page.keyboard.press('Tab')
  expect(await other.evaluate(button => button === document.activeElement)).toBe(true)
  expect((await other.boundingBox())?.height).toBeGreaterThanOrEqual(44)
  await page.keyboard.press('Enter')
  await page
    .getByRole('region', { name: 'What changed' })
    .getByText(/Now: SATA lead 500 \(1\): board end → Lagoon 6: SATA2/)
    .waitFor()
  expect(await step.getAttribute('aria-label')).toMatch(/into SATA2.*done/)
  await undo()
})

test('bench: a lead measured shorter than its sheet says: what that changes is said', async () => {
  await goOn(page, '/b/avocet/bench?step=data-plug%3Asata-2')
  await page.getByRole('button', { name: 'Did it differently…' }).click()
  await page.getByLabel(/^length of the SATA lead 500 \(2\)/).fill('360')
  await page.keyboard.press('Enter')
  await page
    .getByRole('region', { name: 'What changed' })
    .getByText('New: Measure, SATA data lead SATA lead 500 (2) to SATA2 of the Lagoon 6')
    .waitFor()
  await page.getByRole('button', { name: 'Seen' }).click()
  await undo()
})

test('bench: before the first power-on nothing may be forgotten', async () => {
  await goOn(page, '/b/avocet/bench?step=task%3Afirst-power')
  const gate = page.getByRole('region', { name: 'Not forgotten' })
  await gate.getByText(/Wait: \d+ things planned before this/).waitFor()
  expect(await page.getByRole('button', { name: 'Not yet' }).isDisabled()).toBe(true)
  const before = await gate.locator('li').count()
  const open12 = gate.locator('li', { hasText: 'Lights lead of the Glow strip 12 V' })
  await open12.getByRole('button', { name: 'Skip…' }).click()
  await open12.getByLabel('Why it is not done').fill('the strip goes back')
  await page.keyboard.press('Enter')
  await page.waitForFunction(n => document.querySelectorAll('.gate li').length === n, before - 1)
  await undo()
})

test('bench: a picture is kept small, with the step; the record shows it, and a file takes it along', async () => {
  await goOn(page, '/b/avocet/bench?step=task%3Abench')
  const large = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 4000, height: 3000 })
    const c = canvas.getContext('2d')
    for (let i = 0; c && i < 4000; i++) {
      c.fillStyle = `hsl(${(i * 37) % 360} 60% ${30 + (i % 40)}%)`
      c.fillRect((i * 97) % 4000, (i * 61) % 3000, 90, 70)
    }
    return canvas.toDataURL('image/png').split(',')[1] ?? ''
  })
  await page.locator('input[type=file][accept="image/*"]').setInputFiles({
    name: 'bench.png',
    mimeType: 'image/png',
    buffer: Buffer.from(large, 'base64'),
  })
  const picture = page.getByRole('img', { name: /Picture of Make the bench ready/ })
  await picture.waitFor()
  const [url, width] = await picture.evaluate(
    img => [(img as HTMLImageElement).src, (img as HTMLImageElement).naturalWidth] as const,
  )
  expect(url.length).toBeLessThan(400_000)
  expect(width).toBeLessThanOrEqual(1280)
  await goOn(page, '/b/avocet/record')
  await page.getByRole('img', { name: /Picture of Make the bench ready/ }).waitFor()
  await page.getByLabel('Serial of Lagoon 6').fill('LG6-0417')
  await page.keyboard.press('Enter')
  await page.getByText('Lagoon 6: serial LG6-0417').waitFor()
  const file = JSON.parse(await save('Save the build as a file'))
  expect(Object.values(file.photos)).toEqual([url])
  expect(file.builds[0].items.find((i: { id: string }) => i.id === 'board').serial).toBe('LG6-0417')
  await undo()
  await undo()
  await page.getByRole('img', { name: /Picture of/ }).waitFor({ state: 'detached' })
})

test('bench on a phone held upright: nothing wider than the screen, targets as large as a thumb', async () => {
  await page.setViewportSize({ width: 390, height: 844 })
  await goOn(page, '/b/avocet/bench?step=data-plug%3Asata-1')
  await page.getByRole('heading', { name: /Plug the SATA lead/ }).waitFor()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  for (const box of await Promise.all(
    (await page.locator('.acts button').all()).map(b => b.boundingBox()),
  ))
    expect(Math.min(box?.height ?? 0, box?.width ?? 0)).toBeGreaterThanOrEqual(60)
  await page.setViewportSize({ width: 1280, height: 800 })
})

test('two horizons: now there is no stick in M2_2, then there is', async () => {
  await goOn(page, '/b/avocet/fit')
  await page.getByRole('button', { name: /^Bought so far/ }).click()
  await row(/switches off SATA5/).waitFor({ state: 'detached' })
  await page.getByRole('button', { name: /^Whole plan/ }).click()
  await row(/switches off SATA5/).waitFor()
})

test('the measuring round: the most decisive figure first; entered there it settles its finding', async () => {
  await stageLink('Measuring').click()
  const first = page.locator('ol.sheet > li').first()
  expect(await first.innerText()).toMatch(
    /cooler room of the Longreed 52[\s\S]*fits if at least 166\.6/,
  )
  await first.getByLabel(/cooler room/).fill('166,6')
  await page.keyboard.press('Enter')
  await page
    .locator('ol.sheet > li', { hasText: 'cooler room of the Longreed 52' })
    .waitFor({ state: 'detached' })
  await undo()
  // On paper it stands by itself, whole, with a line to write on for each figure.
  await page.emulateMedia({ media: 'print' })
  expect(await page.locator('.seam').isVisible()).toBe(false)
  expect(await page.locator('.blank:visible').count()).toBe(
    await page.locator('ol.sheet > li').count(),
  )
  await page.emulateMedia({ media: 'screen' })
})

test('a stage longer than a page is printed whole', async () => {
  await goOn(page, '/b/avocet/cables')
  await page.getByRole('heading', { name: 'Holes' }).waitFor()
  await page.emulateMedia({ media: 'print' })
  const pages =
    (await page.pdf({ format: 'A4' })).toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0
  await page.emulateMedia({ media: 'screen' })
  expect(pages).toBeGreaterThan(1)
})

test('buying: next, on its way, looked at on arrival, and what is left to pay', async () => {
  await stageLink('Buying').click()
  await page.getByText(/1143\.00.EUR left to pay/).waitFor()
  const arrived = page.locator('li', { hasText: 'Highbank 165' }).filter({ hasText: 'contents' })
  await arrived.locator('.el-checkbox', { hasText: 'contents' }).click()
  await arrived.locator('.el-checkbox', { hasText: 'film' }).click()
  await arrived.waitFor({ state: 'detached' })
  await undo()
  await undo()
  await page.getByLabel('Shop: N5 2 TB').fill('Hythe Electrics')
  await page.keyboard.press('Enter')
  await page
    .getByRole('button', { name: 'Undo', exact: true })
    .and(page.locator('[title="Undo: N5 2 TB: shop Hythe Electrics"]'))
    .waitFor()
  await undo()
})

test('two builds side by side: parts, matters, watts, price, minutes', async () => {
  await stageLink('Compare').click()
  await page.getByRole('combobox', { name: 'The other build' }).press('Enter')
  await page.getByRole('option', { name: 'Plover' }).click()
  await page.getByRole('row', { name: /Price 2148\.00.EUR 547\.00.EUR/ }).waitFor()
  await page.getByRole('row', { name: /Worst draw 634\.6.W/ }).waitFor()
  await page.getByRole('row', { name: /Case Longreed 52.* Reedbox 12/ }).waitFor()
  await page.getByRole('heading', { name: 'Open only in Avocet' }).waitFor()
})

test('exports: the sheet as Markdown, the drawing as SVG in millimetres', async () => {
  const sheet = await save('Save the build sheet as Markdown')
  expect(sheet).toMatch(/^# Avocet: build sheet\n/)
  expect(sheet).toContain('- **Harm** Standoffs of the Longreed 52 at B, R, S')
  expect(sheet).toMatch(/\n1\. \[ \] \*\*Make the bench ready\*\*/)
  const svg = await save('Save the drawing as SVG, in mm')
  const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg) ?? []
  expect(svg).toMatch(new RegExp(`viewBox="[-\\d.]+ [-\\d.]+ ${width} ${height}"`))
  const drawn = await page.evaluate(
    text =>
      new DOMParser().parseFromString(text, 'image/svg+xml').querySelectorAll('path, polyline')
        .length,
    svg,
  )
  expect(drawn).toBeGreaterThan(60)
})
