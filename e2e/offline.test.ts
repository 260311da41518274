// The program is kept in the browser: it starts with the server stopped, and a window that is open
// survives an update.
import type { ChildProcess } from 'node:child_process'
import { cpSync, mkdtempSync, readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import type { Page } from 'playwright-core'
import { freePort, ROOT, stage, startServer, stopServer } from './harness'

const on = await stage()
const servers: ChildProcess[] = []
afterAll(async () => {
  await on.close()
  for (const server of servers) await stopServer(server)
})

/** A server of this test's own, which may be stopped. */
async function serving(port: number, built?: string): Promise<ChildProcess> {
  const { server } = await startServer(port, built)
  servers.push(server)
  return server
}

/**
 * A page of the program as a person has it: with what keeps the program for when nobody serves it.
 */
async function keptPage(port: number): Promise<Page> {
  const profile = await on.profile({ serviceWorkers: 'allow', baseURL: `http://127.0.0.1:${port}` })
  const page = await profile.newPage()
  await page.goto('/')
  await page.getByRole('link', { name: /Plover/ }).waitFor()
  await page.evaluate(() => navigator.serviceWorker.ready)
  return page
}

/**
 * The program as another build would make it: another page, and a part of it under another name.
 */
function nextBuild(): string {
  const root = mkdtempSync(`${tmpdir()}/juntura-next-`)
  cpSync(`${ROOT}dist`, root, { recursive: true, filter: path => !/\.(br|gz)$/.test(path) })
  const chunk = readdirSync(`${root}/assets`).find(name => /^PowerView.*\.js$/.test(name)) ?? ''
  const renamed = chunk.replace(/-[^-]+\.js$/, '-another.js')
  renameSync(`${root}/assets/${chunk}`, `${root}/assets/${renamed}`)
  const texts = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(name =>
    /\.(js|html)$/.test(name),
  )
  for (const name of texts) {
    const text = readFileSync(`${root}/${name}`, 'utf8').replaceAll(chunk, renamed)
    writeFileSync(`${root}/${name}`, text)
  }
  const page = readFileSync(`${root}/index.html`, 'utf8')
  writeFileSync(
    `${root}/index.html`,
    page.replace('<head>', '<head><meta name="build" content="next">'),
  )
  const worker = readFileSync(`${root}/sw.js`, 'utf8')
  const revised = worker.replace(
    /(url:\s*"index\.html",\s*revision:\s*")[^"]+|(revision:\s*")[^"]+(",\s*url:\s*"index\.html")/,
    '$1$2next$3',
  )
  expect(revised).not.toBe(worker)
  writeFileSync(`${root}/sw.js`, revised)
  return root
}

test('with the server stopped it starts, opens a build, and keeps a change', async () => {
  const port = await freePort()
  const server = await serving(port)
  const page = await keptPage(port)
  await stopServer(server)
  const again = await page.context().newPage()
  await again.goto('/b/plover/record')
  await again.getByLabel('Note', { exact: true }).fill('written without a server')
  await again.getByRole('button', { name: 'Keep the note' }).click()
  await again.getByText('Changed the note').waitFor()
  // What was never looked at before is there as well, its workers too.
  for (const stage of ['Power', 'Order', 'Bench', 'Practice']) {
    await again
      .getByRole('link', { name: new RegExp(stage) })
      .first()
      .click()
    await again.locator('h1').first().waitFor()
    if (stage === 'Bench') await again.getByRole('link', { name: 'Leave the bench' }).click()
  }
  await page.context().close()
})

test(
  'a window that is open when the program is updated is told, goes on with what it ' +
    'began with, and takes the newer when it is reloaded',
  async () => {
    const port = await freePort()
    const first = await serving(port)
    const page = await keptPage(port)
    await page.getByRole('link', { name: /Plover/ }).click()
    await page.getByRole('heading', { name: 'Parts' }).waitFor()
    await stopServer(first)
    await serving(port, nextBuild())
    await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update())
    await page.getByText('A newer Juntura is ready.').waitFor()
    // This part is served no more under its old name.
    await page.getByRole('link', { name: /Power/ }).first().click()
    await page.getByRole('heading', { name: 'Power', exact: true }).waitFor()
    expect(await page.locator('meta[name="build"]').count()).toBe(0)
    await page.getByRole('button', { name: 'Reload and take it' }).click()
    await page.locator('meta[name="build"][content="next"]').waitFor({ state: 'attached' })
    await page.getByRole('heading', { name: 'Power', exact: true }).waitFor()
    await page.context().close()
  },
)

test('it can be installed: a manifest with a name, a start and a picture', async () => {
  const manifest = await (await fetch(`${on.base}/manifest.webmanifest`)).json()
  expect(manifest).toMatchObject({ name: 'Juntura', start_url: '/', display: 'standalone' })
  expect((await fetch(`${on.base}${manifest.icons[0].src}`)).status).toBe(200)
})
