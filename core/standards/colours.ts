// Colours that a standard gives: no other colour proves anything.
import { SOURCE } from './sources'

export const COLOURS = {
  sound: { pink: 'in', lime: 'out', 'light blue': 'line' },
  'round sockets': { green: 'mouse', violet: 'keyboard' },
  video: { blue: 'VGA' },
  USB: { blue: 'USB 3' },
  'ribbon of 80 wires': { blue: 'board', black: 'first', grey: 'second' },
  source: SOURCE.practice,
} as const
