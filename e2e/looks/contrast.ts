// Contrast of every text on the page against what lies behind it, as the eye gets it.
import type { Page } from 'playwright-core'

/** Every text that stands out by less than `least` to 1. */
export const contrastFaults = (page: Page, least: number): Promise<readonly string[]> =>
  page.evaluate(wanted => {
    const rgb = (c: string): number[] => (c.match(/[\d.]+/g) ?? []).map(Number)
    const light = (c: number[]): number => {
      const [r = 0, g = 0, b = 0] = c.slice(0, 3).map(v => {
        const s = v / 255
        return s <= 0.03928 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4
      })
      return 0.2126 * r + 0.7152 * g + 0.0722 * b
    }
    const behind = (e: Element | null): number[] => {
      for (let n = e; n; n = n.parentElement) {
        const c = rgb(getComputedStyle(n).backgroundColor)
        if (c.length === 3 || (c[3] ?? 0) > 0.5) return c
      }
      return [255, 255, 255]
    }
    const faults: string[] = []
    for (const e of document.querySelectorAll('main *, header *, nav *')) {
      const own = [...e.childNodes].some(n => n.nodeType === 3 && n.textContent?.trim())
      if (
        !own ||
        e instanceof SVGElement ||
        !(e as HTMLElement).offsetParent ||
        e.closest('[disabled], .is-disabled, .visually-hidden')
      )
        continue
      const [a, b] = [light(rgb(getComputedStyle(e).color)), light(behind(e))]
      const ratio = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05)
      if (ratio < wanted)
        faults.push(`${ratio.toFixed(2)} ${e.tagName} “${e.textContent?.trim().slice(0, 30)}”`)
    }
    return faults
  }, least)
