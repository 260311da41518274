// While very many parts come in, the page stays responsive.
import { stage, takeBack, visitor } from '../harness'
import { MANY, manyFans } from '../many'

const on = await stage()
afterAll(() => on.close())

/** Named choice, ms: three imports, each several times what it takes on two quiet cores. */
const AT_MOST = 300_000

test(
  '95 % of frame gaps are under 50 ms, median of three',
  async () => {
    const { page, leave } = await visitor(on)
    await page.goto('/b/avocet/shelf')
    const dialog = page.getByRole('dialog')
    const runs: number[] = []
    for (const name of ['Mote', 'Mite', 'Mist']) {
      await page.locator('.line .name').first().waitFor()
      await page.setInputFiles('.find input[type=file]', {
        name: 'many.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(manyFans(name)),
      })
      const take = dialog.getByRole('button', { name: `Import ${MANY} parts` })
      await take.waitFor({ timeout: 60_000 })
      await page.evaluate(() => {
        const gaps: number[] = []
        let last = performance.now()
        const tick = (now: number): void => {
          gaps.push(now - last)
          last = now
          requestAnimationFrame(tick)
        }
        requestAnimationFrame(tick)
        Object.assign(window, { gaps })
      })
      await take.click()
      await dialog.getByText(`${MANY} parts on the shelf`).waitFor({ timeout: 60_000 })
      const gaps = await page.evaluate(() => (window as unknown as { gaps: number[] }).gaps)
      gaps.sort((a, b) => a - b)
      runs.push(gaps[Math.floor(gaps.length * 0.95)] ?? Infinity)
      await dialog.getByRole('button', { name: 'Close', exact: true }).click()
      await takeBack(page)
    }
    expect(runs.sort((a, b) => a - b)[1]).toBeLessThan(50)
    await leave()
  },
  AT_MOST,
)
