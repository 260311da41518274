// How long, how thick leads usually are where nobody says, mm. All assumed.
import type { PlugFace } from './connectors'
import { SOURCE } from '../standards/sources'

export const LEAD_LENGTH = {
  main: 600,
  processor: 650,
  card: 600,
  sata: 450,
  drive: 450,
  plug: 130,
  panel: 500,
  usb: 500,
  audio: 550,
  sataData: 450,
  fan: 400,
  light: 500,
  ribbon: 450,
  fanOut: 500,
  bracket: 350,
  small: 400,
  tube: 380,
  outer: 1500,
  source: SOURCE.assumed,
} as const

/** The tolerance of an assumed lead's length. */
export const ASSUMED_LEAD_TOLERANCE = 50
/**
 * Named choice: what a lead needs beyond its shortest way, to bend into the socket without pulling.
 */
export const SLACK = { mm: 20, source: SOURCE.practice } as const

/**
 * Named choice: how high a plug with its bend stands over the board, mm, where its socket points
 * up; and what lies flat.
 */
export const STANDS = { plug: 25, module: 4, source: SOURCE.assumed } as const
/** The first stretch of a 16-contact plug that stays straight, mm. */
export const STRAIGHT = { mm: 35, source: SOURCE.practice } as const

/**
 * How thick a lead is and how large its head, mm: what goes through a hole together, and what goes
 * through at all.
 */
export const LEAD_SIZE: Record<
  PlugFace,
  { readonly thick: number; readonly head: readonly [number, number] }
> = {
  'main-24': { thick: 14, head: [44, 14] },
  'cpu-8': { thick: 9, head: [18, 12] },
  'cpu-4': { thick: 7, head: [10, 12] },
  'card-6': { thick: 8, head: [14, 12] },
  'card-8': { thick: 9, head: [20, 12] },
  'card-16': { thick: 10, head: [20, 14] },
  'sata-power': { thick: 6, head: [25, 8] },
  'drive-4': { thick: 6, head: [23, 10] },
  'sata-data': { thick: 5, head: [14, 8] },
  'usb-2': { thick: 5, head: [14, 7] },
  'usb-3': { thick: 7, head: [30, 12] },
  'usb-c': { thick: 6, head: [14, 9] },
  'audio-hd': { thick: 4, head: [14, 7] },
  'audio-97': { thick: 4, head: [14, 7] },
  'fan-3': { thick: 3, head: [8, 7] },
  'fan-4': { thick: 3, head: [11, 7] },
  'light-12': { thick: 3, head: [11, 5] },
  'light-5': { thick: 3, head: [11, 5] },
  'panel-lead': { thick: 2, head: [6, 4] },
  'panel-block': { thick: 4, head: [14, 7] },
  'main-20': { thick: 12, head: [38, 14] },
  'board-pair': { thick: 8, head: [26, 8] },
  'drive-small-4': { thick: 4, head: [11, 6] },
  'ribbon-40': { thick: 10, head: [56, 7] },
  'ribbon-34': { thick: 9, head: [48, 7] },
  'mini-sas': { thick: 8, head: [22, 10] },
  serial: { thick: 5, head: [14, 7] },
  firewire: { thick: 5, head: [14, 7] },
  speaker: { thick: 2, head: [11, 4] },
  probe: { thick: 2, head: [6, 4] },
  'light-own': { thick: 3, head: [11, 5] },
  'usb-a': { thick: 5, head: [16, 8] },
  'usb-c-socket': { thick: 4, head: [12, 6] },
  hdmi: { thick: 7, head: [20, 11] },
  displayport: { thick: 7, head: [20, 11] },
  vga: { thick: 8, head: [40, 15] },
  network: { thick: 6, head: [12, 9] },
  'audio-jack': { thick: 4, head: [9, 9] },
  ps2: { thick: 5, head: [12, 12] },
}
export const LEAD_SIZE_SOURCE = SOURCE.assumed
/**
 * Named choices: how much of a hole round leads fill before one has to pull, and how far off that
 * is.
 */
export const HOLE_FILL = { share: 0.65, tol: 0.2 } as const
