// Times the core: medians of several runs. `npm run bench [-- --json]` prints {name, value, unit,
// against, ratio, n} a row; `-- --against COMMIT` times another commit in turn with this one.
import { parseArgs } from 'node:util'
import { analyse } from '../core/analysis/analyse'
import { apply } from '../core/document/apply'
import type { Build } from '../core/document/build'
import { isProblem } from '../core/document/command'
import { tableOf } from '../core/exchange/table/columns'
import { partOfRow } from '../core/exchange/table/row'
import { partsTableCsv } from '../core/exchange/table/write'
import { Memory } from '../core/pipeline/memory'
import type { Part } from '../core/parts'
import { EVERYTHING, find, indexOf } from '../core/shelf/find'
import { compareWith } from './bench-against'
import { longLogRow, postedRow } from './bench-desk'
import { gapRow, oracleRow, orderRow } from './bench-order'
import { fitGrowth, fitRows } from './bench-fit'
import { frameRows } from './bench-frames'
import { readerGrowth, readerKept } from './bench-reader'
import { routesGrowth, routesRow } from './bench-routes'
import { clocked, median, type Row } from './bench-rows'
import { contentOf, shippedParts } from './documents'

const RUNS = 101
const WARM_UP = 60

function demo(name: string): Build {
  const [first] = contentOf(`demo/${name}.juntura.json`).builds
  if (!first) throw new Error(`demo/${name}.juntura.json holds no build`)
  return first.build
}

/** A build with one figure of one item measured anew: what happens at every entry. */
function changed(
  build: Build,
  id: string,
  path: string,
  { unit, value }: { readonly unit: string; readonly value: number },
): Build {
  const figure = { [unit]: value, basis: 'measured' as const }
  const done = apply(build, { do: 'setFigure', id, path, figure }, '2031-03-02T09:00:00Z')
  if (isProblem(done)) throw new Error(done.problem)
  return done.build
}

/** Every part but board and case, by every figure it has: a change that one entry makes. */
interface Change {
  readonly part: string
  readonly figure: string
  readonly build: Build
}
function changesOf(build: Build, round: number): readonly Change[] {
  return analyse(build)
    .horizons.then.parts.rows.filter(r => r.kind !== 'board' && r.kind !== 'case')
    .flatMap(row =>
      row.figures.map(({ path, unit, value, likely: [least, most] }) => ({
        part: row.id,
        figure: `${row.id} ${path}`,
        build: changed(build, row.id, path, {
          unit,
          value: (value ?? (least + most) / 2) * (1 - (round + 1) * NUDGE),
        }),
      })),
    )
}
/**
 * How much a figure is nudged further each round, as a share of it; and of how many parts changed a
 * whole analysis is timed.
 */
const NUDGE = 1 / 300
const WHOLE_EVERY = 6

interface Times {
  readonly whole: Timed
  readonly onePart: Timed
  readonly slowest: Timed
  readonly slowestFigure: Timed
}
/** A median, what it is of, and of how many. */
interface Timed {
  readonly name: string
  readonly time: number
  readonly n: number
}

/**
 * Whole and one part in turn, so that a machine that changes its pace changes both. One part: in a
 * worker that lives, back again untimed.
 */
function planTimes(build: Build, rounds: number): Times {
  const living = new Memory()
  analyse(build, living)
  const whole: number[] = []
  const taken: { readonly change: Change; readonly time: number }[] = []
  for (let round = -1; round < rounds; round++) {
    changesOf(build, round + 1).forEach((change, i) => {
      const [again, time] = [
        i % WHOLE_EVERY === 0 ? clocked(() => analyse(build, new Memory())) : null,
        clocked(() => analyse(change.build, living)),
      ]
      analyse(build, living)
      if (round < 0) return
      taken.push({ change, time })
      if (again !== null) whole.push(again)
    })
  }
  const by = (name: (c: Change) => string): readonly Timed[] =>
    [...new Set(taken.map(t => name(t.change)))].map(n => {
      const own = taken.filter(t => name(t.change) === n)
      return { name: n, time: median(own.map(t => t.time)), n: own.length }
    })
  const slowest = (list: readonly Timed[]): Timed =>
    list.reduce((a, b) => (b.time > a.time ? b : a))
  const parts = by(c => c.part)
  return {
    whole: { name: 'whole', time: median(whole), n: whole.length },
    onePart: { name: 'one-part', time: median(parts.map(p => p.time)), n: taken.length },
    slowest: slowest(parts),
    slowestFigure: slowest(by(c => c.figure)),
  }
}

const row = (name: string, value: number, against: number, n: number): Row => ({
  name,
  value,
  unit: 'ms',
  against,
  ratio: value / against,
  n,
})
function planRows(name: string, limit: number, rounds: number): readonly Row[] {
  const { whole, onePart, slowest, slowestFigure } = planTimes(demo(name), rounds)
  return [
    row(`analyse/${name}/whole`, whole.time, limit, whole.n),
    row(`analyse/${name}/one-part`, onePart.time, whole.time, onePart.n),
    row(`analyse/${name}/slowest-part (${slowest.name})`, slowest.time, whole.time, slowest.n),
    row(
      `analyse/${name}/slowest-figure (${slowestFigure.name})`,
      slowestFigure.time,
      whole.time,
      slowestFigure.n,
    ),
  ]
}

/** A shelf of this many parts: those that ship, over and over, each with its own name. */
const MANY = 5000
function manyParts(): readonly Part[] {
  const shipped = shippedParts()
  return Array.from({ length: MANY }, (_, i) => {
    const part = shipped[i % shipped.length]
    if (!part) throw new Error('the shelf is empty')
    return { ...part, id: `${part.id}-${i}`, model: `${part.model} ${i}` }
  })
}
/** Reading that many parts from a table, and one keystroke over them. */
function shelfRows(): readonly Row[] {
  const parts = manyParts()
  const csv = partsTableCsv(parts)
  const importing = (): void => {
    const table = tableOf(csv)
    const mapping = table.columns.map(column => ({ column, path: column }))
    table.rows.forEach((line, i) => {
      if ('problems' in partOfRow({ cells: line, line: i + 2, mapping }, null))
        throw new Error(`line ${i + 2} was not read`)
    })
  }
  const index = indexOf(parts)
  let at = 0
  const texts = ['s', 'sa', 'sat', 'sata', 'sata 5', 'tern', 'atx gold', 'fan 120 kelder']
  const keystroke = (): void => {
    find(index, { ...EVERYTHING, text: texts[(at += 1) % texts.length] ?? '' })
  }
  const times = (n: number, run: () => void): number =>
    median(Array.from({ length: n }, () => clocked(run)))
  importing()
  times(WARM_UP, keystroke)
  return [
    row('shelf/import-5000', times(IMPORT_RUNS, importing), IMPORT_LIMIT, IMPORT_RUNS),
    row('shelf/search-5000', times(RUNS, keystroke), KEYSTROKE_LIMIT, RUNS),
  ]
}
/** Named choices: how long an import and a keystroke may take, ms; a keystroke has one frame. */
const IMPORT_LIMIT = 10_000
const KEYSTROKE_LIMIT = 16
const IMPORT_RUNS = 3

async function timings(): Promise<readonly Row[]> {
  return [
    ...planRows('plover', 60, 21),
    ...planRows('avocet', 200, 5),
    orderRow('avocet', demo('avocet')),
    oracleRow(),
    ...['plover', 'avocet', 'teal', 'curlew'].map(name => gapRow(name, demo(name))),
    ...fitRows(
      'avocet',
      demo('avocet'),
      changed(demo('avocet'), 'fan-1', 'thickness', { unit: 'mm', value: 24 }),
    ),
    fitGrowth(),
    routesRow('avocet', demo('avocet')),
    routesGrowth(),
    ...shelfRows(),
    readerGrowth(),
    ...readerKept(),
    postedRow(demo('avocet')),
    await longLogRow(),
    ...(await frameRows()),
  ]
}

function print(rows: readonly Row[]): void {
  for (const r of rows) {
    const held =
      r.ratio === null ? '' : `   ratio ${r.ratio.toFixed(3)} of ${r.against?.toFixed(2)} ${r.unit}`
    console.log(`${r.name.padEnd(62)}${r.value.toFixed(2).padStart(9)} ${r.unit}${held}   n ${r.n}`)
  }
}

const { values } = parseArgs({
  options: { json: { type: 'boolean', default: false }, against: { type: 'string' } },
})
if (values.against !== undefined) compareWith(values.against)
else if (values.json) console.log(JSON.stringify(await timings(), null, 2))
else print(await timings())
