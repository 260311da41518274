// What is on each contact of a connector, by its number: what a plug meets that goes where it should
// not.
import { SOURCE } from '../standards/sources'
import type { PlugFace } from './connectors'

interface Pins {
  /** What each contact carries, in the order of their numbers; null where none is. */
  readonly carries: readonly (string | null)[]
  readonly source: string
}

const GROUND = 'ground'

export const PINS: Readonly<Partial<Record<PlugFace, Pins>>> = {
  'main-24': {
    carries: [
      ...['3.3 V', '3.3 V', GROUND, '5 V', GROUND, '5 V', GROUND, 'good', 'standby', '12 V'],
      ...['12 V', '3.3 V', '3.3 V', '−12 V', GROUND, 'on', GROUND, GROUND, GROUND, null],
      ...['5 V', '5 V', '5 V', GROUND],
    ],
    source: SOURCE.atx12v,
  },
  'main-4': { carries: ['12 V', '3.3 V', '5 V', GROUND], source: SOURCE.atx12v },
  'cpu-8': {
    carries: [GROUND, GROUND, GROUND, GROUND, '12 V', '12 V', '12 V', '12 V'],
    source: SOURCE.atx12v,
  },
  'cpu-4': { carries: [GROUND, GROUND, '12 V', '12 V'], source: SOURCE.atx12v },
  'card-6': { carries: ['12 V', '12 V', '12 V', GROUND, 'sense', GROUND], source: SOURCE.pcie },
  'card-8': {
    carries: ['12 V', '12 V', '12 V', 'sense', GROUND, 'sense', GROUND, GROUND],
    source: SOURCE.pcie,
  },
  'drive-small-4': { carries: ['5 V', GROUND, GROUND, '12 V'], source: SOURCE.practice },
  'board-pair': {
    carries: ['good', '5 V', '12 V', '−12 V', GROUND, GROUND],
    source: SOURCE.practice,
  },
  'board-pair-9': {
    carries: [GROUND, GROUND, '−5 V', '5 V', '5 V', '5 V'],
    source: SOURCE.practice,
  },
  'usb-2': {
    carries: ['5 V', '5 V', 'D−', 'D−', 'D+', 'D+', GROUND, GROUND, null, 'free'],
    source: SOURCE.usb,
  },
  'audio-hd': {
    carries: [
      ...['mic left', GROUND, 'mic right', 'presence', 'out right', 'mic sense'],
      ...['sense send', null, 'out left', 'out sense'],
    ],
    source: SOURCE.audio,
  },
}

/** How many contacts of a connector carry so much; null where its contacts are not written down. */
export const contactsWith = (face: PlugFace, carried: string): number | null =>
  PINS[face]?.carries.filter(c => c === carried).length ?? null

/** How long the head of a power plug is with so many columns at 4.2 mm, and how wide with its latch. */
export const HEAD = { pitch: 4.2, ends: 5.4, wide: 14, source: SOURCE.practice } as const
export const headLength = (columns: number): number => HEAD.pitch * (columns - 1) + HEAD.ends
