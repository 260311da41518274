// Sizes of the bodies that standards fix: memory modules, M.2 sticks, drives, fans. mm.
import { SOURCE } from './sources'

export const DIMM = {
  length: 133.35,
  thickness: 7,
  bareHeight: 31.25,
  source: SOURCE.jedec,
} as const
/** Older modules, and a row of nine chips in sockets. */
const SIMM_30 = { length: 88.9, thickness: 6, bareHeight: 20.3, source: SOURCE.jedec } as const
const SIMM_72 = { length: 107.95, thickness: 7, bareHeight: 25.4, source: SOURCE.jedec } as const
const CHIP_ROW = { length: 95, thickness: 8, bareHeight: 9, source: SOURCE.practice } as const

export const M2 = {
  width: 22,
  lengths: ['2230', '2242', '2260', '2280', '22110'],
  height: 3,
  source: SOURCE.m2,
} as const
/** What the notches of a stick go into: one that has both goes into either socket. */
const NOTCHES: Readonly<Record<string, readonly string[]>> = { 'B+M': ['B', 'M'] }
export const notchesOf = (keys: readonly string[]): readonly string[] =>
  keys.flatMap(key => NOTCHES[key] ?? [key])
export const DRIVE_SIZES = ['2.5', '3.5', '5.25'] as const
export const DRIVE_SIZE: Record<
  (typeof DRIVE_SIZES)[number],
  { readonly length: number; readonly width: number; readonly height: number }
> = {
  '2.5': { length: 100, width: 69.85, height: 7 },
  '3.5': { length: 147, width: 101.6, height: 26.1 },
  '5.25': { length: 170, width: 146.1, height: 41.3 },
}
export const FAN_FRAMES = ['40', '60', '80', '92', '120', '140', '200'] as const
export const FAN_THICKNESS = { mm: 25, source: SOURCE.practice } as const

/** Memory generations, the newest last; single chips in sockets of their own were the first. */
export const MEMORY_TYPES = [
  'chips',
  'SIMM-30',
  'SIMM-72',
  'SDRAM',
  'DDR',
  'DDR2',
  'DDR3',
  'DDR4',
  'DDR5',
] as const

/** Single chips stand in rows: eight of one bit each, and a ninth for parity. */
export const CHIPS_A_ROW = { pcs: 9, source: SOURCE.practice } as const

/** How large a module, or a row of chips, stands on its board, mm. */
export function sizeOfModule(type: string | null) {
  if (type === 'chips') return CHIP_ROW
  if (type === 'SIMM-30') return SIMM_30
  return type === 'SIMM-72' ? SIMM_72 : DIMM
}

/** What modules are fed with, V; the two of DDR3 are sorts of their own. */
export const MEMORY_VOLTS = {
  DDR3: [1.5, 1.35],
  DDR4: [1.2],
  DDR5: [1.1],
  source: SOURCE.jedec,
} as const
/** How many modules of a sort make a bank, by the width of the processor's bus, bits. */
export const IN_A_BANK = {
  'SIMM-30': { 16: 2, 32: 4 },
  'SIMM-72': { 32: 1, 64: 2 },
  source: SOURCE.jedec,
} as const

/** What drives and ports usually reach one after the other, MB/s. */
export const SEQUENTIAL = {
  disk: [100, 280],
  'SATA SSD': [550, 550],
  'NVMe 3': [3500, 3500],
  'NVMe 4': [7000, 7000],
  'NVMe 5': [14000, 14000],
  'USB 2': [40, 40],
  'USB 5 Gb/s': [450, 450],
  'USB 10 Gb/s': [1000, 1000],
  'USB 20 Gb/s': [2000, 2000],
  source: SOURCE.assumed,
} as const

/** From this generation on the controller sits in the processor: it decides what it drives. */
const DRIVEN_FROM = 'DDR3'
export const drivenByProcessor = (type: string | null): boolean => {
  const at = MEMORY_TYPES.findIndex(known => known === type)
  return at >= MEMORY_TYPES.indexOf(DRIVEN_FROM)
}

/** Radiators: outer length and width, mm. No standard: assumed until stated. */
export const RADIATORS = ['120', '240', '280', '360', '420'] as const
export const RADIATOR_SIZE: Record<
  (typeof RADIATORS)[number],
  {
    readonly length: number
    readonly width: number
    readonly fan: '120' | '140'
    readonly fans: number
  }
> = {
  120: { length: 157, width: 120, fan: '120', fans: 1 },
  240: { length: 277, width: 120, fan: '120', fans: 2 },
  280: { length: 315, width: 140, fan: '140', fans: 2 },
  360: { length: 397, width: 120, fan: '120', fans: 3 },
  420: { length: 457, width: 140, fan: '140', fans: 3 },
}
/** How thick a fan on a radiator usually is. */
export const RADIATOR_FAN = { mm: 25, source: SOURCE.practice } as const
export const RADIATOR_THICKNESS = { mm: 27, most: 45, source: SOURCE.assumed } as const
