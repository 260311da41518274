// In which order fan places are filled: by the air they are for, not as the case lists them.
import { compareBy } from '../collections/compare'
import type { Vec3 } from '../geometry/space'
import { wallOf, type AirWay, type Wall } from './air'

/** A fan place as a case states it; what it does not state is not known. */
export interface FanPlace {
  readonly key: string
  readonly air?: AirWay | undefined
  readonly at?: Vec3 | undefined
  /** Where the frame's own axes point; the last is the way inwards from its wall. */
  readonly axes: string
}

/** Warm air leaves at the rear before it leaves at the top, and enters at the front first. */
const OUT_AT: readonly Wall[] = ['rear', 'top']
const IN_AT: readonly Wall[] = ['front', 'floor']
const LAST = 9

function turn(walls: readonly Wall[], place: FanPlace): number {
  const found = walls.indexOf(wallOf(place.axes))
  return found < 0 ? LAST : found
}

/** Air comes in low: the lowest place first. */
const inOrder = compareBy<FanPlace>(
  p => turn(IN_AT, p),
  p => p.at?.[1] ?? Infinity,
)
/** It goes out high and at the rear: of the places on top the one nearest to the rear first. */
const outOrder = compareBy<FanPlace>(
  p => turn(OUT_AT, p),
  p => p.at?.[0] ?? Infinity,
)

/**
 * The turn of each fan place by its key, counted from 0: one out at the rear, then two in for each
 * one out, so that more comes in than goes out (practice); places of which nobody knows the air come
 * last.
 */
export function airOrder(places: readonly FanPlace[]): ReadonlyMap<string, number> {
  const of = (air: AirWay) => places.filter(p => p.air === air)
  const ins = of('in').sort(inOrder)
  const outs = of('out').sort(outOrder)
  const turns: FanPlace[] = []
  while (ins.length + outs.length > 0)
    turns.push(...outs.splice(0, 1), ...ins.splice(0, IN_FOR_EACH_OUT))
  const unknown = places.filter(p => p.air === undefined)
  return new Map([...turns, ...unknown].map((p, i) => [p.key, i]))
}

/** Named choice. */
const IN_FOR_EACH_OUT = 2
