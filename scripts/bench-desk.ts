// Times the desk: what one figure posts to the page, and whether a command costs more once a build
// has a long log.
import 'fake-indexeddb/auto'
import { analyse } from '../core/analysis/analyse'
import { apply } from '../core/document/apply'
import type { Build } from '../core/document/build'
import { isProblem } from '../core/document/command'
import { Memory } from '../core/pipeline/memory'
import type { Act } from '../app/desk/acts'
import { JunturaDb } from '../app/desk/db'
import { Desk } from '../app/desk/desk'
import { patchOf } from '../app/desk/patch'
import { clocked, median, type Row } from './bench-rows'

/**
 * Named choices: kB that one figure may post, how many commands make a long log, how many are
 * timed, how much dearer they may be.
 */
const POSTED_LIMIT = 30
const LONG_LOG = 2000
const TIMED = 60
const DEARER = 1.3

const AT = '2031-03-02T09:00:00Z'

/**
 * How many kB cross to the page after one figure: each of the cooler's, of the case's, of the
 * supply's in turn.
 */
export function postedRow(build: Build): Row {
  const memo = new Memory()
  const state = (of: Build) => ({ build: of, analysis: analyse(of, memo) })
  const before = state(build)
  const sizes = before.analysis.horizons.then.parts.rows
    .filter(row => ['cooler', 'case', 'supply'].includes(row.kind))
    .flatMap(row =>
      row.figures.map(({ path, unit, likely: [least, most] }) => {
        const figure = { [unit]: (least + most) / 2, basis: 'measured' as const }
        const done = apply(build, { do: 'setFigure', id: row.id, path, figure }, AT)
        if (isProblem(done)) throw new Error(done.problem)
        return JSON.stringify(patchOf(before, state(done.build))).length / 1000
      }),
    )
  const value = median(sizes)
  return {
    name: 'desk/one-figure/posted',
    value,
    unit: 'kB',
    against: POSTED_LIMIT,
    ratio: value / POSTED_LIMIT,
    n: sizes.length,
  }
}

/**
 * How much dearer a command is once the log holds two thousand: the median of the last against that
 * of the first.
 */
export async function longLogRow(): Promise<Row> {
  const desk = new Desk({
    db: new JunturaDb('bench'),
    now: () => AT,
    newId: () => 'b',
    demos: [],
    shelf: [],
  })
  const send = async (act: Act): Promise<void> => {
    const answer = await desk.send(act)
    if (isProblem(answer)) throw new Error(answer.problem)
  }
  await send({ act: 'create', name: 'Bench' })
  const times: number[] = []
  for (let i = 0; i < LONG_LOG + TIMED; i++) {
    const note = `note ${i % 10}`
    times.push(await clocked(() => send({ act: 'run', build: 'b', command: { do: 'note', note } })))
  }
  const [first, last] = [median(times.slice(TIMED, 2 * TIMED)), median(times.slice(-TIMED))]
  return {
    name: 'desk/command/after-2000',
    value: last,
    unit: 'ms',
    against: first * DEARER,
    ratio: last / first,
    n: TIMED,
  }
}
