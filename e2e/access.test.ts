// For every hand and eye: each view by an independent checker of accessibility, on a wide screen
// and a narrow one; nothing scrolls that should not; what is pressed is large enough; the keyboard
// comes to the content at once.
import type { Page } from 'playwright-core'
import { goOn, openAt, stage, visitor } from './harness'
import { checkerFaults } from './looks/checker'
import { contrastFaults } from './looks/contrast'
import { EVERY_CHECK, testLooks, type Look } from './looks/look'
import { testOpened } from './looks/opened'

const on = await stage()
afterAll(() => on.close())

/** `npm run deep` looks by every check, on both screens by both lights. */
const SOME: readonly Look[] = [
  { screen: 'wide', colorScheme: 'light', checks: EVERY_CHECK },
  { screen: 'wide', colorScheme: 'dark', checks: ['contrast'] },
  { screen: 'narrow', colorScheme: 'light', checks: ['pressed', 'size'] },
]
testLooks(on, SOME)
testOpened(on, 'light', ['dialogs and menus', 'states of the bench'])

const { page, leave } = await visitor(on)
afterAll(leave)

test('no view opens scrolled, whatever was scrolled before', async () => {
  await openAt(page, '/b/avocet/fit')
  await page.locator('.row').first().waitFor()
  await page.locator('main').evaluate(one => one.scrollTo(0, 400))
  await page.getByRole('link', { name: /Power/ }).first().click()
  await page.getByRole('heading', { name: 'Power', exact: true }).waitFor()
  await page.waitForFunction(() => document.querySelector('main')?.scrollTop === 0)
})

test('evening light, put on by hand, is the dark of the machine', async () => {
  const paperIn = (page: Page): Promise<string> =>
    page.evaluate(() => getComputedStyle(document.body).backgroundColor)
  const dark = await visitor(on, { colorScheme: 'dark' })
  await dark.page.goto('/b/avocet/fit')
  await dark.page.locator('.row').first().waitFor()
  const day = await visitor(on)
  await day.page.goto('/b/avocet/fit')
  await day.page.getByRole('button', { name: 'Evening light' }).click()
  expect(await paperIn(day.page)).toBe(await paperIn(dark.page))
  expect(await contrastFaults(day.page, 4.5)).toEqual([])
  await Promise.all([day.leave(), dark.leave()])
})

test('a selected row is as readable as the others: what is tight stands out on it by 4.5 to 1', async () => {
  await openAt(page, '/b/avocet/fit')
  const outstanding = page.locator('.row.open').locator('.tight, .watch')
  const faces = page.locator('.row .face:visible')
  await faces.first().waitFor()
  for (const face of await faces.all()) {
    await face.click()
    expect(await checkerFaults(page)).toEqual([])
    if ((await outstanding.count()) > 0) break
  }
  expect(await outstanding.count()).toBeGreaterThan(0)
})

test('by keyboard: the first stop skips to the content, the next is in it', async () => {
  // Nothing had the focus before: the page is new.
  await page.goto('/b/avocet/fit')
  await page.locator('h1').first().waitFor()
  await page.keyboard.press('Tab')
  expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('Skip to the content')
  expect(await page.locator('.skip').evaluate(one => getComputedStyle(one).clipPath)).toBe('none')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  expect(
    await page.evaluate(() => document.querySelector('main')?.contains(document.activeElement)),
  ).toBe(true)
})

test('Parts and Order say the state of a row in words', async () => {
  await openAt(page, '/b/avocet/parts')
  await page.locator('h1').first().waitFor()
  const verdicts = /\b(No check|Clear|Tight|Measure|Watch|Stop|Harm)\b/
  for (const row of await page.locator('.line .face').all())
    expect(await row.textContent()).toMatch(verdicts)
  await goOn(page, '/b/avocet/order')
  await page.locator('ol .plainbutton').first().waitFor()
  for (const row of await page.locator('ol .plainbutton').all())
    expect(await row.textContent()).toMatch(/, (planned|ready|done|tested|skipped)\b/)
})

test('the seam: what is pressed is what opens, and no other step is named over it', async () => {
  await openAt(page, '/b/avocet/order')
  await page.locator('h1').first().waitFor()
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
})
