// npm run deep: what is too long for npm test, at its full number. `-- --tenth` for a tenth of it,
// `-- --seed N`, `-- --files N --kills N`, `-- --reader KIND [--at N]` to look at one again. Closes
// with a table and "N passed, N failed".
import { spawnSync } from 'node:child_process'
import { parseArgs } from 'node:util'
import { stage } from '../e2e/harness'
import { mangledFiles, type OnlyFile } from '../e2e/torture/files'
import { kills } from '../e2e/torture/kills'
import { failures, table, type Trial } from '../e2e/torture/tally'
import { buildIfStale } from './build.mjs'

const { values } = parseArgs({
  options: {
    tenth: { type: 'boolean', default: false },
    seed: { type: 'string', default: '1' },
    files: { type: 'string', default: '3000' },
    kills: { type: 'string', default: '300' },
    reader: { type: 'string' },
    at: { type: 'string' },
  },
})
/** Which reader and file alone, where that is asked. */
const onlyOf = ({ reader, at }: { reader?: string; at?: string }): OnlyFile | null =>
  reader === undefined ? null : { kind: reader, at: at === undefined ? null : Number(at) }

const share = values.tenth ? 0.1 : 1
const seed = Number(values.seed)
const some = (number: string): number => Math.ceil(Number(number) * share)
const tell = (progress: string): void => console.error(progress)

const JEST = ['--no-warnings', 'node_modules/jest/bin/jest.js', '--runInBand', '--selectProjects']
/**
 * The properties of the unit tests at their full number, of which `npm test` tries a fifth, and how
 * much of the code they run; and what takes long in the browser.
 */
const SUITES: Readonly<Record<string, readonly [command: string, ...args: string[]]>> = {
  unit: ['npm', 'run', '-s', 'coverage'],
  deep: ['node', '--experimental-vm-modules', ...JEST, 'deep', '--testTimeout=600000'],
}
/** Runs a suite of tests to its end; whether all passed. */
function passes([command, ...args]: readonly [string, ...string[]]): boolean {
  const env = { ...process.env, JUNTURA_DEEP: '1' }
  return spawnSync(command, args, { env, stdio: ['ignore', 2, 2] }).status === 0
}

buildIfStale()
const isWhole = !values.tenth && values.reader === undefined
const suites = isWhole ? Object.entries(SUITES) : []
const broken = suites.filter(([, suite]) => !passes(suite)).map(([name]) => name)
const on = await stage()
// Side by side: killing waits for browsers, reading keeps one busy.
const trials: readonly Trial[] = (
  await Promise.all([
    values.reader ? [] : kills({ base: on.base, seed, kills: some(values.kills) }, tell),
    mangledFiles(on, { seed, files: some(values.files), only: onlyOf(values) }, tell),
  ])
).flat()
await on.close()

console.log(table(trials))
const failed = failures(trials)
for (const line of failed) console.log(line)
for (const name of broken) console.log(`Tests “${name}”: see above what failed.`)
const bad = failed.length + broken.length
const tried = trials.length + suites.length
console.log(`${tried - bad} passed, ${bad} failed`)
process.exit(bad === 0 ? 0 : 1)
