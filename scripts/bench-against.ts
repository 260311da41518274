// `npm run bench -- --against COMMIT`: this tree and another commit's, timed in turn on the same
// machine, so that what else it does hits both alike.
import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, symlinkSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Row } from './bench-rows'

/** Named choice: how often each is timed; the best of them counts. */
const ROUNDS = 3

const HERE = process.cwd()
/** A row's name without what it tells in brackets, which may say times. */
const nameOf = (row: Row): string => row.name.replace(/ \(.*$/, '')

function timed(folder: string): readonly Row[] {
  const tsx = join(HERE, 'node_modules/.bin/tsx')
  const told = execFileSync(tsx, ['scripts/bench.ts', '--json'], { cwd: folder, encoding: 'utf8' })
  return JSON.parse(told) as readonly Row[]
}

/** The least of each value that was measured. */
const best = (rounds: readonly (readonly Row[])[]): ReadonlyMap<string, number> => {
  const least = new Map<string, number>()
  for (const row of rounds.flat())
    least.set(nameOf(row), Math.min(least.get(nameOf(row)) ?? Infinity, row.value))
  return least
}

export function compareWith(commit: string): void {
  const folder = mkdtempSync(join(tmpdir(), 'juntura-bench-'))
  const git = (...args: readonly string[]): void => {
    execFileSync('git', args, { cwd: HERE, stdio: ['ignore', 'ignore', 2] })
  }
  git('worktree', 'add', '--force', '--detach', folder, commit)
  try {
    symlinkSync(join(HERE, 'node_modules'), join(folder, 'node_modules'))
    const rounds = Array.from({ length: ROUNDS }, () => [timed(folder), timed(HERE)] as const)
    print(best(rounds.map(([then]) => then)), best(rounds.map(([, now]) => now)), commit)
  } finally {
    git('worktree', 'remove', '--force', folder)
    rmSync(folder, { recursive: true, force: true })
  }
}

function print(
  before: ReadonlyMap<string, number>,
  now: ReadonlyMap<string, number>,
  commit: string,
): void {
  console.log(
    `${''.padEnd(36)}${commit.slice(0, 10).padStart(12)}${'now'.padStart(12)}   now : then`,
  )
  for (const [name, value] of now) {
    const was = before.get(name)
    const ratio = was === undefined ? 'new' : (value / was).toFixed(2)
    const told = was === undefined ? '' : was.toFixed(3)
    console.log(`${name.padEnd(36)}${told.padStart(12)}${value.toFixed(3).padStart(12)}   ${ratio}`)
  }
}
