// The shelf through the real interface: every way a part gets in, finding it, comparing, measuring
// it for every copy, its manual at the joint.
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import type { Page } from 'playwright-core'
import { openAt, stage, takeBack, visitor } from './harness'
import { MANY, manyFans } from './many'
import { manualOf } from './manual'

const on = await stage()
afterAll(() => on.close())
const { page, leave } = await visitor(on)
const dir = mkdtempSync(`${tmpdir()}/juntura-shelf-`)
afterAll(leave)

const shelf = async (query = ''): Promise<void> => {
  await openAt(page, `/b/avocet/shelf${query}`)
  await page.getByText(/parts of \d+/).waitFor()
  await page.locator('.line .name').first().waitFor()
}
const entry = async (from: string): Promise<void> => {
  await openAt(page, `/b/avocet/shelf/entry?from=${from}`)
  await page.getByRole('heading', { level: 1 }).waitFor()
}
const put = async (): Promise<void> => {
  await page.getByRole('button', { name: /^(?:Put on the shelf|Keep the change)$/ }).click()
  await page.getByRole('complementary').getByRole('heading').waitFor()
}
const field = (name: string) => page.locator('.fields').getByLabel(name, { exact: true })
const row = (name: string) => page.locator('.line').filter({ hasText: name })
/** Waits until the shelf tells how many parts it shows, "7 parts of 164". */
const shows = (count: RegExp): Promise<void> => page.getByText(count).waitFor()
const choose = (text: string, name: string): Promise<void> => {
  const path = `${dir}/${name}`
  writeFileSync(path, text)
  return page.setInputFiles('.find input[type=file]', path)
}
const dialog = () => page.getByRole('dialog')

describe('finding', () => {
  test('words narrow at every keystroke; a kind brings its figures; bounds and order hold', async () => {
    await shelf()
    await shows(/^\s*[1-9]\d\d parts of \d+/)
    await page.getByLabel('Find a part').pressSequentially('kelder 120')
    await row('Vane 120').waitFor()
    await shows(/^\s*[1-9] parts? of \d+/)
    await page.getByLabel('Find a part').fill('')
    await page.getByRole('button', { name: /^Cooler \d/ }).click()
    await page.getByLabel('height at most').fill('7 cm')
    await page.getByLabel('height at most').press('Enter')
    await row('Highbank 165').waitFor({ state: 'detached' })
    await page.getByRole('columnheader', { name: 'height' }).click()
    await page
      .getByRole('columnheader', { name: 'height', exact: false })
      .and(page.locator('[aria-sort=ascending]'))
      .waitFor()
    const heights = (
      await page
        .locator('.line:not(.head)')
        .evaluateAll(lines =>
          lines.map(l => [...l.querySelectorAll('.wide.figure')][0]?.textContent ?? ''),
        )
    ).map(t => parseFloat(t))
    expect(heights.length).toBeGreaterThan(3)
    expect(heights).toEqual([...heights].sort((a, b) => a - b))
    expect(Math.max(...heights)).toBeLessThanOrEqual(70)
  })
  test('words narrow from anywhere in the list: what is found is seen', async () => {
    await shelf()
    await page.locator('.table .scroll').evaluate(list => {
      list.scrollTop = list.scrollHeight
    })
    await page.locator('.line', { hasText: 'USB stick' }).last().waitFor()
    await page.getByLabel('Find a part').fill('pier 120')
    await row('Pier 120').waitFor()
    await page.getByLabel('Find a part').fill('')
    await page
      .getByText('211 parts of')
      .or(page.getByText(/^\d+ parts of/))
      .first()
      .waitFor()
    expect(await page.locator('.line').count()).toBeGreaterThan(8)
  })
  test('by keyboard alone: slash, words, down to the part, Enter opens it', async () => {
    await openAt(page, '/b/avocet/parts')
    await page.getByRole('heading', { name: 'Parts', exact: true }).waitFor()
    await page.keyboard.press('/')
    await page.getByLabel('Find a part').and(page.locator(':focus')).waitFor()
    await page.keyboard.type('pier 120')
    await page.getByText('1 part of').waitFor()
    await page.keyboard.press('ArrowDown')
    await row('Pier 120').locator('.name').and(page.locator(':focus')).waitFor()
    await page.keyboard.press('Enter')
    await page
      .getByRole('complementary', { name: 'Pier 120' })
      .getByRole('heading')
      .and(page.locator(':focus'))
      .waitFor()
    // What one does with it is a few keys away; Escape gives the line back.
    for (let i = 0; i < 2; i++) await page.keyboard.press('Tab')
    await page
      .getByRole('button', { name: 'Add to Plover' })
      .or(page.getByRole('button', { name: 'Add to Avocet' }))
      .and(page.locator(':focus'))
      .waitFor()
    await page.keyboard.press('Escape')
    await row('Pier 120').locator('.name').and(page.locator(':focus')).waitFor()
  })
  test('the lines are one stop of Tab: the way to what stands below is short', async () => {
    await shelf()
    await page.locator('.line .name').first().focus()
    const passed: string[] = []
    while (passed.length < 8 && !passed.some(p => p.includes('Save as'))) {
      await page.keyboard.press('Tab')
      passed.push(await page.evaluate(() => document.activeElement?.textContent ?? ''))
    }
    expect(passed.some(p => p.includes('Save as CSV'))).toBe(true)
    await page.locator('.line .act').nth(2).focus()
    await page.keyboard.press('ArrowDown')
    expect(
      await page.evaluate(() => [
        document.activeElement?.className,
        document.activeElement?.closest('[role=row]')?.getAttribute('aria-rowindex'),
      ]),
    ).toEqual(['act', '5'])
  })
  test('the arrows walk through all lines, drawn or not', async () => {
    await shelf()
    await page.locator('.line .name').first().focus()
    const places: number[] = []
    for (let i = 0; i < 40; i++) {
      await page.keyboard.press('ArrowDown')
      await page.waitForFunction(
        n =>
          document.activeElement?.closest('[role=row]')?.getAttribute('aria-rowindex') ===
          String(n),
        i + 3,
      )
      places.push(
        Number(
          await page.evaluate(() =>
            document.activeElement?.closest('[role=row]')?.getAttribute('aria-rowindex'),
          ),
        ),
      )
    }
    expect(places.at(-1)).toBe(42)
    expect(
      await page.evaluate(() => {
        const box = document.activeElement?.getBoundingClientRect()
        const list = document.querySelector('.table .scroll')?.getBoundingClientRect()
        return box && list ? box.top >= list.top - 1 && box.bottom <= list.bottom + 1 : false
      }),
    ).toBe(true)
  })
  test('a bound that is none is told', async () => {
    await shelf()
    await page.getByRole('button', { name: /^Cooler \d/ }).click()
    await page.getByLabel('height at most').fill('tall')
    await page.getByLabel('height at most').press('Enter')
    await page.getByText('Height: Type a value in mm, such as').waitFor()
  })
  test('three side by side, differences marked, only these on demand', async () => {
    await shelf()
    await page.getByRole('button', { name: /^Power supply \(PSU\) \d/ }).click()
    for (const name of ['A850 M', 'A1000 M', 'S300'])
      await page.getByLabel(`Compare ${name}`, { exact: true }).check()
    await page.getByRole('button', { name: 'Compare 3 parts' }).click()
    await page.getByRole('rowheader', { name: 'Rated power' }).waitFor()
    expect(
      await page.getByRole('row').filter({ hasText: 'Rated power' }).getByLabel('differs').count(),
    ).toBe(1)
    const all = await page.getByRole('row').count()
    await page.getByLabel('Only what differs').check()
    await page.waitForFunction(n => document.querySelectorAll('tr').length < n, all)
  })
})

describe('a part gets in', () => {
  test(
    'from a pasted sheet: values with their words, doubtful ones marked, the rest ' +
      'listed; then into the build',
    async () => {
      await entry('sheet')
      await page
        .getByLabel('Spec sheet, as text or as a copied table')
        .fill(
          'Kelder Stile 150 CPU cooler\nSockets: TERN-2, KNOT-5\nDimensions (H x W x D): 15,0 ' +
            'cm x 12,4 cm x 8 cm\nTDP: 190 W\nHeight: 152 mm\nWarranty: 6 years',
        )
      await page
        .getByRole('table', { name: 'Values read' })
        .getByText('“Dimensions (H x W x D): 15,0 cm x 12,4 cm x 8 cm”')
        .first()
        .waitFor()
      await page
        .getByRole('table', { name: 'Doubtful values' })
        .getByText(/The sheet says two/)
        .first()
        .waitFor()
      await page.getByRole('list', { name: 'Not read' }).getByText('Warranty: 6 years').waitFor()
      expect([
        await field('Model').inputValue(),
        await field('height').inputValue(),
        await field('Sockets').inputValue(),
      ]).toEqual(['Stile 150', '150', 'TERN-2, KNOT-5'])
      await page.getByRole('button', { name: '…and add to Avocet' }).click()
      await page.getByRole('heading', { name: 'Parts', exact: true }).waitFor()
      await page.locator('.line', { hasText: 'Stile 150' }).waitFor()
      await takeBack(page)
      await page.locator('.line', { hasText: 'Stile 150' }).waitFor({ state: 'detached' })
    },
  )
  test('a part half entered waits: over its other ways in, over other stages, until it is begun anew', async () => {
    const sheet = 'Zzyx Gust 140 case fan\nSize: 140 x 140 x 25 mm\nConnector: 4-pin PWM'
    const text = page.getByLabel('Spec sheet, as text or as a copied table')
    await openAt(page, '/b/plover/shelf')
    await page.getByRole('button', { name: 'Paste a spec sheet' }).click()
    await text.fill(sheet)
    await page.getByText('phrases not read').or(page.getByText('values read')).first().waitFor()
    await page.getByRole('button', { name: 'A few numbers' }).click()
    await page.getByLabel('Cooler room').fill('6 1/2 in')
    await page.getByRole('link', { name: 'Fit' }).click()
    await page.waitForURL('**/fit')
    await page.getByRole('link', { name: 'Shelf' }).click()
    await page.getByRole('button', { name: 'Paste a spec sheet' }).click()
    expect([await text.inputValue(), await field('Model').inputValue()]).toEqual([
      sheet,
      'Gust 140',
    ])
    // Written by hand over what was read; then another part is changed: both wait for each other.
    await field('Model').fill('Gust 140 grey')
    await field('Model').press('Tab')
    await page.getByRole('link', { name: 'Shelf' }).click()
    await page.getByLabel('Find a part').fill('pier 120')
    await row('Pier 120').locator('.name').click()
    await page.getByRole('button', { name: 'Change' }).click()
    await page.getByRole('heading', { name: 'Change a part' }).waitFor()
    await page.waitForFunction(() =>
      [...document.querySelectorAll('input')].some(i => i.value === 'Pier 120'),
    )
    await page.getByRole('link', { name: 'Shelf' }).click()
    await page.getByRole('button', { name: 'Paste a spec sheet' }).click()
    await page.waitForFunction(() =>
      [...document.querySelectorAll('input')].some(i => i.value === 'Gust 140 grey'),
    )
    expect([await text.inputValue(), await field('Model').inputValue()]).toEqual([
      sheet,
      'Gust 140 grey',
    ])
    await page.getByRole('button', { name: 'A few numbers' }).click()
    expect(await page.getByLabel('Cooler room').inputValue()).toBe('6 1/2 in')
    await page.getByRole('button', { name: 'Begin anew' }).click()
    expect(await page.getByLabel('Cooler room').inputValue()).toBe('')
    await page.getByRole('button', { name: 'Paste a spec sheet' }).click()
    expect(await text.inputValue()).toBe('')
    await page.getByText('Paste a sheet at the left').waitFor()
  })
  test('a part that is being changed begins anew as it stands on the shelf', async () => {
    await shelf('?part=kelder-pier-120')
    await page.getByRole('button', { name: 'Change' }).click()
    await field('height').fill('6 1/4 in')
    await field('height').press('Tab')
    await page.getByText('= 158.75 mm').waitFor()
    await page.getByRole('button', { name: 'Begin anew' }).click()
    await page.waitForFunction(() =>
      [...document.querySelectorAll('input')].some(
        i => i.getAttribute('aria-label') === 'height' && i.value === '155',
      ),
    )
    expect(
      await page.getByRole('heading', { level: 1 }).evaluate(h => h === document.activeElement),
    ).toBe(true)
  })
  test('a whole manual is not read: it is told what to paste', async () => {
    await entry('sheet')
    const text = page.getByLabel('Spec sheet, as text or as a copied table')
    await text.fill('Height: 155 mm')
    // As pasting does it: all of it at once.
    await page.keyboard.insertText('\nHeight: 155 mm'.repeat(4000))
    await page
      .getByText('This is longer than any spec sheet (60014 characters; at most 20000).')
      .waitFor()
    expect(await text.inputValue()).toBe('Height: 155 mm')
    await text.press('End')
    await page.keyboard.type(' high')
    await page.getByText('This is longer than any spec sheet').waitFor({ state: 'detached' })
  })
  test(
    'a case from a few numbers, in the units at hand; an unlikely one is questioned; the ' +
      'rest is assumed',
    async () => {
      await entry('numbers')
      await page.getByLabel('Model', { exact: true }).fill('Attic')
      await page.locator('#n-height').fill('18 1/2 in')
      await page.locator('#n-coolerRoom').fill('1650')
      await page
        .getByText('Unusual: a cooler room is mostly 30 to 220 mm, not 1650. Is it 165?')
        .first()
        .waitFor()
      await page.locator('#n-coolerRoom').fill('16,5 cm')
      await page.locator('#n-bays').fill('2')
      await page.getByRole('button', { name: 'Derive the rest' }).click()
      await field('outer height').waitFor()
      // 18.5 × 25.4
      expect([
        await field('outer height').inputValue(),
        await field('cooler room').inputValue(),
      ]).toEqual(['469.9', '165'])
      expect(await page.getByLabel('Where inner height comes from').inputValue()).toBe('assumed')
      await put()
      await page
        .getByRole('complementary', { name: 'Attic' })
        .getByText('Some of this nobody stated')
        .waitFor()
    },
  )
  test('a board from its form and five choices', async () => {
    await entry('numbers')
    await page.getByRole('button', { name: 'A board' }).click()
    await page.getByLabel('Model', { exact: true }).fill('Loft')
    await page.locator('#b-form').selectOption('microATX')
    await page.locator('#b-socket').fill('TERN-2')
    await page.getByRole('button', { name: 'Derive the rest' }).click()
    await page
      .locator('.fields')
      .getByText(/^Headers \d+ entries/)
      .waitFor()
    // What the form made up is told, and taken for true by a press.
    const made = page.locator('.not-stated')
    await made.locator('summary', { hasText: /Not stated, taken as usual: \d+ things/ }).click()
    const pins = made.getByRole('button', { name: /^It is so: which pin of the front-panel block/ })
    await pins.click()
    await pins.waitFor({ state: 'detached' })
    await put()
    await page.getByRole('complementary', { name: 'Loft' }).getByText('TERN-2').waitFor()
  })
  test('three answers in a list: not known, none, and what there is', async () => {
    await entry('hand')
    await page.getByLabel('What kind of part is it?').selectOption('supply')
    const cables = page.locator('.fields details.list', { hasText: /^Cables/ }).first()
    await cables.getByText('Cables not known').click()
    await cables.getByRole('button', { name: 'Cables: there is none' }).click()
    await cables.getByText('Cables none').waitFor()
    await cables.getByRole('button', { name: 'Cables: not known' }).click()
    await cables.getByText('Cables not known').waitFor()
  })
  test('by hand: what is missing keeps it off the shelf, each field says where', async () => {
    await entry('hand')
    await page.getByLabel('What kind of part is it?').selectOption('fan')
    await page.getByText('Write a model: the part is found by it.').first().waitFor()
    expect(await page.getByRole('button', { name: 'Put on the shelf' }).isDisabled()).toBe(true)
    await field('Model').fill('Whirl')
    await field('Model').press('Tab')
    // What is not known is not refused: the build asks for it.
    await page.getByRole('button', { name: 'Put on the shelf', disabled: false }).waitFor()
    await field('Size').selectOption('120')
    await field('Connector').first().selectOption('fan-4')
    await field('current').fill('180 mA')
    await page.getByText('= 0.18 A').waitFor()
    await field('current').press('Tab')
    await put()
    await page.getByRole('complementary', { name: 'Whirl' }).getByText('0.18').waitFor()
  })
  test('by hand: every kind has its form, and a sheet without a model leaves it to be written', async () => {
    await entry('hand')
    const kinds = page.getByLabel('What kind of part is it?')
    for (const kind of await kinds
      .locator('option:not([disabled])')
      .evaluateAll(list => list.map(o => (o as HTMLOptionElement).value))) {
      await kinds.selectOption(kind)
      await field('Model').waitFor()
      await page.getByText('Write a model: the part is found by it.').first().waitFor()
    }
    await entry('sheet')
    await page
      .getByLabel('Spec sheet, as text or as a copied table')
      .fill('Form factor: ATX\nSocket: TERN-2\nDIMM slots: 4\nSATA: 6\nUSB 2.0 headers: 2')
    await page
      .locator('.fields')
      .getByText(/^Headers/)
      .first()
      .waitFor()
    await page.getByText('Write a model: the part is found by it.').first().waitFor()
  })
  test('copied and varied; changed; taken off; every step taken back', async () => {
    await shelf('?part=kelder-vane-120')
    await page.getByRole('button', { name: 'Copy and vary' }).click()
    await field('Model').fill('Vane 120 slow')
    await field('Model').press('Tab')
    await put()
    await page
      .getByRole('complementary', { name: 'Vane 120 slow' })
      .getByRole('button', { name: 'Take off the shelf' })
      .click()
    await page.getByRole('complementary').waitFor({ state: 'detached' })
    await takeBack(page)
    await page.getByLabel('Find a part').fill('vane 120 slow')
    await row('Vane 120 slow').waitFor()
  })
  test('a table: a kind is chosen, columns are mapped, errors stand by their line, nothing half comes in', async () => {
    await shelf()
    await choose(
      'Brand;Name;Frame;Plug type;Amps\nKelder;Gill 1;120;fan-4;0,2\nKelder;Gill 2;120;fan-4;lots\n',
      'fans.csv',
    )
    await dialog().getByLabel('Every line is a').selectOption('fan')
    await dialog().getByLabel('Column Frame is').selectOption('size')
    await dialog().getByLabel('Column Plug type is').selectOption('face')
    await dialog().getByRole('table', { name: 'Problems' }).getByText('line 3').waitFor()
    await dialog()
      .getByText(/Type a value in A, such as/)
      .waitFor()
    expect(
      await dialog()
        .getByRole('button', { name: /^Import/ })
        .isDisabled(),
    ).toBe(true)
    await dialog().getByRole('button', { name: 'Cancel' }).click()
    await dialog().waitFor({ state: 'detached' })
    await choose(
      'kind,maker,model,size,face,amps\nfan,Kelder,Gill 1,120,fan-4,0.2\nfan,Kelder,Gill 2,120,fan-4,200 mA\n',
      'fans2.csv',
    )
    await dialog().getByRole('button', { name: 'Import 2 parts' }).click()
    await dialog().getByText('2 parts on the shelf').waitFor()
    await dialog().getByRole('button', { name: 'Close', exact: true }).click()
    await page.getByLabel('Find a part').fill('gill')
    await page.getByText('2 parts of').waitFor()
    await takeBack(page)
    await page.getByText('0 parts of').waitFor()
  })
  test('the open format by dropping it anywhere; out as JSON and as CSV, and in again', async () => {
    await shelf()
    await page.getByLabel('Find a part').fill('breeze')
    await row('Breeze 80 P').waitFor()
    const [json] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as JSON' }).click(),
    ])
    const [csv] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as CSV' }).click(),
    ])
    const file = readFileSync(await json.path(), 'utf8')
      .replaceAll('"Breeze', '"Gale')
      .replaceAll('breeze', 'gale')
    expect(readFileSync(await csv.path(), 'utf8').split('\r\n')[0]).toMatch(
      /^kind,id,maker,model,price/,
    )
    await openAt(page, '/')
    await page.getByText('Avocet').first().waitFor()
    await drop(page, file, 'gales.juntura.json')
    await dialog()
      .getByRole('button', { name: /^Import \d+ parts/ })
      .click()
    await dialog()
      .getByText(/parts on the shelf/)
      .waitFor()
    await dialog().getByRole('button', { name: 'Close', exact: true }).click()
    await shelf()
    await page.getByLabel('Find a part').fill('gale 80')
    await row('Gale 80 P').waitFor()
  })
})

test('parts of a file that are here otherwise are told field by field; what is chosen is taken', async () => {
  const file = JSON.parse(readFileSync('shelf/fan.juntura.json', 'utf8')) as {
    readonly parts: readonly { readonly id: string }[]
  }
  const fan = file.parts.find(p => p.id === 'ottery-breeze-120')
  const other = { ...fan, price: 77, note: 'louder than it says' }
  await shelf()
  await drop(page, JSON.stringify({ ...file, parts: [other] }), 'a-friend.juntura.json')
  await dialog().getByRole('heading', { name: '1 part is here otherwise' }).waitFor()
  const price = dialog().getByLabel(/^price of .* Breeze 120: whose/)
  expect(await price.inputValue()).toBe('there')
  await price.selectOption('here')
  await dialog().getByRole('button', { name: 'Import 1 part' }).click()
  await dialog().getByText('1 part on the shelf').waitFor()
  await dialog().getByRole('button', { name: 'Close', exact: true }).click()
  // The same file again: the note is here by now, the price still another.
  await drop(page, JSON.stringify({ ...file, parts: [other] }), 'a-friend.juntura.json')
  await price.waitFor()
  expect(
    await dialog()
      .getByLabel(/: whose is taken$/)
      .count(),
  ).toBe(1)
  await dialog().getByRole('button', { name: 'Cancel' }).click()
  await takeBack(page)
})

/** Drops a text as a file on the page, as a hand would. */
async function drop(on: Page, text: string, name: string): Promise<void> {
  const data = await on.evaluateHandle(
    ([t, n]) => {
      const d = new DataTransfer()
      d.items.add(new File([t ?? ''], n ?? ''))
      return d
    },
    [text, name],
  )
  for (const type of ['dragenter', 'dragover', 'drop'])
    await on.dispatchEvent('body', type, { dataTransfer: data })
}

describe('many', () => {
  test(`${MANY} parts come in with progress, and are found`, async () => {
    await shelf()
    await choose(manyFans('Mote'), 'many.csv')
    const take = dialog().getByRole('button', { name: `Import ${MANY} parts` })
    await take.click({ timeout: 60_000 })
    await dialog().getByText(`${MANY} parts on the shelf`).waitFor({ timeout: 60_000 })
    await dialog().getByRole('button', { name: 'Close', exact: true }).click()
    await page.getByLabel('Find a part').fill(`Mote ${MANY - 1}`)
    await row(`Mote ${MANY - 1}`).waitFor()
    await takeBack(page)
  })
  test('left off while it is read, nothing comes in', async () => {
    await shelf()
    await choose(manyFans('Mothwing'), 'many.csv')
    await dialog().getByRole('progressbar').waitFor()
    await dialog().getByRole('button', { name: 'Leave off' }).click()
    await dialog().getByText('Left off. Nothing was imported.').waitFor()
    await dialog().getByRole('button', { name: 'Cancel' }).click()
    await page.getByLabel('Find a part').fill('mothwing')
    await page.getByText('0 parts of').waitFor()
  })
})

describe('measuring and manuals', () => {
  test('a measure finding takes its figure in place, for every copy; the build and the shelf have it', async () => {
    await openAt(page, '/b/avocet/fit')
    const line = page
      .locator('.row')
      .filter({ hasText: /Highbank 165 under the near panel/ })
      .first()
    await line.locator('.face').click()
    await line
      .getByText(/Take it with a steel rule, to 5\.0.mm\. Now 172\.0.mm\.\s+That fits if at least/)
      .first()
      .waitFor()
    await line.getByLabel(/cooler room of the Longreed 52/).fill('17,1 cm')
    await line.getByLabel(/holds for every Longreed 52/).check()
    await line.getByRole('button', { name: 'Enter' }).first().click()
    await page
      .locator('.row')
      .filter({ hasText: /Clear.*Highbank 165 under the near panel/s })
      .waitFor()
    await shelf('?part=fenwright-longreed-52')
    await page
      .getByRole('complementary')
      .getByRole('row')
      .filter({ hasText: 'cooler room' })
      .getByText('171.0')
      .waitFor()
    // It is a step of the build: taken back there, the shelf has its figure of before.
    await openAt(page, '/b/avocet/fit')
    await takeBack(page)
    await shelf('?part=fenwright-longreed-52')
    await page
      .getByRole('complementary')
      .getByRole('row')
      .filter({ hasText: 'cooler room' })
      .getByText('172.0')
      .waitFor()
  })
  test(
    'a page of the manual: kept with the part, offered to the build, shown at the joint ' +
      'and at the bench',
    async () => {
      await shelf('?part=ottery-highbank-165')
      await page.screenshot({
        path: `${dir}/mounting.png`,
        clip: { x: 0, y: 0, width: 300, height: 200 },
      })
      await page.setInputFiles(
        'input[aria-label="Page of the manual of the Highbank 165"]',
        `${dir}/mounting.png`,
      )
      await page.getByAltText('Page: mounting').waitFor()
      await openAt(page, '/b/avocet/parts')
      await page.getByText('The shelf has other data for 1 part of this build now.').waitFor()
      await page.getByRole('button', { name: 'Take it over' }).click()
      await page.getByText('The shelf has other data').waitFor({ state: 'detached' })
      await openAt(page, '/b/avocet/connections')
      await page.locator('button.face', { hasText: 'Highbank 165: mount' }).click()
      await page.getByAltText('mounting: Highbank 165').first().waitFor()
      await openAt(page, '/b/avocet/bench?step=cooler%3Acooler%2Fmount~board%2Fcooler')
      await page.getByAltText('mounting: Highbank 165').waitFor()
    },
  )
  test('a manual in a PDF file is leafed through, and the page that matters is kept', async () => {
    const input = 'input[aria-label="Page of the manual of the Lowbank 65"]'
    await shelf('?part=ottery-lowbank-65')
    await page.setInputFiles(input, {
      name: 'handbook.pdf',
      mimeType: 'application/pdf',
      buffer: manualOf(['Safety', 'Mounting', 'Service']),
    })
    const pages = page.getByRole('region', { name: 'Pages of handbook' })
    await pages.getByAltText('Page 1 of handbook').waitFor()
    await pages.getByText('of 3').waitFor()
    const first = await pages.getByRole('img').getAttribute('src')
    await pages.getByRole('button', { name: 'Next page' }).click()
    await pages.getByAltText('Page 2 of handbook').waitFor()
    expect(await pages.getByRole('img').getAttribute('src')).not.toBe(first)
    await pages.getByRole('button', { name: 'Keep page 2' }).click()
    await page.getByAltText('Page: handbook, page 2').waitFor()
    await pages.getByRole('button', { name: 'Page 2 is kept' }).waitFor()
    await pages.getByRole('spinbutton').fill('9')
    await pages.getByText('Pages 1 to 3.').waitFor()
    await pages.getByRole('button', { name: 'Close' }).click()
    await pages.waitFor({ state: 'detached' })
    await page.setInputFiles(input, {
      name: 'broken.pdf',
      mimeType: 'application/pdf',
      buffer: Buffer.from('%PDF-1.4 and no more'),
    })
    await page.getByText('broken.pdf cannot be read as a PDF file.').waitFor()
  })
})

describe('on a narrow screen', () => {
  test('an opened part lies over the list, is whole, and gives way again', async () => {
    const phone = await visitor(on, { viewport: { width: 390, height: 844 } })
    await phone.page.goto('/b/plover/shelf')
    await phone.page.locator('.line .name').first().click()
    const part = phone.page.locator('aside.part')
    await part.waitFor()
    // Whatever stands in the middle of the screen is the part's.
    expect(
      await part.evaluate(
        aside =>
          aside.contains(document.elementFromPoint(195, 422)) &&
          aside.getBoundingClientRect().top === 0,
      ),
    ).toBe(true)
    await phone.page.getByRole('button', { name: 'Close the part' }).click()
    await part.waitFor({ state: 'detached' })
    await phone.page.locator('.line .name').first().waitFor()
    await phone.leave()
  })
})

test('two windows: what one puts on the shelf the other finds', async () => {
  const other = await page.context().newPage()
  await other.goto('/b/plover/shelf')
  await other.locator('.line .name').first().waitFor()
  await entry('hand')
  await page.getByLabel('What kind of part is it?').selectOption('fan')
  await field('Model').fill('Seen twice')
  await field('Model').press('Tab')
  await field('Size').selectOption('120')
  await field('Connector').first().selectOption('fan-4')
  await put()
  await other.getByLabel('Find a part').fill('seen twice')
  await other.locator('.line').filter({ hasText: 'Seen twice' }).waitFor()
  await other.close()
})
