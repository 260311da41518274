// Where the screws of drives, fans and radiators go, and how high the sockets of sticks stand. mm.
import { SOURCE } from './sources'
import type { FAN_FRAMES } from './modules'

/** From the connector's end of a drive; across where two rows lie side by side. */
export const DRIVE_HOLES = {
  '3.5': { bottom: [41.28, 85.73], newer: [41.28, 117.48], across: 95.25, side: [28.5, 130.1] },
  '2.5': { bottom: [14, 90.6], across: 61.72, side: [14, 90.6] },
  source: SOURCE.practice,
} as const

/** How deep a screw may go into a 3.5-inch disk, from below and from the side. */
export const SCREW_DEPTH = { bottom: 6.35, side: 3.5, source: SOURCE.practice } as const

/** From hole to hole along one side of a fan's frame. */
export const FAN_HOLES: Readonly<Record<(typeof FAN_FRAMES)[number], number>> = {
  40: 32,
  60: 50,
  80: 71.5,
  92: 82.5,
  120: 105,
  140: 124.5,
  200: 154,
}

/** Along a radiator: the holes of one fan, and from there to those of the next. */
export const RADIATOR_HOLES = {
  120: { own: 105, next: 15 },
  140: { own: 124.5, next: 15.5 },
  source: SOURCE.practice,
} as const

/** How high the socket of a stick stands: a stick with chips below needs the higher one. */
export const STICK_SOCKET = { single: 2.3, double: 4.2, source: SOURCE.m2 } as const
