// What is too small to be pressed, and what is larger than the screen.
import type { Page } from 'playwright-core'

/**
 * At least so wide and high is what is pressed; apart from what the arrows walk: the marks of the
 * seam, and what is on a drawing, each of which has a row as well.
 */
const TARGET = 24

/**
 * What is pressed and too small: a box to tick counts with its label, a link within a sentence not
 * at all.
 */
export const tooSmall = (page: Page): Promise<readonly string[]> =>
  page.evaluate(
    least =>
      [
        ...document.querySelectorAll<HTMLElement>(
          'a, button, input, select, textarea, summary, [role=button]',
        ),
      ]
        .filter(
          one =>
            one.checkVisibility() &&
            !one.closest('.seam, .paths, .bodies, .visually-hidden, .skip'),
        )
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

/** By how much the page is wider than the screen, and a view of a build higher. */
export const tooLarge = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() => {
    const page = document.documentElement
    const wide = Math.max(page.scrollWidth, document.querySelector('main')?.scrollWidth ?? 0)
    const scrolls = document.querySelector('.seam') !== null && page.scrollHeight > innerHeight
    return [
      ...(wide > innerWidth ? [`${wide - innerWidth} px wider than the screen`] : []),
      ...(scrolls ? [`the page scrolls by ${page.scrollHeight - innerHeight} px`] : []),
    ]
  })
