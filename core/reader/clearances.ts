// The clearances of a case, by the words that name them.
import { oneOf } from './pattern'

export const CLEARANCES = [
  {
    path: 'coolerRoom',
    named: oneOf(
      ...[
        /(?:cpu|^air) (?:air )?cooler/,
        /cpu (?:max )?height/,
        /(?:cooler|heat ?sink) (?:height|clearance|room)/,
        /cpu coolers/,
      ],
      ...[/processor coolers?/, /cpu heat ?sink/, /^(?:tallest|highest) .*cooler/],
      ...[/room for (?:cpu )?coolers/, /coolers? up to/, /height of cpu cooler/, /^cooler/],
      ...[
        /^how (?:tall|high)\b.*\bcooler/,
        /^max\.? cooler/,
        /\b(?:tall|high) (?:cpu |air |tower )*coolers?/,
      ],
    ),
  },
  {
    path: 'cardRoom',
    named: oneOf(
      ...[
        /gpu/,
        /graphics cards?/,
        /graphics (?=\d+ ?mm)/,
        /vga (?:card|length|max|up to)/,
        /^vga$/,
        /video card/,
      ],
      ...[
        /^(?:max\.? |maximum )?card (?:length|room)/,
        /\bcards? up to/,
        /^longest card/,
        /^cards? \d/,
        /\blong (?:graphics |video )?cards?/,
      ],
    ),
  },
  { path: 'supply.room', named: /psu|power suppl|suppl(?:y|ies)/i },
  {
    path: 'inner.behind',
    named: oneOf(
      ...[/cable (?:management|routing|room|space|channel|clearance)/, /space for cables/],
      ...[/behind (?:the )?(?:mother ?board |main ?board )?tray/, /cabling (?:space|room|depth)/],
    ),
  },
] as const
