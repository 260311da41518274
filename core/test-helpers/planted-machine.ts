// For tests: sound machines as plain records of parts, to plant a fault in, and chance from a seed.
import { at } from '../collections/at'
import { buildSchema, type Build } from '../document/build'
import { part } from './demos'
import { chance } from './random-builds'

/** A part as a file holds it; nothing here knows what it means. */
export type Fields = Readonly<Record<string, unknown>>
/** Parts by the id of their item. */
export type Machine = Readonly<Record<string, Fields>>

/** A part of the shelf as a file holds it. */
export const fieldsOf = (id: string): Fields => ({ ...part(id) })

const machine = (parts: string): Machine =>
  Object.fromEntries(parts.split(' ').map(id => [String(fieldsOf(id)['kind']), fieldsOf(id)]))

/** A sound machine of one processor, one board and air cooling, in any case for such boards. */
export const machineIn = (pc: Fields): Machine => ({
  case: pc,
  board: fieldsOf('saltpan-lagoon-9'),
  processor: fieldsOf('quillmark-t2-65'),
  cooler: fieldsOf('ottery-lowbank-65'),
  memory: fieldsOf('merewick-d5-2x8'),
  supply: fieldsOf('dunlin-a550'),
})

/** Sound machines of the shelf, to plant a fault in. */
export const SOUND = {
  /** Towers of all sorts for a board with every header, and a supply with a plug for each. */
  towers: [
    'fenwright-tall-40 saltpan-lagoon-6 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 dunlin-a550',
    'fenwright-tall-40 saltpan-estuary-7 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 dunlin-a550',
    'brackwater-harbour-4 saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 dunlin-a550',
    'fenwright-haystack-8 saltpan-lagoon-6 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 dunlin-a550',
    'brackwater-twinlock-8 saltpan-lagoon-9 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x8 dunlin-a550',
    'fenwright-tall-40 saltpan-lagoon-6 quillmark-t2-65 ottery-lowbank-65 merewick-d5-2x16 teazle-t650',
  ].map(machine),
  /** Small boxes, of which every place is stated. */
  boxes: [
    'fenwright-reedbox-12 saltpan-inlet-3 quillmark-t2-65 ottery-lowbank-47 merewick-d5-2x8 dunlin-s300',
    'fenwright-reedbox-12 saltpan-inlet-2 quillmark-t2-65 ottery-lowbank-47 merewick-d5-2x8 dunlin-s300',
  ].map(machine),
} as const
/** The plainest tower, where a test needs no other. */
export const TOWER: Machine = at(SOUND.towers, 0)

export const buildOf = (
  machine: Machine,
  pins: Readonly<Record<string, string>> = {},
  { copies = {}, choices = {} }: Declared = {},
): Build =>
  buildSchema.parse({
    ...{ id: 'planted', name: 'Planted', choices: { pins, ...choices } },
    items: Object.entries(machine).map(([id, own]) => ({
      ...{ id, part: own, state: 'have' },
      ...copies[id],
    })),
  })
/** What is said of copies, by item, and of the whole machine. */
interface Declared {
  readonly copies?: Machine
  readonly choices?: Fields
}

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
  /** The sound machines that it is planted in. */
  readonly tower: Machine
  readonly box: Machine
  readonly between: (least: number, most: number) => number
  readonly whole: (least: number, most: number) => number
  /** Whether what is missing lies within the tolerance, half of the time. */
  readonly isWithin: boolean
}
export function drawFrom(seed: number, turn = 0): Draw {
  const next = chance(seed)
  const one = (machines: readonly Machine[]): Machine =>
    at(machines, (seed + turn) % machines.length)
  return {
    ...{ tower: one(SOUND.towers), box: one(SOUND.boxes) },
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
