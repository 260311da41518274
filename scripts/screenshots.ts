// Takes the current picture of each main view from the demo data into docs/screenshots. `-- --to
// DIR [--only NAME]` for throwaway ones.
import { mkdirSync } from 'node:fs'
import { parseArgs } from 'node:util'
import type { Page } from 'playwright-core'
import { complaints, stage } from '../e2e/harness'
import { buildIfStale } from './build.mjs'

const { values } = parseArgs({
  options: { to: { type: 'string', default: 'docs/screenshots' }, only: { type: 'string' } },
})

interface Shot {
  readonly name: string
  readonly path: string
  readonly size?: { width: number; height: number }
  readonly evening?: boolean
  readonly before?: (page: Page) => Promise<void>
}

const openRow =
  (text: string) =>
  async (page: Page): Promise<void> => {
    await page.locator('.row .face, .line .face', { hasText: text }).first().click()
    await page.waitForTimeout(300)
  }
/** The fixes of a shortage, all tried. */
async function waysOut(page: Page): Promise<void> {
  await openRow('Data of the R3 8 TB (4)')(page)
  await page.getByRole('button', { name: 'Find fixes' }).click()
  await page.getByText(/fix(es)? of \d+ tried/).waitFor({ timeout: 60_000 })
}
async function schools(page: Page): Promise<void> {
  await page.getByText('Compare build orders').click()
  await page.getByText('Proof first').first().waitFor({ timeout: 60_000 })
}
/**
 * A sheet as a person pastes it: centimetres with commas, clearances with their conditions, a line
 * that says nothing to a joint.
 */
const SHEETS = `Brackwater Jetty 6 mid tower case
Motherboard support: ATX, Micro-ATX, Mini-ITX
Dimensions (L x W x H): 46,5 x 22,0 x 48,0 cm
Max. CPU cooler height: 170mm
Max. GPU length: 355mm (w/o radiator)
Drive bays: 2 x 3.5", 3 x 2.5"
Fan support: Front: 3 x 120mm / 2 x 140mm; Rear: 1 x 120mm
Front I/O: 2x Type-A 5Gbps, 1x Type-C 10Gbps, audio in/out
Weight: 7.2 kg

Kelder Post 120 CPU air cooler
Height: 148 mm
Sockets: TERN-2, KNOT-5
Fan current: 0.18 A

Gadwall Sluice 650 power supply
Wattage: 650 W
Form: ATX
Length: 140 mm
Modular: fully`
async function pasted(page: Page): Promise<void> {
  await page.getByLabel(/paste/i).fill(SHEETS)
  await page.getByRole('button', { name: 'Bring in' }).click()
  await page.getByRole('heading', { name: /came in$/ }).waitFor()
}
async function coolers(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Cooler \d/ }).click()
  await page.waitForTimeout(400)
}
const SHOTS: readonly Shot[] = [
  { name: 'entry', path: '/', before: pasted },
  { name: 'parts', path: '/b/avocet/parts', before: openRow('Highbank 165') },
  { name: 'fit', path: '/b/teal/fit', before: openRow('Tempest 390 behind radiator') },
  { name: 'joints', path: '/b/avocet/connections', before: waysOut },
  { name: 'power', path: '/b/avocet/power' },
  {
    name: 'order',
    path: '/b/avocet/order?step=cooler%3Acooler%2Fmount~board%2Fcooler',
    before: schools,
  },
  { name: 'panel', path: '/b/curlew/front-panel' },
  { name: 'routes', path: '/b/avocet/cables', before: openRow('SATA lead 150') },
  { name: 'bench', path: '/b/avocet/bench?step=processor%3Aprocessor%2Fseat~board%2Fprocessor' },
  {
    name: 'bench-phone',
    path: '/b/avocet/bench?step=data-plug%3Asata-1',
    size: { width: 390, height: 844 },
  },
  { name: 'proof', path: '/b/curlew/test' },
  { name: 'record', path: '/b/avocet/record' },
  { name: 'measuring', path: '/b/avocet/measuring' },
  { name: 'buying', path: '/b/avocet/buying' },
  { name: 'to-hand', path: '/b/plover/to-hand' },
  { name: 'compare', path: '/b/avocet/compare' },
  { name: 'shelf', path: '/b/plover/shelf?part=ottery-twinbank-160', before: coolers },
  { name: 'practice', path: '/b/plover/practice', evening: true },
  { name: 'sheet', path: '/b/avocet/build-sheet' },
]

buildIfStale()
mkdirSync(values.to, { recursive: true })
/** What is done at the bench, so that the record has something to show. */
const DONE = [
  'task:bench',
  'processor:processor/seat~board/processor',
  'memory:memory',
  'm2:system-stick/seat~board/m2-1',
]

const on = await stage()
try {
  for (const shot of SHOTS.filter(s => !values.only || values.only.split(',').includes(s.name))) {
    const profile = await on.profile({
      viewport: shot.size ?? { width: 1280, height: 800 },
      colorScheme: shot.evening ? 'dark' : 'light',
    })
    const page = await profile.newPage()
    const found = complaints(page)
    await page.goto('/')
    await page.getByText('Plover').first().waitFor()
    if (shot.name === 'record') await worked(page)
    if (shot.path !== '/') await page.goto(shot.path)
    await page.locator('h1').first().waitFor()
    await page.evaluate(() => document.fonts.ready)
    await shot.before?.(page)
    await page.waitForTimeout(250)
    await page.screenshot({ path: `${values.to}/${shot.name}.png` })
    if (found.length > 0) console.error(`${shot.name}: ${found.join('; ')}`)
    await profile.close()
  }
} finally {
  await on.close()
}

/** A little work at the bench. */
async function worked(page: Page): Promise<void> {
  for (const step of DONE) {
    await page.goto(`/b/avocet/bench?step=${encodeURIComponent(step)}`)
    await page.getByRole('button', { name: 'Done', exact: true }).click()
    await page.locator('.done', { hasText: `${DONE.indexOf(step) + 1} done` }).waitFor()
  }
  await page.waitForTimeout(200)
}
