// A look at every place under one light and on one screen: what each check finds there.
import type { Page } from 'playwright-core'
import { goOn, visitor, type Stage } from '../harness'
import { checkerFaults } from './checker'
import { contrastFaults } from './contrast'
import { BENCH, PLACES } from './places'
import { untilStill } from './rest'
import { tooLarge, tooSmall } from './sizes'

/** Named choices: how much text stands out, and at the bench, where it is read from afar. */
const CONTRAST = 4.5
const CONTRAST_AT_BENCH = 7

const CHECKS = {
  checker: checkerFaults,
  pressed: tooSmall,
  size: tooLarge,
  contrast: (page: Page) =>
    contrastFaults(page, new URL(page.url()).pathname === BENCH ? CONTRAST_AT_BENCH : CONTRAST),
}
export type Check = keyof typeof CHECKS
export const EVERY_CHECK = Object.keys(CHECKS) as readonly Check[]

export const SCREENS = {
  wide: { width: 1280, height: 800 },
  narrow: { width: 390, height: 844 },
}
export interface Look {
  readonly screen: keyof typeof SCREENS
  readonly colorScheme: 'light' | 'dark'
  readonly checks: readonly Check[]
}
/** What was found, by place; a place where nothing is wrong has none. */
type Found = Readonly<Record<string, readonly string[]>>
const NOTHING_WRONG: Found = Object.fromEntries(PLACES.map(place => [place, []]))

async function lookAround(on: Stage, { screen, colorScheme, checks }: Look): Promise<Found> {
  const { page, leave } = await visitor(on, { viewport: SCREENS[screen], colorScheme })
  await page.goto('/')
  const found: Record<string, readonly string[]> = {}
  for (const place of PLACES) {
    await goOn(page, place)
    await page.locator('h1').first().waitFor()
    await untilStill(page)
    const lines: string[] = []
    for (const check of checks) lines.push(...(await CHECKS[check](page)))
    found[place] = lines
  }
  await leave()
  return found
}

/** Named choice, ms: several times what a look around takes on two quiet cores. */
const LOOK_AT_MOST = 600_000

/** One test a look: nothing is wrong with any view for anybody. */
export function testLooks(on: Stage, looks: readonly Look[]): void {
  test.each(looks)(
    'nothing is wrong with any view for anybody: $screen, $colorScheme: $checks',
    async look => {
      expect(await lookAround(on, look)).toEqual(NOTHING_WRONG)
    },
    LOOK_AT_MOST,
  )
}
