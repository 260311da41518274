// npm test: sets up, then two lanes side by side: the built app in a browser; types, lint,
// structure, format, format documents, unit tests, and the rest of the browser's. Last line: N
// passed, N failed.
import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { buildIfStale } from './build.mjs'
import { browser, packages, ROOT } from './setup.mjs'

packages()
browser()

const bin = name => `${ROOT}node_modules/.bin/${name}`
const out = mkdtempSync(`${tmpdir()}/juntura-`)
const began = Date.now()
let passed = 0
let failed = 0

function tell(ok, name, from) {
  const seconds = Math.round((Date.now() - from) / 1000)
  console.log(`${ok ? 'ok  ' : 'FAIL'} ${name} (${seconds} s)`)
}

/** Named choice: a suite that goes on for so long hangs, ms. */
const AT_MOST = 40 * 60_000

/** Runs a command; what it prints on its way is shown. Its exit code, or null where it was ended. */
function run(command, args, shown) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      timeout: AT_MOST,
      stdio: ['ignore', shown ? 'inherit' : 'ignore', 'inherit'],
    })
    child.on('error', fail)
    child.on('close', done)
  })
}

async function check(name, command, args) {
  const from = Date.now()
  const ok = (await run(command, args, true)) === 0
  tell(ok, name, from)
  if (ok) passed += 1
  else failed += 1
}

async function suite(project, node, flags, name = project) {
  const from = Date.now()
  const report = `${out}/${name}.json`
  const jest = ['--no-warnings', `${ROOT}node_modules/jest/bin/jest.js`, '--runInBand']
  const asked = ['--selectProjects', project, '--json', `--outputFile=${report}`]
  const code = await run('node', [...node, ...jest, ...asked, ...flags], false)
  const broken = countIn(report)
  const bad = broken === 0 && code !== 0 ? 1 : broken
  failed += bad
  tell(bad === 0, `${name} tests`, from)
}

/** Counts what a suite passed; what failed there is the answer. */
function countIn(report) {
  try {
    const told = JSON.parse(readFileSync(report, 'utf8'))
    passed += told.numPassedTests
    return told.numFailedTests + told.numRuntimeErrorTestSuites
  } catch {
    return 1
  }
}

/** Named choice: what of the browser's tests comes last in the other lane, so that both end together. */
const LAST = 'e2e/(told|serve)\\.test'
const browserTests = (name, ...flags) =>
  suite('e2e', ['--experimental-vm-modules'], ['--testTimeout=120000', ...flags], name)

async function withoutBrowser() {
  const structure = ['-c', '.dependency-cruiser.mjs', 'core', 'app', 'server', 'scripts', 'e2e']
  await check('types', bin('vue-tsc'), ['--noEmit', '-p', 'tsconfig.json'])
  await check('lint', bin('eslint'), ['-c', 'eslint.whole.config.js', '.', '--max-warnings', '0'])
  await check('structure', bin('depcruise'), structure)
  await check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.'])
  await check('format documents', bin('tsx'), ['scripts/schema.ts', '--check'])
  await suite('unit', ['--import', 'tsx'], [])
  if (isBuilt) await browserTests('e2e-last', '--testPathPatterns', LAST)
}

async function inBrowser() {
  try {
    buildIfStale()
    isBuilt = true
  } catch (error) {
    console.error(error instanceof Error ? error.message : error)
    failed += 1
    return
  }
  await browserTests('e2e', '--testPathIgnorePatterns', LAST)
}

let isBuilt = false
await Promise.all([withoutBrowser(), inBrowser()])
const minutes = ((Date.now() - began) / 60000).toFixed(1)
console.log(`${minutes} minutes`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
