// A browser that can be killed as a power cut kills it, over a profile that stays.
import { spawn, type ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { chromium, type BrowserContext } from 'playwright-core'
import { FLAGS, programOf } from '../harness'
import type { Watch } from './watch'

export interface Killable {
  readonly profile: BrowserContext
  /** Kills every process of the browser at once. */
  kill(): Promise<void>
}

/** Starts a browser on this folder. */
export async function killable(folder: string, watch: Watch): Promise<Killable> {
  const browser = spawn(
    programOf(),
    [
      ...FLAGS,
      '--headless=new',
      '--remote-debugging-port=0',
      `--user-data-dir=${folder}`,
      '--window-size=1280,800',
      'about:blank',
    ],
    // A group of its own: what it started dies with it.
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  )
  const over = await chromium.connectOverCDP(await listensAt(browser))
  const [profile] = over.contexts()
  if (!profile) throw new Error('the browser has no profile')
  await watch.over(profile)
  return {
    profile,
    kill: async () => {
      const gone = once(browser, 'exit')
      if (browser.pid !== undefined) process.kill(-browser.pid, 'SIGKILL')
      await gone
    },
  }
}

/** Where the browser says that it listens. */
function listensAt(browser: ChildProcess): Promise<string> {
  return new Promise((done, failed) => {
    let said = ''
    browser.stderr?.on('data', (text: Buffer) => {
      said += text.toString()
      const [, address] = /DevTools listening on (\S+)\n/.exec(said) ?? []
      if (address) done(address)
    })
    browser.once('exit', () => failed(new Error(`the browser did not start: ${said}`)))
  })
}
