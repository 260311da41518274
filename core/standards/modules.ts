// Sizes of the bodies that standards fix: memory modules, M.2 sticks, drives, fans. mm.
import { SOURCE } from './sources'

export const DIMM = { length: 133.35, thickness: 7, bareHeight: 31.25, source: SOURCE.jedec } as const
export const M2 = { width: 22, lengths: ['2230', '2242', '2260', '2280', '22110'], height: 3, source: SOURCE.m2 } as const
export const DRIVE_SIZES = ['2.5', '3.5', '5.25'] as const
export const DRIVE_SIZE: Record<(typeof DRIVE_SIZES)[number], { readonly length: number; readonly width: number; readonly height: number }> = {
  '2.5': { length: 100, width: 69.85, height: 7 },
  '3.5': { length: 147, width: 101.6, height: 26.1 },
  '5.25': { length: 170, width: 146.1, height: 41.3 },
}
export const FAN_FRAMES = ['40', '60', '80', '92', '120', '140', '200'] as const
export const FAN_THICKNESS = { mm: 25, source: SOURCE.practice } as const
