// Builds the app when its sources are newer than what was built.
import { execFileSync } from 'node:child_process'
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import { ROOT } from './setup.mjs'

const SOURCES = [
  'app',
  'core',
  'shelf',
  'demo',
  'public',
  'index.html',
  'vite.config.ts',
  'package-lock.json',
]

function newest(path) {
  const stat = statSync(path)
  if (!stat.isDirectory()) return stat.mtimeMs
  return Math.max(stat.mtimeMs, ...readdirSync(path).map(name => newest(`${path}/${name}`)))
}

/** True when something was built. */
export function buildIfStale() {
  const built = `${ROOT}dist/index.html`
  if (
    existsSync(built) &&
    statSync(built).mtimeMs > Math.max(...SOURCES.map(s => newest(ROOT + s)))
  )
    return false
  console.log('Building…')
  execFileSync('node', [`${ROOT}node_modules/vite/bin/vite.js`, 'build', '--logLevel', 'warn'], {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
  })
  compress(`${ROOT}dist`)
  return true
}

const WORTH = /\.(?:js|mjs|css|html|svg|json|webmanifest)$/

/**
 * Writes what travels well compressed beside each file, once, so that the server need not do it at
 * every visit.
 */
function compress(folder) {
  for (const name of readdirSync(folder, { recursive: true })) {
    const path = `${folder}/${name}`
    if (!WORTH.test(path) || !statSync(path).isFile()) continue
    const bytes = readFileSync(path)
    writeFileSync(`${path}.br`, brotliCompressSync(bytes))
    writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }))
  }
}
