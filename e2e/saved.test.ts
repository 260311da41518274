// What older versions of the program left in a browser, laid into a fresh profile before the
// program loads: every build opens, with its log and pictures.
import { readdirSync, readFileSync } from 'node:fs'
import { layOld, SAVED, type OldStore } from '../app/desk/test-helpers/saved'
import { goOn, stage, visitor } from './harness'

const on = await stage()
afterAll(() => on.close())

const stores = readdirSync(SAVED, { recursive: true, encoding: 'utf8' })
  .filter(name => name.endsWith('store.json'))
  .sort()

/** A page of a profile whose store held these rows before the program came. */
async function over(old: OldStore) {
  const visit = await visitor(on)
  const { page } = visit
  // A page of the same origin without the program.
  const blank = '<!doctype html><link rel="icon" href="data:," /><title>Before</title>'
  await page.route('**/before', route => route.fulfill({ contentType: 'text/html', body: blank }))
  await page.goto('/before')
  await page.addScriptTag({ content: layOld.toString() })
  await page.evaluate(
    rows => (window as unknown as { layOld: typeof layOld }).layOld(rows, 'juntura'),
    old,
  )
  await page.goto('/')
  return visit
}

test.each(stores)('%s', async file => {
  const old = JSON.parse(readFileSync(new URL(file, SAVED), 'utf8')) as OldStore
  const { page, leave } = await over(old)
  await page.getByRole('link', { name: /Snipe/ }).waitFor()
  await page.getByRole('button', { name: /^Bring back Ruff, deleted/ }).waitFor()
  await page.getByRole('link', { name: /Plover/ }).click()
  await page.getByRole('heading', { name: 'Parts' }).waitFor()
  await page.locator('.line', { hasText: 'Lowbank 65' }).waitFor()
  await goOn(page, '/b/plover/record')
  await page.locator('.log li', { hasText: 'S300: have' }).first().waitFor()
  await page.locator('.log li', { hasText: 'Took back: ' }).first().waitFor()
  expect(await page.getByLabel('Note', { exact: true }).inputValue()).toMatch(
    /^The lid of the hide/,
  )
  const pictures = (old.tables['photos']?.rows ?? []).length > 0 ? 1 : 0
  if (pictures > 0) await page.locator('.photos img').first().waitFor()
  expect(await page.locator('.photos img').count()).toBe(pictures)
  if (old.tables['parts']) {
    await goOn(page, '/b/plover/shelf')
    await page.getByLabel('Find a part').fill('Kelder Mine')
    await page.getByRole('row', { name: /Mine/ }).first().waitFor()
  }
  await leave()
})

test('a build that cannot be read is named and leaves as the file that it is; the others open', async () => {
  const old = JSON.parse(
    readFileSync(new URL('version-1/store-3/store.json', SAVED), 'utf8'),
  ) as OldStore
  const broken = old.tables['builds']?.rows.find(r => r['id'] === 'avocet') as unknown as {
    doc: { items: unknown }
  }
  broken.doc.items = 'lost'
  const { page, leave } = await over(old)
  await page.getByText(/This build cannot be read: at .*items/).waitFor()
  await goOn(page, '/b/avocet/parts')
  await page.getByRole('heading', { name: 'This build cannot be read' }).waitFor()
  await page.getByRole('link', { name: /save it as the file that it is/ }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save Avocet as the file that it is' }).click(),
  ])
  expect(JSON.parse(readFileSync(await download.path(), 'utf8'))).toMatchObject({
    format: 'juntura',
    builds: [{ id: 'avocet', items: 'lost' }],
  })
  await goOn(page, '/b/plover/fit')
  await page.getByRole('heading', { name: 'Fit' }).waitFor()
  await leave()
})

test('Storage tells what is kept, gives everything in one file, and takes it in again elsewhere', async () => {
  const { page, leave } = await visitor(on)
  await page.goto('/b/plover/record')
  await page.getByLabel('Note', { exact: true }).fill('a dry day')
  await page.getByRole('button', { name: 'Keep the note' }).click()
  await page.getByText('Changed the note').waitFor()
  await goOn(page, '/')
  await page.getByRole('button', { name: 'Delete Plover' }).click()
  await page.getByRole('link', { name: /^Storage/ }).click()
  await page.getByRole('row', { name: /builds in the bin .*days 1/ }).waitFor()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything as a file' }).click(),
  ])
  const buffer = readFileSync(await download.path())
  await leave()
  const there = await visitor(on)
  await there.page.goto('/storage')
  await there.page.getByRole('row', { name: /^builds 4/ }).waitFor()
  await there.page.getByLabel('File with everything').setInputFiles({
    name: 'everything.juntura.json',
    mimeType: 'application/json',
    buffer,
  })
  // The others are here with the same content; the file's Plover lay in the bin, and the demo here gives
  // way to it.
  await there.page.getByRole('row', { name: /builds in the bin .*days 2/ }).waitFor()
  await there.page.getByRole('row', { name: /^builds 3/ }).waitFor()
  await there.leave()
})
