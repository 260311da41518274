// What every test of the real interface needs: the built app served on a free port, and a browser with a fresh profile.
import type { AddressInfo } from 'node:net'
import { fileURLToPath } from 'node:url'
import { chromium, type Browser, type BrowserContext, type Page } from 'playwright-core'
import { serve } from '../server/serve'

const FLAGS = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync']
const DIST = fileURLToPath(new URL('../dist', import.meta.url))

export interface Stage { readonly base: string; readonly browser: Browser; profile(options?: Parameters<Browser['newContext']>[0]): Promise<BrowserContext>; close(): Promise<void> }

export async function stage(): Promise<Stage> {
  const server = await serve(DIST, 0)
  const base = `http://127.0.0.1:${(server.server.address() as AddressInfo).port}`
  const browser = await chromium.launch({ executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium', args: FLAGS })
  return {
    base, browser,
    profile: (options = {}) => browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: base, acceptDownloads: true, ...options }),
    close: async () => { await browser.close(); await server.close() },
  }
}

/** Collects what the page complains about; a test ends with none. */
export function complaints(page: Page): string[] {
  const found: string[] = []
  page.on('pageerror', error => found.push(String(error)))
  page.on('console', message => { if (message.type() === 'error') found.push(message.text()) })
  return found
}
