// For tests: what a class of planted faults is, and the parts that several classes share.
import type { Verdict } from '../../figures/verdict'
import { altered, exact, type Draw, type Fields, type Machine } from '../planted-machine'

/** A machine with a fault in it, and what has to be said of it. */
export interface Planted {
  readonly machine: Machine
  readonly rule: string
  readonly verdict: Verdict
  /** The items that the finding names. */
  readonly names: readonly string[]
  /** What a hand has joined so. */
  readonly pins?: Readonly<Record<string, string>>
  /** What is marked, declared or doubted of a copy, by item. */
  readonly copies?: Readonly<Record<string, Fields>>
  /** What is declared of the whole machine. */
  readonly choices?: Fields
  /** What else may stop or harm because of it, by rule. */
  readonly also?: readonly string[]
}
export interface Plant {
  readonly name: string
  readonly plant: (draw: Draw) => Planted
}

/** Half of the amounts lie within the tolerance: then the sheet does not decide it. */
export const short = (
  draw: Draw,
  tol: number,
): { readonly by: number; readonly verdict: Verdict } =>
  draw.isWithin
    ? { by: draw.between(-0.9 * tol, 0.9 * tol), verdict: 'tight' }
    : { by: draw.between(1.05 * tol, 4 * tol), verdict: 'stop' }

export const SMALL_CARD: Fields = {
  ...{ kind: 'card', id: 'small', model: 'Small card', does: 'capture', size: 'x1', slots: 1 },
  ...{ watts: exact('W', 8), height: exact('mm', 90), power: [] },
}

const isFor = (what: RegExp, header: Fields): boolean => what.test(String(header['face']))

/** The board with these headers for fans and lights, beside the processor's, and no others of theirs. */
export function withHeaders({ tower }: Draw, ...headers: readonly Fields[]): Machine {
  const own = (tower['board']?.['headers'] as readonly Fields[]).filter(
    h => !isFor(/^(fan|light)/, h),
  )
  const ofProcessor = {
    key: 'cpu-fan',
    face: 'fan-4',
    label: 'CPU_FAN',
    role: 'processor',
    amps: 2,
  }
  return altered(tower, { board: { headers: [...own, ofProcessor, ...headers] } })
}

export const strip = (amps: number, face = 'light-5', lights = 10): Fields => ({
  ...{ kind: 'light', id: `strip-${amps}`, model: `Strip ${amps}`, face, lights },
  amps: exact('A', amps),
})
