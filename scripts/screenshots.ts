// Takes the current picture of each main view from the demo data into docs/screenshots. `-- --to DIR [--only NAME]` for throwaway ones.
import { execFileSync } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { parseArgs } from 'node:util'
import type { Page } from 'playwright-core'
import { complaints, stage } from '../e2e/harness'

const { values } = parseArgs({ options: { to: { type: 'string', default: 'docs/screenshots' }, only: { type: 'string' } } })

interface Shot { readonly name: string; readonly path: string; readonly size?: { width: number; height: number }; readonly evening?: boolean; readonly before?: (page: Page) => Promise<void> }

const openFirst = async (page: Page): Promise<void> => { await page.locator('.face').first().click(); await page.waitForTimeout(300) }
const SHOTS: readonly Shot[] = [
  { name: 'start', path: '/' },
  { name: 'parts', path: '/b/plover/parts', before: async page => { await page.locator('.line .face', { hasText: 'Lowbank 65' }).click(); await page.waitForTimeout(300) } },
  { name: 'fit', path: '/b/plover/fit', before: openFirst },
  { name: 'fit-evening', path: '/b/plover/fit', evening: true },
  { name: 'joints', path: '/b/plover/joints' },
  { name: 'power', path: '/b/plover/power' },
  { name: 'order', path: '/b/plover/order?step=cooler%3Acooler%2Fmount~board%2Fcooler' },
  { name: 'panel', path: '/b/plover/panel', before: openFirst },
  { name: 'routes', path: '/b/plover/routes' },
  { name: 'bench', path: '/b/plover/bench?step=processor%3Aprocessor%2Fseat~board%2Fprocessor' },
  { name: 'bench-phone', path: '/b/plover/bench?step=processor%3Aprocessor%2Fseat~board%2Fprocessor', size: { width: 390, height: 844 } },
  { name: 'proof', path: '/b/plover/proof' },
  { name: 'record', path: '/b/plover/record' },
  { name: 'shelf', path: '/b/plover/shelf' },
  { name: 'practice', path: '/b/plover/practice' },
  { name: 'sheet', path: '/b/plover/sheet' },
]

execFileSync('node', ['-e', "import('./scripts/build.mjs').then(b => b.buildIfStale())"], { stdio: 'inherit' })
mkdirSync(values.to, { recursive: true })
const on = await stage()
try {
  for (const shot of SHOTS.filter(s => !values.only || values.only.split(',').includes(s.name))) {
    const profile = await on.profile({ viewport: shot.size ?? { width: 1280, height: 800 }, colorScheme: shot.evening ? 'dark' : 'light' })
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

/** A little work at the bench, so that the record has something to show. */
async function worked(page: Page): Promise<void> {
  await page.goto('/b/plover/bench')
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Made', exact: true }).click()
  await page.waitForTimeout(200)
}
