// Every reader of files, as a person reaches it: where a file is given to it, the sentence that
// answers, and how the place is left for the next.
import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { goOn, ROOT } from '../harness'
import { manualOf } from '../manual'
import type { Form } from './mangle'
import { COMES_BACK_WITHIN, SPEAKS_WITHIN } from './tally'
import { oneOf, putMessagesAside } from './window'

export interface GivenFile {
  readonly name: string
  readonly mimeType: string
  readonly buffer: Buffer
}
export interface Seed {
  readonly form: Form
  readonly ending: string
  readonly mimeType: string
  readonly bytes: Buffer
}
export interface Reader {
  readonly kind: string
  /**
   * Whether a library complains in a worker of its own about what it then does without: that is not
   * the page's complaint.
   */
  readonly complainsToItself?: true
  /** Sound files of the kind, to be mangled. */
  seeds(page: Page): Promise<readonly Seed[]> | readonly Seed[]
  /** Goes where files of the kind are given. */
  begin(page: Page): Promise<void>
  /**
   * Gives one file and waits until the page says what became of it; an error where it says nothing
   * in time.
   */
  give(page: Page, file: GivenFile): Promise<void>
  /** Leaves the place for the next. */
  clear(page: Page): Promise<void>
}

const file = (path: string): Buffer => readFileSync(`${ROOT}${path}`)
const json = (path: string): Seed => ({
  form: 'json',
  ending: '.juntura.json',
  mimeType: 'application/json',
  bytes: file(path),
})
/** Waits until the page says one of these; where it says in time that it works on it, longer. */
async function says(page: Page, ...wanted: Parameters<typeof oneOf>[1]): Promise<void> {
  await oneOf(page, [...wanted, { element: WORKING }], SPEAKS_WITHIN)
  await oneOf(page, wanted, COMES_BACK_WITHIN)
}
const WORKING = '.working'
const MESSAGE = '.el-message'
const DIALOG = '[role=dialog]'

/**
 * What the dialog over parts says, at its end: what is wrong, or how many can come in; those that
 * can do.
 */
async function lookedAt(page: Page): Promise<void> {
  await says(page, { element: `${DIALOG} [role=alert]` }, { element: DIALOG, says: 'can come in' })
  const take = page.locator(DIALOG).getByRole('button', { name: /^Import \d/ })
  if ((await take.count()) === 0 || (await take.isDisabled())) return
  await take.click()
  await says(page, { element: DIALOG, says: 'on the shelf. Undo takes' }, { element: MESSAGE })
}
async function closeDialog(page: Page): Promise<void> {
  const dialog = page.getByRole('dialog')
  if ((await dialog.count()) === 0) return
  await dialog.getByRole('button', { name: /^(Cancel|Close)$/ }).click()
  await page.waitForFunction(() => document.querySelector('[role=dialog]') === null)
}

const STAGES = { Fit: 'fit', Power: 'power', Cables: 'cables', Bench: 'bench' }
/** A build that came in is looked at: whatever it holds, its stages show. */
async function walk(page: Page): Promise<void> {
  await says(page, { element: 'h1', says: 'Parts' })
  for (const [stage, address] of Object.entries(STAGES)) {
    await page.getByRole('navigation').getByRole('link', { name: stage }).first().click()
    await page.waitForURL(`**/${address}*`, { timeout: SPEAKS_WITHIN })
    await says(page, { element: 'h1' })
  }
}

async function opened(page: Page, given: GivenFile, input: string): Promise<void> {
  await page.getByLabel(input).setInputFiles(given)
  await says(
    page,
    { element: MESSAGE, says: given.name },
    { element: DIALOG, says: `Parts from ${given.name}` },
    { element: 'h1', says: 'Parts' },
  )
  if ((await page.locator(DIALOG).count()) > 0) await lookedAt(page)
  else if ((await page.locator(MESSAGE).filter({ hasText: given.name }).count()) === 0)
    await walk(page)
}

const builds: Reader = {
  kind: 'build',
  seeds: () =>
    [
      'demo/plover.juntura.json',
      'demo/avocet.juntura.json',
      'saved/version-1/store-1/builds.juntura.json',
      'saved/version-2/store-4/builds.juntura.json',
    ].map(json),
  begin: async page => {
    await goOn(page, '/')
    await page
      .getByRole('link', { name: /Plover/ })
      .first()
      .waitFor()
  },
  give: (page, given) => opened(page, given, 'Build file'),
  clear: async page => {
    await putMessagesAside(page)
    await closeDialog(page)
    if (new URL(page.url()).pathname === '/') return
    await page.getByRole('link', { name: 'Juntura: all builds' }).click()
    await says(page, { element: 'h2', says: 'build' })
  },
}

const onShelf = {
  begin: async (page: Page) => {
    await goOn(page, '/b/plover/shelf')
    await page.locator('.line .name').first().waitFor()
  },
  give: (page: Page, given: GivenFile) => opened(page, given, 'Table or file of parts'),
  clear: async (page: Page) => {
    await putMessagesAside(page)
    await closeDialog(page)
    if (new URL(page.url()).pathname !== '/b/plover/shelf') await onShelf.begin(page)
  },
}
const parts: Reader = {
  ...onShelf,
  kind: 'shelf',
  seeds: () =>
    ['shelf/case.juntura.json', 'shelf/fan.juntura.json', 'shelf/supply.juntura.json'].map(json),
}

/** Tables of parts as a shop or a spreadsheet gives them. */
const TABLES = [
  'kind,maker,model,size,face\nfan,Zzyx,Gust 120,120,fan-4\nfan,Zzyx,Gust 140,140,fan-3\n',
  'Maker;Model;Watts;Length mm;Price EUR\nZzyx;Ember 650;650;140;89,90\nZzyx;Ember 850;850;160;119,00\n',
  'Model\tSocket\tForm factor\tDIMM slots\nShale 4\tTERN-2\tATX\t4\nShale 2\tTERN-2\tMini-ITX\t2\n',
]
const TABLE_SEEDS = TABLES.map((text): Seed => ({
  ...{ form: 'text', ending: '.csv', mimeType: 'text/csv' },
  bytes: Buffer.from(text),
}))
const tables: Reader = {
  ...onShelf,
  kind: 'CSV',
  seeds: () => TABLE_SEEDS,
}

const sheets: Reader = {
  kind: 'sheet',
  seeds: () =>
    file('core/reader/sheets/kept.txt')
      .toString()
      .split(/^#### .*$/m)
      .map(one => one.split('---- expected')[0]?.trim() ?? '')
      .filter(text => text !== '')
      .map(text => ({
        form: 'text',
        ending: '.txt',
        mimeType: 'text/plain',
        bytes: Buffer.from(text),
      })),
  begin: async page => {
    await goOn(page, '/b/plover/shelf/entry?from=sheet')
    await page.getByLabel('Spec sheet, as text or as a copied table').waitFor()
  },
  give: async (page, given) => {
    await paste(page, given.buffer.toString('utf8'))
    const empty = given.buffer.toString('utf8').trim() === ''
    if (empty) await says(page, NO_SHEET)
    else await says(page, { element: '.paste h2', says: 'read' }, { element: '.paste .stop' })
  },
  clear: async page => {
    await paste(page, '')
    await says(page, NO_SHEET)
  },
}
const NO_SHEET = { element: 'main', says: 'Paste a sheet at the left' }
/** All of it at once, as pasting does it, in the place of what was there. */
async function paste(page: Page, text: string): Promise<void> {
  const field = page.getByLabel('Spec sheet, as text or as a copied table')
  await field.fill('')
  await field.focus()
  await page.keyboard.insertText(text)
}

const PAGE_OF = 'Page of the manual of the Lowbank 65'
const onPart = {
  begin: async (page: Page) => {
    await goOn(page, '/b/plover/shelf?part=ottery-lowbank-65')
    await page.getByLabel(PAGE_OF).waitFor({ state: 'attached' })
  },
}
const COMPLAINT = '.pages .complaint'

const pictures: Reader = {
  ...onPart,
  kind: 'picture',
  seeds: async page => {
    const drawn = await page.evaluate(() => {
      const canvas = Object.assign(document.createElement('canvas'), { width: 60, height: 40 })
      const pen = canvas.getContext('2d')
      pen?.fillRect(5, 5, 30, 20)
      return ['image/png', 'image/jpeg', 'image/webp'].map(type => canvas.toDataURL(type))
    })
    const small = drawn.map((url): Seed => {
      const [, mimeType = '', base64 = ''] = /^data:(.*?);base64,(.*)$/.exec(url) ?? []
      const ending = `.${mimeType.replace('image/', '')}`
      return { form: 'bytes', ending, mimeType, bytes: Buffer.from(base64, 'base64') }
    })
    const large: Seed = {
      form: 'bytes',
      ending: '.png',
      mimeType: 'image/png',
      bytes: file('docs/screenshots/bench-phone.png'),
    }
    return [...small, large]
  },
  give: async (page, given) => {
    await page.getByLabel(PAGE_OF).setInputFiles(given)
    await says(page, { element: COMPLAINT, says: given.name }, { element: '.pages img' })
  },
  clear: async page => {
    const kept = page.locator('.pages').getByRole('button', { name: /^Remove / })
    if ((await kept.count()) === 0) return
    await kept.first().click()
    await page.waitForFunction(() => document.querySelector('.pages img') === null)
  },
}

const manuals: Reader = {
  ...onPart,
  kind: 'PDF',
  complainsToItself: true,
  seeds: () =>
    [
      ['One'],
      ['Safety', 'Mounting', 'Service'],
      Array.from({ length: 40 }, (_, i) => `Page ${i}`),
    ].map(texts => ({
      form: 'bytes',
      ending: '.pdf',
      mimeType: 'application/pdf',
      bytes: manualOf(texts),
    })),
  give: async (page, given) => {
    await page.getByLabel(PAGE_OF).setInputFiles(given)
    await says(
      page,
      { element: COMPLAINT, says: given.name },
      { element: '.manual img' },
      { element: '.manual', says: 'cannot be drawn' },
    )
  },
  clear: async page => {
    const leafed = page.getByRole('region', { name: /^Pages of / })
    if ((await leafed.count()) === 0) return
    await leafed.getByRole('button', { name: 'Close' }).click()
    await page.waitForFunction(() => document.querySelector('.manual') === null)
  },
}

/** Everything that comes in at one place: several sheets at once, tables, files of parts. */
const arrivals: Reader = {
  kind: 'arrival',
  seeds: async page => {
    const all = await sheets.seeds(page)
    const several = all.slice(0, SHEETS_AT_ONCE).map(seed => seed.bytes.toString())
    return [
      { ...ofText, bytes: Buffer.from(several.join('\n\n')) },
      ...all.slice(SHEETS_AT_ONCE),
      ...TABLE_SEEDS,
      json('shelf/fan.juntura.json'),
    ]
  },
  begin: async page => {
    await goOn(page, '/')
    await page.getByRole('button', { name: 'A new machine' }).click()
    await says(page, NOTHING_CAME)
  },
  give: async (page, given) => {
    await page.getByLabel('Files of sheets or parts').setInputFiles(given)
    await says(page, { element: '.arrival' }, { element: MESSAGE })
  },
  clear: async page => {
    await putMessagesAside(page)
    // One that fades out still would answer for the next file.
    await page.waitForFunction(gone => document.querySelector(gone) === null, MESSAGE)
    const rows = page.locator('.arrival')
    for (let left = await rows.count(); left > 0; left--) {
      await rows
        .first()
        .getByRole('button', { name: /^Leave out/ })
        .click()
      await page.waitForFunction(most => document.querySelectorAll('.arrival').length < most, left)
    }
    await says(page, NOTHING_CAME)
  },
}
const NOTHING_CAME = { element: '.came h2', says: 'Nothing came in yet' }
/** Named choice: so many sheets stand in one file. */
const SHEETS_AT_ONCE = 4
const ofText = { form: 'text', ending: '.txt', mimeType: 'text/plain' } as const

export const READERS: readonly Reader[] = [
  ...[builds, parts, tables, sheets, arrivals],
  ...[pictures, manuals],
]
