// For tests: sound machines as plain records of parts, to plant a fault in, and chance from a seed.
import { buildSchema, type Build } from '../document/build'
import { part } from './demos'
import { chance } from './random-builds'

/** A part as a file holds it; nothing here knows what it means. */
export type Fields = Readonly<Record<string, unknown>>
/** Parts by the id of their item. */
export type Machine = Readonly<Record<string, Fields>>

const of = (id: string): Fields => ({ ...part(id) })

/** A tower whose case states few places; a small box whose case states all of them. */
export const SOUND = {
  tower: {
    case: of('fenwright-tall-40'),
    board: of('saltpan-lagoon-6'),
    processor: of('quillmark-t2-65'),
    cooler: of('ottery-lowbank-65'),
    memory: of('merewick-d5-2x8'),
    supply: of('dunlin-a550'),
  },
  box: {
    case: of('fenwright-reedbox-12'),
    board: of('saltpan-inlet-3'),
    processor: of('quillmark-t2-65'),
    cooler: of('ottery-lowbank-47'),
    memory: of('merewick-d5-2x8'),
    supply: of('dunlin-s300'),
  },
} as const satisfies Readonly<Record<string, Machine>>

export const buildOf = (machine: Machine, pins: Readonly<Record<string, string>> = {}): Build =>
  buildSchema.parse({
    ...{ id: 'planted', name: 'Planted', choices: { pins } },
    items: Object.entries(machine).map(([id, own]) => ({ id, part: own, state: 'have' })),
  })

/** A build of these parts, each item called by its kind and its place: `fan-2`. */
export const buildFrom = (...parts: readonly object[]): Build =>
  buildOf(
    Object.fromEntries(
      parts.map((own, i) => [`${String((own as Fields)['kind'])}-${i}`, { ...own }]),
    ),
  )

/** A machine with some of its parts otherwise, or with more parts. */
export const altered = (machine: Machine, changes: Machine): Machine =>
  Object.fromEntries(
    [...new Set([...Object.keys(machine), ...Object.keys(changes)])].map(id => [
      id,
      { ...machine[id], ...changes[id] },
    ]),
  )

/** What a fault is drawn from. */
export interface Draw {
  readonly between: (least: number, most: number) => number
  readonly whole: (least: number, most: number) => number
  /** Whether what is missing lies within the tolerance, half of the time. */
  readonly isWithin: boolean
}
export function drawFrom(seed: number): Draw {
  const next = chance(seed)
  return {
    between: (least, most) => Math.round((least + next() * (most - least)) * 1000) / 1000,
    whole: (least, most) => least + Math.floor(next() * (most - least + 1)),
    isWithin: seed % 2 === 1,
  }
}

/** A figure that somebody measured, without an error: its tolerance is nothing. */
export const exact = (unit: string, value: number): Fields => ({
  [unit]: value,
  basis: 'measured',
  tol: 0,
})
/** A figure as a sheet states it, with its own tolerance. */
export const stated = (unit: string, value: number, tol: number): Fields => ({
  [unit]: value,
  basis: 'spec',
  tol,
})
