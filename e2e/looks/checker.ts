// What an independent checker of accessibility finds.
import { createRequire } from 'node:module'
import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'

const CHECKER = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/** What the checker finds, each with the first place where it is. */
export async function checkerFaults(page: Page): Promise<readonly string[]> {
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
