// The clearances of a case, by the words that name them.
import { oneOf } from './pattern'

export const CLEARANCES = [
  {
    path: 'coolerRoom',
    named: oneOf(
      ...[/cpu cooler/, /cooler (?:height|clearance|room)/, /cpu coolers/],
      ...[/room for (?:cpu )?coolers/, /coolers? up to/, /height of cpu cooler/, /^cooler/],
    ),
  },
  {
    path: 'cardRoom',
    named: oneOf(
      ...[/gpu/, /graphics cards?/, /vga (?:card|length)/, /video card/],
      ...[/^card (?:length|room)/, /\bcards? up to/],
    ),
  },
  { path: 'supply.room', named: /psu|power suppl|suppl(?:y|ies)/i },
] as const
