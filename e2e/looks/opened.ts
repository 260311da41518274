// What opens: dialogs, menus, rows and folds, and the states of the bench. Nothing is wrong with any of
// them for anybody.
import type { Page } from 'playwright-core'
import { openAt, visitor, type Stage } from '../harness'
import { checkerFaults } from './checker'
import { contrastFaults } from './contrast'
import { BENCH, VIEWS } from './places'
import { untilStill } from './rest'
import { tooSmall } from './sizes'

interface Opened {
  readonly name: string
  readonly place: string
  readonly open: (page: Page) => Promise<void>
}
const named = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, ...(typeof name === 'string' && { exact: true }) }).first()
const press =
  (...names: readonly (string | RegExp)[]) =>
  async (page: Page): Promise<void> => {
    for (const name of names) await named(page, name).click()
  }
const CSV = 'kind,maker,model\nfan,Breeze Works,Breeze 80\nfan,Breeze Works,Breeze 81\n'
const KNOWN =
  'kind,id,maker,model,size,face,price\nfan,ottery-breeze-120,Ottery,Breeze 120,120,fan-4,44\n'

/** A table of parts, chosen as a file. */
const choose = (page: Page, text: string): Promise<void> =>
  page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'parts.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })

const DIALOGS: readonly Opened[] = [
  { name: 'words', place: '/b/avocet/connections', open: press('Words') },
  {
    ...{ name: 'keys', place: '/b/avocet/fit' },
    open: async page => {
      await page.locator('h1').first().focus()
      await page.keyboard.press('?')
      await page.getByRole('dialog').waitFor()
    },
  },
  {
    ...{ name: 'files', place: '/b/avocet/fit' },
    open: page => page.getByText('Files', { exact: true }).click(),
  },
  {
    ...{ name: 'the shelf', place: '/b/avocet/parts' },
    open: press('Add from the shelf'),
  },
  {
    ...{ name: 'a part that is swapped', place: '/b/avocet/parts' },
    open: async page => {
      await page.locator('.line .face').first().click()
      await named(page, 'Swap…').click()
    },
  },
  {
    ...{ name: 'several parts at once', place: '/b/avocet/parts' },
    open: press('Several at once'),
  },
  {
    ...{ name: 'rows that are pasted', place: '/b/avocet/shelf/entry?from=hand&kind=supply' },
    open: async page => {
      await page.locator('summary', { hasText: 'Cables' }).first().click()
      await named(page, 'Paste a table: cables').click()
    },
  },
  {
    ...{ name: 'a table that is taken in', place: '/b/avocet/shelf' },
    open: async page => {
      await choose(page, CSV)
      await page.getByRole('dialog').waitFor()
    },
  },
  {
    ...{ name: 'parts that are here otherwise', place: '/b/avocet/shelf' },
    open: async page => {
      await choose(page, KNOWN)
      await page.getByRole('heading', { name: '1 part is here otherwise' }).waitFor()
    },
  },
  {
    ...{ name: 'fixes of a finding', place: '/b/plover/fit' },
    open: async page => {
      await page.locator('.row .face').first().click()
      await named(page, 'Find fixes').click()
      await page.locator('[aria-label^="Apply:"]').first().waitFor()
    },
  },
  {
    ...{ name: 'a reason that is asked for', place: '/b/avocet/fit' },
    open: async page => {
      await page.locator('.row .face').first().click()
      await named(page, /say why|Leave open/).click()
    },
  },
  {
    ...{ name: 'the pins of a block', place: '/b/plover/front-panel' },
    open: press(/^Change the pins/),
  },
  { name: 'a build that is renamed', place: '/', open: press('Rename Avocet') },
  { name: 'a build that is copied', place: '/', open: press('Copy Avocet') },
]

const step = (page: Page, title: RegExp): Promise<void> =>
  page.getByRole('toolbar').getByRole('button', { name: title }).first().click()
const AT_BENCH: readonly Opened[] = [
  { name: 'a step that is skipped', place: BENCH, open: press('Skip…') },
  {
    ...{ name: 'a step that waits', place: BENCH },
    open: page => step(page, /^Screw the A850/),
  },
  {
    ...{ name: 'a plug that is done differently', place: '/b/plover/bench' },
    open: async page => {
      await step(page, /^Plug the fan lead of the Lowbank/)
      await named(page, 'Did it differently…').click()
    },
  },
  { name: 'a stop', place: BENCH, open: page => step(page, /: Stop/) },
  {
    name: 'the front panel',
    place: '/b/plover/bench',
    open: page => step(page, /^Wire the front-panel block/),
  },
  {
    ...{ name: 'a step that is done', place: BENCH },
    open: async page => {
      await named(page, 'Done').click()
      await named(page, 'Back').click()
    },
  },
]

/** Named choices: how much text stands out; how many rows of a view are opened. */
const CONTRAST = 4.5
const ROWS = 4

async function faultsOf(page: Page): Promise<readonly string[]> {
  await untilStill(page)
  return [
    ...(await checkerFaults(page)),
    ...(await contrastFaults(page, CONTRAST)),
    ...(await tooSmall(page)),
  ]
}

/** Every fold of a view, and its first rows. */
async function openAll(page: Page): Promise<void> {
  await page
    .locator('main')
    .evaluate(main => main.querySelectorAll('details').forEach(fold => (fold.open = true)))
  const shut = page.locator('main button[aria-expanded="false"]:visible')
  for (let opened = 0; opened < ROWS && (await shut.count()) > 0; opened += 1)
    await shut.nth(Math.min(opened, (await shut.count()) - 1)).click()
}
const FOLDED: readonly Opened[] = VIEWS.filter(view => !view.includes('?')).map(view => ({
  ...{ name: `folds and rows of ${view}`, place: `/b/avocet/${view}` },
  open: openAll,
}))

/** Named choice, ms: several times what it takes on two quiet cores. */
const AT_MOST = 240_000

const SORTS = {
  'dialogs and menus': DIALOGS,
  'states of the bench': AT_BENCH,
  'folds and rows': FOLDED,
} as const
type Sort = keyof typeof SORTS

/** One test a sort of thing that opens. */
export function testOpened(
  on: Stage,
  colorScheme: 'light' | 'dark',
  sorts: readonly Sort[] = Object.keys(SORTS) as Sort[],
): void {
  test.each(sorts)(
    `nothing is wrong with what opens, ${colorScheme}: %s`,
    async sort => {
      const all = SORTS[sort]
      const { page, leave } = await visitor(on, { colorScheme })
      const found: Record<string, readonly string[]> = {}
      for (const { name, place, open } of all) {
        await openAt(page, place)
        await page.locator('h1').first().waitFor()
        await untilStill(page)
        await open(page)
        found[name] = await faultsOf(page)
        await page.keyboard.press('Escape')
      }
      await leave()
      expect(found).toEqual(Object.fromEntries(all.map(({ name }) => [name, []])))
    },
    AT_MOST,
  )
}
