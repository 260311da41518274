// How long leads usually are where nobody says, mm. All assumed.
import { SOURCE } from './sources'

export const LEAD_LENGTH = {
  main: 600, processor: 650, card: 600, sata: 450, drive: 450, plug: 130,
  panel: 500, usb: 500, audio: 550, sataData: 450, fan: 400, light: 500,
  source: SOURCE.assumed,
} as const

/** The tolerance of an assumed lead's length. */
export const ASSUMED_LEAD_TOLERANCE = 50
/** Named choice: what a lead needs beyond its shortest way, to bend into the socket without pulling. */
export const SLACK = { mm: 20, source: SOURCE.practice } as const

/** Named choice: how high a plug with its bend stands over the board, mm, where its socket points up; and what lies flat. */
export const STANDS = { plug: 25, module: 4, source: SOURCE.assumed } as const
/** The first stretch of a 16-contact plug that stays straight, mm. */
export const STRAIGHT = { mm: 35, source: SOURCE.practice } as const
