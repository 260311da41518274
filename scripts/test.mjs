// npm test: sets up, then types, lint, format, format documents, unit tests, the built app in a
// browser. Last line: N passed, N failed.
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { buildIfStale } from './build.mjs'
import { browser, packages, ROOT } from './setup.mjs'

packages()
browser()

const bin = name => `${ROOT}node_modules/.bin/${name}`
const out = mkdtempSync(`${tmpdir()}/juntura-`)
let passed = 0
let failed = 0

function check(name, command, args) {
  const ok =
    spawnSync(command, args, { cwd: ROOT, stdio: ['ignore', 'inherit', 'inherit'] }).status === 0
  console.log(`${ok ? 'ok  ' : 'FAIL'} ${name}`)
  if (ok) passed += 1
  else failed += 1
}

function suite(name) {
  const report = `${out}/${name}.json`
  const run = spawnSync(
    'node',
    [
      '--experimental-vm-modules',
      '--no-warnings',
      `${ROOT}node_modules/jest/bin/jest.js`,
      '--selectProjects',
      name,
      '--json',
      `--outputFile=${report}`,
      ...(name === 'e2e' ? ['--runInBand', '--testTimeout=120000'] : ['--testTimeout=60000']),
    ],
    { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] },
  )
  try {
    const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
      readFileSync(report, 'utf8'),
    )
    passed += numPassedTests
    failed += numFailedTests + numRuntimeErrorTestSuites
  } catch {
    failed += 1
  }
  if (run.status !== 0 && failed === 0) failed += 1
}

check('types', bin('vue-tsc'), ['--noEmit', '-p', 'tsconfig.json'])
check('lint', bin('eslint'), ['.', '--max-warnings', '0'])
check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.'])
check('format documents', bin('tsx'), ['scripts/schema.ts', '--check'])
suite('unit')
try {
  buildIfStale()
  suite('e2e')
} catch (error) {
  console.error(error instanceof Error ? error.message : error)
  failed += 1
}
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
