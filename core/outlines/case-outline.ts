// What is asked of a case that is known by its archetype, its largest board and ten numbers.
import type { Archetype } from '../case/layout'
import type { BoardForm } from '../standards/boards'

/**
 * Forms that share their mounting holes, the largest first: a case for one takes those behind it.
 */
const LADDER: readonly BoardForm[] = ['E-ATX', 'ATX', 'microATX', 'Mini-ITX']
/**
 * The forms that a case takes whose largest board is told; of a form that shares no holes only that
 * one.
 */
export const boardsUpTo = (largest: BoardForm): readonly BoardForm[] =>
  LADDER.includes(largest) ? LADDER.slice(LADDER.indexOf(largest)) : [largest]

/**
 * What is asked: the archetype, the largest board, and ten numbers, each of which may be unknown.
 * Lengths in mm.
 */
export interface CaseOutline {
  readonly archetype: Archetype
  readonly boards: readonly BoardForm[]
  /** Sockets at the front. */
  readonly usbA?: number | null
  readonly usbC?: number | null
  readonly length: number | null
  readonly height: number | null
  readonly width: number | null
  readonly coolerRoom: number | null
  readonly cardRoom: number | null
  readonly supplyRoom: number | null
  readonly bays: number | null
  readonly fans: number | null
}

/** The numbers in the order in which they are asked, each with where it is taken. */
export const CASE_NUMBERS = [
  {
    key: 'usbA',
    label: 'USB-A sockets at the front',
    unit: 'pcs',
    take: 'Count the flat ones.',
    least: 0,
    most: 8,
  },
  {
    key: 'usbC',
    label: 'USB-C sockets at the front',
    unit: 'pcs',
    take: 'Count the oval ones.',
    least: 0,
    most: 4,
  },
  {
    key: 'length',
    label: 'Length',
    unit: 'mm',
    take: 'Outside, from rear to front.',
    least: 150,
    most: 900,
  },
  {
    key: 'height',
    label: 'Height',
    unit: 'mm',
    take: 'Outside, from the floor to the top, without feet.',
    least: 80,
    most: 900,
  },
  { key: 'width', label: 'Width', unit: 'mm', take: 'Outside, across.', least: 60, most: 500 },
  {
    key: 'coolerRoom',
    label: 'Cooler room',
    unit: 'mm',
    take: 'Tallest cooler, from the sheet.',
    least: 30,
    most: 220,
  },
  {
    key: 'cardRoom',
    label: 'Card room',
    unit: 'mm',
    take: 'Longest card, from the sheet.',
    least: 150,
    most: 500,
  },
  {
    key: 'supplyRoom',
    label: 'Supply room',
    unit: 'mm',
    take: 'Longest supply, from the sheet.',
    least: 80,
    most: 300,
  },
  { key: 'bays', label: '3.5-inch bays', unit: 'pcs', take: 'Count them.', least: 0, most: 20 },
  { key: 'fans', label: 'Fan places', unit: 'pcs', take: 'Count them.', least: 0, most: 14 },
] as const
