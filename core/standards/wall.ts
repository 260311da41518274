// From the wall to the load: circuits, backups, efficiency, what wires lose, how loud it gets.
import { SOURCE } from './sources'
import type { Gauge } from './supplies'

/** A shared household circuit, as an example only: local rules and licensed work decide. */
export const CIRCUIT = {
  '120 V': { A: 15 },
  '230 V': { A: 10 },
  /** The share that a load may take for hours. */
  lasting: 0.8,
  source: SOURCE.practice,
} as const

/** The share of a backup's stored energy that reaches the machine. */
export const BACKUP = { share: 0.9, source: SOURCE.practice } as const
/** How long a backup of so many usable Wh carries so many W, minutes. */
export const backupMinutes = (wattHours: number, watts: number): number =>
  (wattHours * BACKUP.share * 60) / watts

export const LABELS = ['white', 'bronze', 'silver', 'gold', 'platinum', 'titanium'] as const
export type Label = (typeof LABELS)[number]
type AtLoad = readonly [fifth: number, half: number, full: number]
/** Least efficiency of each class at 20, 50 and 100 % of the load, per cent. */
export const EFFICIENCY: Readonly<
  Record<'115 V' | '230 V', Readonly<Record<Label, AtLoad>>> & { readonly source: string }
> = {
  '115 V': {
    white: [80, 80, 80],
    bronze: [82, 85, 82],
    silver: [85, 88, 85],
    gold: [87, 90, 87],
    platinum: [90, 92, 89],
    titanium: [92, 94, 90],
  },
  '230 V': {
    white: [82, 85, 82],
    bronze: [85, 88, 85],
    silver: [87, 90, 87],
    gold: [90, 92, 89],
    platinum: [92, 94, 90],
    titanium: [94, 96, 94],
  },
  source: SOURCE.practice,
}

/** What a wire loses, mΩ a metre. */
export const WIRE_OHMS: Readonly<Record<Gauge, number>> = { 16: 13, 18: 21, 20: 33, 22: 53, 24: 84 }
/** What may be lost over the wires and contacts of a chain, V: five per cent at the load. */
export const DROP = { '12': 0.6, '5': 0.25, source: SOURCE.atx12v } as const

/** How much louder a fan gets from one speed to another, dBA: a rough model. */
export const louder = (from: number, to: number): number => 50 * Math.log10(to / from)
