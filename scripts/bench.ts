// Times the core: medians of several runs. `npm run bench [-- --json]` prints {name, value, unit, against, ratio, n} a row.
import { readFileSync } from 'node:fs'
import { analyse } from '../core/analyse'
import { apply } from '../core/build/apply'
import type { Build } from '../core/build/build'
import { isProblem } from '../core/build/command'
import { readFile } from '../core/exchange/file'
import { Memo } from '../core/memo'

interface Row { readonly name: string; readonly value: number; readonly unit: 'ms'; readonly against: number | null; readonly ratio: number | null; readonly n: number }

const RUNS = 101
const WARM_UP = 60

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0

function clocked(run: () => unknown): number {
  const start = performance.now()
  run()
  return performance.now() - start
}

function demo(name: string): Build {
  const read = readFile(readFileSync(`demo/${name}.juntura.json`, 'utf8'), name)
  const build = 'file' in read ? read.file.builds[0] : undefined
  if (!build) throw new Error(`demo/${name}.juntura.json holds no build`)
  return build
}

/** A build with one figure of one item measured anew: what happens at every entry. */
function changed(build: Build, id: string, path: string, unit: string, value: number): Build {
  const done = apply(build, { do: 'setFigure', id, path, figure: { [unit]: value, basis: 'measured' }, at: '2031-03-02T09:00:00Z' })
  if (isProblem(done)) throw new Error(done.problem)
  return done.build
}

const plover = demo('plover')
/** One part at a time, in turn: every part of the build but board and case, each by a figure that verdicts depend on. */
const PARTS = [
  ['processor', 'power.sustained', 'W', 60], ['cooler', 'height', 'mm', 60], ['memory', 'height', 'mm', 31], ['stick', 'busy', 'W', 5],
  ['supply', 'cables.0.length', 'mm', 310], ['fan', 'lead', 'mm', 390], ['disk', 'busy', 'W', 2], ['sata', 'length', 'mm', 320],
] as const
/** Whole and one part in turn, so that a machine that changes its pace changes both. One part: in a worker that lives, back again untimed. */
function planTimes(): { readonly whole: number; readonly onePart: number } {
  const living = new Memo()
  analyse(plover, living)
  const taken = Array.from({ length: WARM_UP + RUNS }, (_, i) => {
    const [id, path, unit, value] = PARTS[i % PARTS.length] ?? PARTS[0]
    const next = changed(plover, id, path, unit, value + i / 100)
    const whole = clocked(() => analyse(plover, new Memo()))
    const onePart = clocked(() => analyse(next, living))
    analyse(plover, living)
    return { whole, onePart }
  }).slice(WARM_UP)
  return { whole: median(taken.map(t => t.whole)), onePart: median(taken.map(t => t.onePart)) }
}

const { whole, onePart } = planTimes()
const rows: readonly Row[] = [
  { name: 'analyse/plover/whole', value: whole, unit: 'ms', against: 100, ratio: whole / 100, n: RUNS },
  { name: 'analyse/plover/one-part', value: onePart, unit: 'ms', against: whole, ratio: onePart / whole, n: RUNS },
]
if (process.argv.includes('--json')) console.log(JSON.stringify(rows, null, 2))
else for (const r of rows) console.log(`${r.name.padEnd(28)}${r.value.toFixed(2).padStart(9)} ${r.unit}${r.ratio === null ? '' : `   ratio ${r.ratio.toFixed(3)} of ${r.against?.toFixed(2)} ms`}   n ${r.n}`)
