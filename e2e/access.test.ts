// For every hand and eye: each view by an independent checker of accessibility, on a wide screen
// and a narrow one; nothing scrolls that should not; what is pressed is large enough; the keyboard
// comes to the content at once.
import { createRequire } from 'node:module'
import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { stage, VIEWS, visitor, type Visitor } from './harness'

const on = await stage()
afterAll(() => on.close())

const CHECKER = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
const STAGES = VIEWS.map(view => `/b/avocet/${view}`)
const PAGES = ['/', '/storage', '/b/avocet/build-sheet', '/b/none/parts']
/**
 * At least so wide and high is what is pressed; the marks of the seam, which the arrows walk,
 * apart.
 */
const TARGET = 24

async function show(page: Page, address: string): Promise<void> {
  await page.goto(address)
  await page.locator('h1').first().waitFor()
  await page.waitForLoadState('networkidle')
}

/** What the checker finds, each with the first place where it is. */
async function faults(page: Page): Promise<readonly string[]> {
  await page.evaluate(CHECKER)
  return page.evaluate(async () => {
    const { axe } = globalThis as unknown as {
      axe: {
        run(): Promise<{
          violations: { id: string; impact: string; nodes: { html: string }[] }[]
        }>
      }
    }
    const { violations } = await axe.run()
    return violations.map(v => `${v.impact} ${v.id}: ${v.nodes[0]?.html.slice(0, 160)}`)
  })
}

/**
 * What is pressed and too small: a box to tick counts with its label, a link within a sentence not
 * at all.
 */
const tooSmall = (page: Page): Promise<readonly string[]> =>
  page.evaluate(
    least =>
      [
        ...document.querySelectorAll<HTMLElement>(
          'a, button, input, select, textarea, summary, [role=button]',
        ),
      ]
        .filter(one => one.checkVisibility() && !one.closest('.seam, .visually-hidden, .skip'))
        .filter(one => !(one.tagName === 'A' && getComputedStyle(one).display === 'inline'))
        .map(one => one.closest('label, .el-select') ?? one)
        .map(one => ({ one, box: one.getBoundingClientRect() }))
        .filter(({ box }) => box.width > 0 && Math.min(box.width, box.height) < least - 0.1)
        .map(
          ({ one, box }) =>
            `${one.tagName} ${one.className} ${Math.round(box.width)} × ` +
            `${Math.round(box.height)}: ${(one.textContent ?? '').trim().slice(0, 40)}`,
        ),
    TARGET,
  )

/** Named choice, ms: several times what a walk over all stages takes on two quiet cores. */
const WALK_AT_MOST = 300_000
const SCREENS = [
  { name: 'wide', viewport: { width: 1280, height: 800 } },
  { name: 'narrow', viewport: { width: 390, height: 844 } },
]
describe.each(SCREENS)('on a $name screen', ({ viewport }) => {
  let here: Visitor
  beforeAll(async () => {
    // What fades in is looked at when it is there.
    here = await visitor(on, { viewport, reducedMotion: 'reduce' })
  })
  afterAll(() => here.leave())

  test.each([...STAGES, ...PAGES])('%s: nothing is wrong with it for anybody', async address => {
    await show(here.page, address)
    expect(await faults(here.page)).toEqual([])
    expect(await tooSmall(here.page)).toEqual([])
  })

  test(
    'no stage scrolls its page, and none opens scrolled, whatever was scrolled before',
    async () => {
      const { page } = here
      for (const address of STAGES) {
        await show(page, address)
        const beyond = await page.evaluate(() => ({
          down: document.documentElement.scrollHeight - innerHeight,
          right: document.documentElement.scrollWidth - innerWidth,
        }))
        expect([address, beyond]).toEqual([address, { down: 0, right: 0 }])
      }
      await show(page, '/b/avocet/fit')
      const main = page.locator('main')
      await main.evaluate(one => one.scrollTo(0, 400))
      await page.getByRole('link', { name: /Power/ }).first().click()
      await page.getByRole('heading', { name: 'Power', exact: true }).waitFor()
      await page.waitForFunction(() => document.querySelector('main')?.scrollTop === 0)
    },
    WALK_AT_MOST,
  )
})

test('by evening light the views are as readable as by day', async () => {
  const { page, leave } = await visitor(on, { reducedMotion: 'reduce' })
  await show(page, '/b/avocet/parts')
  await page.getByRole('button', { name: 'Evening light' }).click()
  for (const address of ['/b/avocet/fit', '/b/avocet/power', '/b/avocet/bench', '/']) {
    await show(page, address)
    expect([address, await faults(page)]).toEqual([address, []])
  }
  await leave()
})

test('a selected row is as readable as the others: what is tight stands out on it by 4.5 to 1', async () => {
  const { page, leave } = await visitor(on, { reducedMotion: 'reduce' })
  await show(page, '/b/avocet/power')
  for (const face of await page.locator('.row .face').all()) {
    await face.click()
    expect(await faults(page)).toEqual([])
    if ((await page.locator('.row.open .tight, .row.open .watch').count()) > 0) break
  }
  await leave()
})

test('by keyboard: the first stop skips to the content, the next is in it', async () => {
  const { page, leave } = await visitor(on, { reducedMotion: 'reduce' })
  await show(page, '/b/avocet/fit')
  await page.keyboard.press('Tab')
  expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('Skip to the content')
  expect(await page.locator('.skip').evaluate(one => getComputedStyle(one).clipPath)).toBe('none')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  expect(
    await page.evaluate(() => document.querySelector('main')?.contains(document.activeElement)),
  ).toBe(true)
  await leave()
})

test('Parts and Order say the state of a row in words', async () => {
  const { page, leave } = await visitor(on, { reducedMotion: 'reduce' })
  await show(page, '/b/avocet/parts')
  const verdicts = /\b(No check|Clear|Tight|Measure|Watch|Stop|Harm)\b/
  for (const row of await page.locator('.line .face').all())
    expect(await row.textContent()).toMatch(verdicts)
  await show(page, '/b/avocet/order')
  for (const row of await page.locator('ol .plainbutton').all())
    expect(await row.textContent()).toMatch(/, (planned|ready|made|proved|crossed off)\b/)
  await leave()
})

test('the seam: what is pressed is what opens, and no other step is named over it', async () => {
  const { page, leave } = await visitor(on, { reducedMotion: 'reduce' })
  await show(page, '/b/avocet/order')
  const marks = page.locator('.seam .mark')
  const mark = marks.nth(20)
  const title = ((await mark.getAttribute('aria-label')) ?? '').replace(/: [^:]*$/, '')
  await mark.hover()
  await page.locator('.seam .names', { hasText: title }).waitFor()
  await mark.click()
  await page.locator('.right').getByRole('heading', { name: title }).first().waitFor()
  expect(await page.locator('.seam .names').count()).toBe(0)
  // The pointer that moves on names what it is over.
  await marks.nth(18).hover()
  await page.locator('.seam .names').waitFor()
  await leave()
})
