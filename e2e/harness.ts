// What every test of the real interface needs: the built app served on a free port, and a browser
// with a fresh profile.
import { spawn, type ChildProcess } from 'node:child_process'
import { createServer, type AddressInfo } from 'node:net'
import { fileURLToPath } from 'node:url'
import { chromium, type Browser, type BrowserContext, type Page } from 'playwright-core'

export const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]
/** Where the browser's program lies. */
export const programOf = (): string => process.env['CHROMIUM'] ?? '/usr/bin/chromium'
export const ROOT = fileURLToPath(new URL('..', import.meta.url))

/** A port that was free a moment ago. */
export function freePort(): Promise<number> {
  return new Promise(done => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => done(port))
    })
  })
}

/** Starts the server as `npm start` does and waits for what it says. */
export function startServer(
  port: number,
  built?: string,
): Promise<{ readonly server: ChildProcess; readonly says: string }> {
  const server = spawn('node', ['--import', 'tsx', 'server/main.ts'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(port), ...(built ? { DIST: built } : {}) },
  })
  return new Promise(done => {
    const tell = (text: unknown): void => done({ server, says: String(text).trim() })
    server.stdout.once('data', tell)
    server.stderr.once('data', tell)
  })
}

export const stopServer = (server: ChildProcess): Promise<void> =>
  new Promise(done => {
    if (server.exitCode !== null) done()
    else {
      server.once('exit', () => done())
      server.kill()
    }
  })

export interface Stage {
  readonly base: string
  readonly browser: Browser
  profile(options?: Parameters<Browser['newContext']>[0]): Promise<BrowserContext>
  close(): Promise<void>
}

export async function stage(): Promise<Stage> {
  const port = await freePort()
  const { server } = await startServer(port)
  const base = `http://127.0.0.1:${port}`
  const browser = await chromium.launch({
    executablePath: programOf(),
    args: FLAGS,
  })
  return {
    base,
    browser,
    profile: (options = {}) =>
      browser.newContext({
        viewport: { width: 1280, height: 800 },
        baseURL: base,
        acceptDownloads: true,
        // What is taken away in a test is to be missing: nothing is kept for when it is.
        serviceWorkers: 'block',
        // What fades in is looked at when it is there.
        reducedMotion: 'reduce',
        ...options,
      }),
    close: async () => {
      await browser.close()
      await stopServer(server)
    },
  }
}

/** Collects what the page complains about; a test ends with none. */
export function complaints(page: Page): string[] {
  const found: string[] = []
  page.on('pageerror', error => found.push(String(error)))
  page.on('console', message => {
    if (message.type() === 'error') found.push(message.text())
  })
  return found
}

export interface Visitor {
  readonly profile: BrowserContext
  readonly page: Page
  /** Ends the visit; an error when the page complained about anything. */
  readonly leave: () => Promise<void>
}

/** A fresh profile with one page. `prepare` may change the profile before the page is there. */
export async function visitor(
  on: Stage,
  options: Parameters<Stage['profile']>[0] = {},
  prepare: (profile: BrowserContext) => Promise<unknown> = () => Promise.resolve(),
): Promise<Visitor> {
  const profile = await on.profile(options)
  await prepare(profile)
  const page = await profile.newPage()
  const found = complaints(page)
  return {
    profile,
    page,
    leave: async () => {
      await profile.close()
      if (found.length > 0) throw new Error(`The page complained: ${found.join('; ')}`)
    },
  }
}

/** Takes back the latest change, and waits until that is kept: it then stands under "do again". */
export async function takeBack(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: 'Undo', exact: true })
  const line = ((await button.getAttribute('title')) ?? '').replace(/^Undo: /, '')
  await button.click()
  await page
    .locator(`button[aria-label="Redo"][title=${JSON.stringify(`Redo: ${line}`)}]`)
    .waitFor()
}

/** Waits until the page has drawn what it has and has nothing more to do. */
export const atRest = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    await document.fonts.ready
    await new Promise(drawn => requestAnimationFrame(() => requestAnimationFrame(drawn)))
    await new Promise(idle => requestIdleCallback(idle))
  })

/** A view of no build: whoever comes from there finds the next one as at first. */
const ELSEWHERE = '/storage'

/**
 * Opens an address anew: within the program where that is open, which is much faster than to load
 * it once more.
 */
export async function openAt(page: Page, address: string): Promise<void> {
  const isOpen = await page.evaluate(() => '__vue_app__' in (document.querySelector('#app') ?? {}))
  if (!isOpen) await page.goto(address)
  else {
    await goOn(page, ELSEWHERE)
    await goOn(page, address)
  }
}

/** Goes to another address within the open program, as its links do, and waits until it is there. */
export const goOn = (page: Page, address: string): Promise<void> =>
  page.evaluate(async to => {
    interface Root extends Element {
      readonly __vue_app__: {
        readonly config: {
          readonly globalProperties: { readonly $router: { push(to: string): Promise<unknown> } }
        }
      }
    }
    const root = document.querySelector<Root>('#app')
    await root?.__vue_app__.config.globalProperties.$router.push(to)
  }, address)
