// The whole way through the real interface: a first visit, a finding and its reasons, a change, the
// bench, a reload, a file out and in.
import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { analyse } from '../core/analysis/analyse'
import { openFile } from '../core/document/open'
import { stage, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())

const { page, leave } = await visitor(on)
afterAll(leave)

const stageLink = (name: string) =>
  page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: new RegExp(name) })
const seamMarks = () =>
  page.getByRole('toolbar', { name: 'Steps of this build' }).getByRole('button')
const mark = (title: string) =>
  page.getByRole('toolbar').getByRole('button', { name: new RegExp(title) })

test('the first visit says in at most 60 words what this is, and the first finding is two clicks away', async () => {
  await page.goto('/')
  const words = (await page.locator('.what').innerText()).trim().split(/\s+/)
  expect(words.length).toBeLessThanOrEqual(60)
  await page.getByRole('link', { name: /Plover/ }).click()
  await stageLink('Fit').click()
  await expectText('.row', /Measure.*Lowbank 65 under the near panel of the Reedbox 12/)
})

async function expectText(selector: string, text: RegExp): Promise<void> {
  await page.locator(selector).filter({ hasText: text }).first().waitFor({ timeout: 5000 })
}

test('a finding opens into its reasons: each figure with its basis', async () => {
  await page.locator('.row .face', { hasText: /Lowbank 65 under the near panel/ }).click()
  const reasons = page.getByRole('table', { name: 'Reasons' })
  await reasons.getByRole('row').first().waitFor()
  const rows = await reasons.getByRole('row').allInnerTexts()
  expect(rows.map(r => r.replace(/\s+/g, ' '))).toEqual(
    expect.arrayContaining([
      expect.stringMatching(/height of the Lowbank 65 65 mm ± 1 spec/),
      expect.stringMatching(/lid over the board 8 mm ± 1 assumed/),
    ]),
  )
  await expectText('.sum', /need 73\.0.mm · have 75\.0.mm · margin \+2\.0.mm · tolerance ± 3\.0/)
})

test('a measurement in place settles it, and the seam shows it', async () => {
  expect(await mark('Mount the Lowbank 65').getAttribute('aria-label')).toMatch(/Measure/)
  await page.getByLabel(/cooler room of the Reedbox 12/).fill('80,5')
  await page.keyboard.press('Enter')
  await page.waitForFunction(() =>
    document
      .querySelector('[aria-label^="Mount the Lowbank 65"]')
      ?.getAttribute('aria-label')
      ?.includes('Clear'),
  )
  await expectText('.row', /Clear Lowbank 65 under the near panel/)
})

test('what is no number is questioned, and nothing changes', async () => {
  await stageLink('Parts').click()
  await page.locator('.line .face', { hasText: 'Lowbank 65' }).click()
  await page.getByRole('button', { name: 'Measure height' }).click()
  await page.getByLabel(/^height/).fill('tall')
  await page.keyboard.press('Enter')
  await expectText('.complaint', /Type a value in mm, such as/)
  await page.getByLabel(/^height/).fill('650')
  await expectText('.complaint', /Unusual: a height.* is mostly 20 to 200 mm, not 650\. Is it 65\?/)
  expect(await mark('Mount the Lowbank 65').getAttribute('aria-label')).toMatch(/Clear/)
})

test('swapping a part changes the seam; undo brings it back', async () => {
  await page.getByRole('button', { name: 'Swap…' }).click()
  await page.getByRole('button', { name: 'Swap Highbank 120' }).click()
  await mark('Mount the Highbank 120 on the processor: Stop').waitFor()
  await page.getByRole('button', { name: 'Undo' }).click()
  await mark('Mount the Lowbank 65 on the processor: Clear').waitFor()
})

test('removing a part removes its steps; adding it from the shelf brings steps', async () => {
  const before = await seamMarks().count()
  await page.locator('.line .face', { hasText: 'Breeze 80' }).click()
  await page.getByRole('button', { name: 'Remove' }).click()
  await mark('Fasten the Breeze 80').waitFor({ state: 'detached' })
  expect(await seamMarks().count()).toBeLessThan(before)
  await page.getByRole('button', { name: 'Add from the shelf' }).click()
  await page.getByLabel('Find a part').fill('breeze 80')
  await page.getByRole('button', { name: 'Add Breeze 80', exact: true }).click()
  await mark('Fasten the Breeze 80').waitFor()
})

test('every stage has something to say and names itself', async () => {
  for (const name of [
    'Parts',
    'Fit',
    'Connections',
    'Power',
    'Order',
    'Front panel',
    'Cables',
    'Test',
    'Record',
    'Shelf',
    'Practice',
  ]) {
    await stageLink(name).click()
    await page.locator('h1', { hasText: name }).first().waitFor()
    expect((await page.locator('main').innerText()).length).toBeGreaterThan(120)
  }
})

test('a finding is accepted with a reason, stays visible, and is asked again', async () => {
  await stageLink('Fit').click()
  await page.locator('.row .face', { hasText: /Watch Standoffs for the Inlet 2/ }).click()
  await page.getByRole('button', { name: 'Accept (say why)…' }).click()
  await page.keyboard.press('Enter')
  await expectText('.reason', /Give a reason/)
  await page.getByLabel('Why you accept it').fill('one is on its way')
  await page.keyboard.press('Enter')
  await expectText('.row.accepted', /Accepted: one is on its way/)
  // The balance of its air is left.
  await stageLink('Fit').getByLabel('1 open').waitFor()
  await page.getByRole('button', { name: 'No longer accept' }).click()
  await stageLink('Fit').getByLabel('2 open').waitFor()
})

test('what finds no partner stands in the seam and is left open with a reason', async () => {
  await stageLink('Parts').click()
  await page.getByRole('button', { name: 'Add from the shelf' }).click()
  await page.getByLabel('Find a part').fill('r3 4 tb')
  await page.getByRole('button', { name: 'Add R3 4 TB', exact: true }).click()
  await mark('Mounting holes of the R3 4 TB: no free place: Stop').waitFor()
  await stageLink('Fit').click()
  await page
    .locator('.row .face', {
      hasText: /Stop Mounting holes of the R3 4 TB: no free place; bay 1 takes size 2.5, not 3.5/,
    })
    .click()
  await page.getByRole('button', { name: 'Leave open…' }).click()
  await page.getByLabel('Why it stays open').fill('it lies beside the case')
  await page.keyboard.press('Enter')
  await mark('Mounting holes of the R3 4 TB: no free place: Watch, skipped').waitFor()
  await page.getByRole('button', { name: 'Undo' }).click()
  await mark('Mounting holes of the R3 4 TB: no free place: Stop').waitFor()
  await page.getByRole('button', { name: 'Undo' }).click()
  await mark('Mounting holes of the R3 4 TB').waitFor({ state: 'detached' })
})

test('now and then: what comes later is in the one, not in the other', async () => {
  await page.getByRole('button', { name: /^Bought so far/ }).click()
  await mark('S2 1 TB').first().waitFor({ state: 'detached' })
  await page.getByRole('button', { name: /^Whole plan/ }).click()
  await mark('Fasten the S2 1 TB').waitFor()
})

test('the schools of the supply: choosing one asks by it', async () => {
  await stageLink('Power').click()
  await page.getByRole('radio', { name: /Quiet/ }).check()
  await expectText('.row', /Watch S300 by the quiet sizing rule/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.locator('label.chosen', { hasText: 'Lean' }).waitFor()
})

test('the block turns by quarters, its letters upright', async () => {
  await stageLink('Front panel').click()
  const size = async () =>
    (await page.locator('.block svg').getAttribute('viewBox'))?.split(' ').map(Number)
  const [, , w = 0, h = 0] = (await size()) ?? []
  await page.getByRole('button', { name: 'front', exact: true }).click()
  const [, , w2 = 0, h2 = 0] = (await size()) ?? []
  expect([w2, h2]).toEqual([h, w])
  expect(await page.locator('.block text[transform]').count()).toBe(0)
})

test('the order is walked at the bench; a reload in the middle loses nothing', async () => {
  await stageLink('Bench').click()
  await page.getByRole('heading', { name: 'Make the bench ready' }).waitFor()
  await page.keyboard.press('Space')
  await page.getByRole('heading', { name: /Seat the T2-65/ }).waitFor()
  await page.reload()
  await page.getByRole('heading', { name: /Seat the T2-65/ }).waitFor()
  expect(await mark('Make the bench ready').getAttribute('aria-label')).toMatch(/done/)
  await page.getByRole('button', { name: 'Back' }).click()
  await page.getByRole('heading', { name: 'Make the bench ready' }).waitFor()
  await page.getByRole('button', { name: 'Next', exact: true }).first().click()
  await page.getByRole('button', { name: 'Skip…' }).click()
  await page.getByLabel('Why it is skipped').fill('seated by the shop')
  await page.keyboard.press('Enter')
  await page.getByRole('heading', { name: /Press the D5 2 × 8/ }).waitFor()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await page.getByRole('heading', { name: /Fit the N4 500 GB/ }).waitFor()
  expect(await mark('Seat the T2-65').getAttribute('aria-label')).toMatch(/skipped/)
})

test('at the bench a step waits for what has not come, and another goes first meanwhile', async () => {
  await page.getByText(/bought so far/).waitFor()
  await page.getByRole('button', { name: 'Whole plan' }).click()
  await page.getByText(/whole plan/).waitFor()
  await mark('Screw the S300 into the Reedbox 12').click()
  const before = page.getByRole('list', { name: 'Before this step' })
  await before.getByText('S300 (ordered)').waitFor()
  expect(await page.getByRole('button', { name: 'Not yet' }).isDisabled()).toBe(true)
  await page.getByRole('link', { name: 'Leave the bench' }).click()
  await stageLink('Bench').click()
  await page.getByRole('heading', { name: /Fit the N4 500 GB/ }).waitFor()
})

test('all steps can be made as their parts come; the record tells them, and why one was not', async () => {
  await page.getByRole('button', { name: 'Whole plan' }).click()
  const finished = page.getByText('All steps are done')
  const arrives = page.getByRole('button', { name: 'It is here' })
  const make = page.getByRole('button', { name: 'Done', exact: true })
  const waits = page.getByRole('button', { name: 'Not yet' })
  let arrived = 0
  while (!(await finished.isVisible())) {
    const step = await page.locator('h1').innerText()
    await make.or(waits).first().waitFor()
    if (await waits.isVisible()) {
      const left = await arrives.count()
      const held = await page.locator('.holds li').count()
      await arrives.first().click()
      await page.waitForFunction(n => document.querySelectorAll('.holds li').length < n, held)
      expect(await arrives.count()).toBe(left - 1)
      arrived += 1
      continue
    }
    await make.click()
    await finished
      .or(page.locator('h1').filter({ hasNotText: step }))
      .first()
      .waitFor()
  }
  // The supply was ordered; disk and its lead are for later.
  expect(arrived).toBeGreaterThanOrEqual(2)
  await page.getByRole('link', { name: 'Leave the bench' }).click()
  await stageLink('Record').click()
  await expectText('.sheet li', /Seat the T2-65 in TERN-2 \(seated by the shop\)\s*skipped/)
  await expectText('.summary', /steps done in .*, 0 to go/)
})

test('the proof proves the joints behind its points, and takes it back', async () => {
  await stageLink('Test').click()
  await page
    .locator('li', { hasText: 'Look at the fan of the Lowbank 65' })
    .locator('.el-checkbox')
    .click()
  await mark(
    'Plug the fan lead of the Lowbank 65 into FAN_P on the Inlet 2: Clear, tested',
  ).waitFor()
  await page
    .locator('li', { hasText: 'Look at the fan of the Lowbank 65' })
    .locator('.el-checkbox')
    .click()
  await mark('Plug the fan lead of the Lowbank 65 into FAN_P on the Inlet 2: Clear, done').waitFor()
})

test('a file leaves, and in an empty profile it is the same analysis to the byte', async () => {
  const save = async (from: Page, what: string): Promise<string> => {
    await from.getByText('Files', { exact: true }).click()
    const [download] = await Promise.all([
      from.waitForEvent('download'),
      from.getByRole('button', { name: what }).click(),
    ])
    await from.getByText('Files', { exact: true }).click()
    return readFileSync(await download.path(), 'utf8')
  }
  const text = await save(page, 'Save the build as a file')
  expect(await save(page, 'Save the parts list as CSV')).toMatch(/^kind,maker,model,state/)
  const read = (t: string) => {
    const r = openFile(t)
    if ('problem' in r || !r.builds[0]) throw new Error('no build')
    return r.builds[0].build
  }

  const { page: fresh, leave: leaveIt } = await visitor(on)
  await fresh.goto('/')
  await fresh.getByLabel('Build file').setInputFiles({
    name: 'plover.juntura.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  })
  await fresh
    .getByRole('toolbar')
    .getByRole('button', { name: /Seat the T2-65.*skipped/ })
    .waitFor()
  const again = await save(fresh, 'Save the build as a file')
  expect(again).toBe(text)
  expect(JSON.stringify(analyse(read(again)))).toBe(JSON.stringify(analyse(read(text))))
  await leaveIt()
})

test('a file dropped on the window opens; what is none is refused with a sentence', async () => {
  const drop = (name: string, text: string) =>
    page.evaluate(
      ([n, t]) => {
        const data = new DataTransfer()
        data.items.add(new File([t ?? ''], n ?? '', { type: 'application/json' }))
        for (const type of ['dragenter', 'dragover', 'drop'])
          document.body.dispatchEvent(
            new DragEvent(type, { dataTransfer: data, bubbles: true, cancelable: true }),
          )
      },
      [name, text],
    )
  await drop('list.json', '{"format":"notes"}')
  await expectText('.el-message', /list\.json is not a Juntura file/)
  await drop(
    'knot.juntura.json',
    JSON.stringify({ format: 'juntura', version: 1, builds: [{ id: 'knot', name: 'Knot' }] }),
  )
  await page.getByText('Knot', { exact: true }).first().waitFor()
  await expectText('main', /Add the case first/)
})

test('builds are made, copied, renamed, deleted; each is taken back by its name, and no key does it', async () => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Copy Knot' }).click()
  await page.getByLabel('Name of the copy').fill('Ruff')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Rename Ruff' }).click()
  await page.getByLabel('New name').fill('Reeve')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Delete Reeve' }).click()
  await page.getByRole('link', { name: /Reeve/ }).waitFor({ state: 'detached' })
  await page.locator('h1').click()
  await page.keyboard.press('u')
  await page.getByRole('button', { name: /^Bring back Reeve, deleted \d/ }).click()
  await page.getByRole('link', { name: /Reeve/ }).waitFor()
  await page.getByRole('button', { name: 'A new machine' }).click()
  await page.getByRole('heading', { name: 'Parts' }).waitFor()
  // The making is no step of any build: another build's undo does not know it, the list does.
  await page.goto('/b/plover/record')
  await page.getByRole('heading', { name: 'Record' }).click()
  for (const key of ['u', 'u']) await page.keyboard.press(key)
  await page.goto('/')
  await page.getByRole('link', { name: /New build/ }).waitFor()
  await page.getByRole('button', { name: 'Take back: Made New build' }).click()
  await page.getByRole('button', { name: /^Bring back New build, deleted/ }).waitFor()
  await page.getByRole('button', { name: 'Delete New build for good' }).click()
  await page.getByRole('button', { name: 'Yes, for good' }).click()
  await page.getByRole('button', { name: /^Bring back New build/ }).waitFor({ state: 'detached' })
})
