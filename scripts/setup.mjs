// Makes a fresh machine ready (it speaks on stderr, so that what a command prints stays its own):
// packages when they are missing or other than the lock file says, a browser when it is asked for.
import { execFileSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('..', import.meta.url))
export const BROWSER = process.env.CHROMIUM ?? '/usr/bin/chromium'
const STAMP = `${ROOT}node_modules/.juntura-lock`
const run = (command, args) => execFileSync(command, args, { cwd: ROOT, stdio: ['ignore', 2, 2] })

function fail(sentence) {
  console.error(sentence)
  process.exit(1)
}

export function packages() {
  const lock = createHash('sha256')
    .update(readFileSync(`${ROOT}package-lock.json`))
    .digest('hex')
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return
  console.error('Installing packages…')
  try {
    // By the lock file, as `npm ci` would; but `ci` refuses everything when a mirror lacks one
    // optional package of another platform.
    run('npm', ['install', '--no-save', '--no-fund', '--no-audit', '--loglevel=error'])
  } catch {
    fail('Packages could not be installed. With a network, run: npm install')
  }
  mkdirSync(`${ROOT}node_modules`, { recursive: true })
  writeFileSync(STAMP, lock)
}

export function browser() {
  if (existsSync(BROWSER)) return
  console.error('Installing Debian’s chromium…')
  try {
    run('apt-get', ['update', '-qq'])
    run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'])
  } catch {
    fail(
      'Chromium could not be installed. As root, run: apt-get install chromium (or set CHROMIUM to a browser’s path)',
    )
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  packages()
  if (process.argv.includes('--browser')) browser()
}
