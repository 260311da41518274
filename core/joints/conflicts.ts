// What a choice of joints breaks once it is known where everything sits: lines that end short.
import type { Vec3 } from '../geometry/space'
import type { Layout } from '../parts/archetype'
import type { Sum } from '../quantity'
import { reach } from '../routes/reach'
import { judge } from '../verdict'
import { keyOfRef, type EndOf } from './joint'
import { linesOf, type Pair } from './lines'
import { pairId } from './match'
import type { Frames } from './places'

/**
 * Sets of pairs of which one at least has to go: lines that are definitely too short where everything sits.
 * What holds for one lead holds for every lead that is no longer: all of them are told at once.
 */
export function conflicts(ends: ReadonlyMap<string, EndOf>, plugs: readonly Pair[], frames: Frames, layout: Layout, given: (pair: Pair) => boolean): readonly (readonly string[])[] {
  const all = [...ends.values()]
  const tooShort = (from: Vec3, to: Vec3, length: Sum): boolean => {
    const way = reach(layout, from, to, 'line', 'line')
    return !way || judge(way.need, length).verdict === 'stop'
  }

  const lines = linesOf({ ends, pairs: plugs, frames }).filter(l => !l.pairs.some(given) && tooShort(l.from, l.to, l.length)).flatMap(line => {
    const [far] = line.pairs
    if (line.first.end.among?.how !== 'both' || !far) return [line.pairs.map(pairId)]
    const kin = all.filter(e => e.end.among?.how === 'both' && e.end.face === line.first.end.face && e.end.key === line.first.end.key && e.end.lead && tooShort(line.from, line.to, e.end.lead.length))
    return kin.map(e => [`${e.item}/${keyOfRef(far.plug)}~${far.socket}`, `${e.ref}~${line.goal.ref}`])
  })

  return lines.map(clause => [...new Set(clause)])
}
