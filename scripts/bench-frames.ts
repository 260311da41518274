// Times the drawing in the browser: the gaps between frames while it is dragged, and while the machine
// is turned as solids.
import type { Page } from 'playwright-core'
import { atRest, stage } from '../e2e/harness'
import { buildIfStale } from './build.mjs'
import type { Row } from './bench-rows'

/** Named choices, ms: how long it is dragged; what 95 of a hundred gaps stay under. */
const DRAGGED = 3000
const GAP_LIMIT = 50
const TURNED_LIMIT = 150
const SHARE = 0.95
/** Named choice: by how much the pointer moves at once, px, and how far it goes before it turns. */
const MOVE = 6
const SWING = 120

/** What the page keeps meanwhile: when each frame was drawn. */
interface Kept {
  frames: number[]
  next: (at: number) => void
}

/** Drags from the middle of something to and fro; the gaps between the frames meanwhile, ms. */
async function gapsOf(page: Page, selector: string): Promise<readonly number[]> {
  const box = await page.locator(selector).first().boundingBox()
  if (!box) throw new Error(`nothing is drawn at ${selector}`)
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.evaluate(() => {
    const kept = globalThis as unknown as Kept
    kept.frames = []
    // No function by its own name: what runs in the page knows nothing of this file.
    kept.next = at => {
      kept.frames.push(at)
      requestAnimationFrame(kept.next)
    }
    requestAnimationFrame(kept.next)
  })
  const until = performance.now() + DRAGGED
  for (let moved = 0; performance.now() < until; moved += MOVE) {
    const away = moved % (2 * SWING)
    await page.mouse.move(x + (away < SWING ? away : 2 * SWING - away), y + away / 4)
  }
  await page.mouse.up()
  const frames = await page.evaluate(() => (globalThis as unknown as Kept).frames)
  return frames.slice(1).map((at, i) => at - (frames[i] ?? at))
}

function row(name: string, gaps: readonly number[], against: number): Row {
  const sorted = [...gaps].sort((a, b) => a - b)
  const value = sorted[Math.floor(sorted.length * SHARE)] ?? Infinity
  return { name, value, unit: 'ms', against, ratio: value / against, n: gaps.length }
}

/** With all its leads on it, looked at closer; then from an angle. */
export async function frameRows(): Promise<readonly Row[]> {
  buildIfStale()
  const on = await stage()
  try {
    const page = await (await on.profile()).newPage()
    await page.goto('/b/avocet/cables')
    await page.locator('.paths').first().waitFor()
    await page.getByRole('button', { name: 'Closer' }).click()
    await atRest(page)
    const dragged = await gapsOf(page, 'svg.live')
    await page.getByText('Angle', { exact: true }).click()
    await page.locator('canvas').first().waitFor()
    await atRest(page)
    const turned = await gapsOf(page, 'canvas')
    return [
      row('drawing/avocet/drag (95 of 100 gaps)', dragged, GAP_LIMIT),
      row('drawing/avocet/turn (95 of 100 gaps)', turned, TURNED_LIMIT),
    ]
  } finally {
    await on.close()
  }
}
