// Times the core: medians of several runs. `npm run bench [-- --json]` prints {name, value, unit, against, ratio, n} a row.
import { readFileSync } from 'node:fs'
import { analyse, situationIn } from '../core/analyse'
import { apply } from '../core/build/apply'
import type { Build } from '../core/build/build'
import { isProblem } from '../core/build/command'
import { readFile } from '../core/exchange/file'
import { Memo } from '../core/memo'
import { plan } from '../core/order/section'

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

/** One part at a time, in turn: parts of the build but board and case, each by a figure that verdicts depend on. */
type Part = readonly [item: string, path: string, unit: string, value: number]
const PLOVER: readonly Part[] = [
  ['processor', 'power.sustained', 'W', 60], ['cooler', 'height', 'mm', 60], ['memory', 'height', 'mm', 31], ['stick', 'busy', 'W', 5],
  ['supply', 'cables.0.length', 'mm', 310], ['fan', 'lead', 'mm', 390], ['disk', 'busy', 'W', 2], ['sata', 'length', 'mm', 320],
]
const AVOCET: readonly Part[] = [
  ['processor', 'power.sustained', 'W', 140], ['cooler', 'height', 'mm', 160], ['memory', 'height', 'mm', 42], ['card', 'watts', 'W', 300], ['capture', 'length', 'mm', 160],
  ['system-stick', 'busy', 'W', 7], ['disk-2', 'busy', 'W', 7], ['optical', 'busy', 'W', 17], ['reader', 'usb', 'mm', 820], ['supply', 'cables.0.length', 'mm', 610], ['supply', 'watts', 'W', 860],
  ['fan-3', 'lead', 'mm', 640], ['fan-hub', 'inlets.1.lead', 'mm', 460], ['light-hub', 'inlets.1.lead', 'mm', 690], ['strip-1', 'lead', 'mm', 690], ['card-adapter', 'outlets.0.lead', 'mm', 160], ['sata-1', 'length', 'mm', 510], ['sata-optical', 'length', 'mm', 320],
]

/** Whole and one part in turn, so that a machine that changes its pace changes both. One part: in a worker that lives, back again untimed. */
function planTimes(build: Build, parts: readonly Part[], runs: number, warmUp: number): { readonly whole: number; readonly onePart: number; readonly slowest: { readonly part: string; readonly ratio: number } } {
  const living = new Memo()
  analyse(build, living)
  const taken = Array.from({ length: warmUp + runs }, (_, i) => {
    const [id, path, unit, value] = parts[i % parts.length] ?? ['', '', '', 0]
    const next = changed(build, id, path, unit, value + i / 100)
    const whole = clocked(() => analyse(build, new Memo()))
    const onePart = clocked(() => analyse(next, living))
    analyse(build, living)
    return { part: `${id} ${path}`, whole, onePart }
  }).slice(warmUp)
  const whole = median(taken.map(t => t.whole))
  const each = parts.map(([id, path]) => ({ part: `${id} ${path}`, ratio: median(taken.filter(t => t.part === `${id} ${path}`).map(t => t.onePart)) / whole }))
  return { whole, onePart: median(taken.map(t => t.onePart)), slowest: each.reduce((a, b) => (b.ratio > a.ratio ? b : a)) }
}

/** Ordering alone: steps from the joints, their reasons, the sequence, the words. */
function orderTime(build: Build): number {
  const situation = situationIn(build, 'then', new Memo())
  const wishes = { school: build.choices.orderSchool, pins: build.choices.orderPins, progress: build.progress }
  return median(Array.from({ length: WARM_UP + RUNS }, () => clocked(() => plan(situation, wishes))).slice(WARM_UP))
}

const plover = planTimes(demo('plover'), PLOVER, RUNS, WARM_UP)
const avocet = planTimes(demo('avocet'), AVOCET, AVOCET.length * 9, AVOCET.length * 2)
const row = (name: string, value: number, against: number, n: number): Row => ({ name, value, unit: 'ms', against, ratio: value / against, n })
const rows: readonly Row[] = [
  row('analyse/plover/whole', plover.whole, 100, RUNS),
  row('analyse/plover/one-part', plover.onePart, plover.whole, RUNS),
  row('analyse/avocet/whole', avocet.whole, 200, AVOCET.length * 9),
  row('analyse/avocet/one-part', avocet.onePart, avocet.whole, AVOCET.length * 9),
  { name: `analyse/avocet/slowest-part (${avocet.slowest.part})`, value: avocet.slowest.ratio * avocet.whole, unit: 'ms', against: avocet.whole, ratio: avocet.slowest.ratio, n: 9 },
  row('order/avocet', orderTime(demo('avocet')), 150, RUNS),
]
if (process.argv.includes('--json')) console.log(JSON.stringify(rows, null, 2))
else for (const r of rows) console.log(`${r.name.padEnd(62)}${r.value.toFixed(2).padStart(9)} ${r.unit}${r.ratio === null ? '' : `   ratio ${r.ratio.toFixed(3)} of ${r.against?.toFixed(2)} ms`}   n ${r.n}`)
