// The plugs of a supply, by what sheets call them.
import { oneOf } from './pattern'
import type { Thing } from './things'

export type Plug =
  | 'main-24'
  | 'cpu-8'
  | 'cpu-4'
  | 'card-16'
  | 'card-8'
  | 'card-6'
  | 'sata-power'
  | 'drive-4'
  | 'drive-small-4'
export const PLUGS: readonly Thing<Plug>[] = [
  { key: 'card-16', named: /12V-?2[x×]6|12VHPWR|16[- ]?pin|12\+4[- ]?pin/i },
  {
    key: 'main-24',
    named: oneOf(
      /(?:ATX|main)?\s*(?:24[- ]?pins?|20\s?\+\s?4)(?:\s*(?:main|ATX))?/,
      ...[/^(?:ATX|main)(?=\s*\d{3}\s*mm)/, /\bATX\s24P?\b/, /\b24P\b/],
      /^(?:mother|main) ?board(?: cable| power)?$/,
    ),
  },
  {
    key: 'card-8',
    named: oneOf(
      new RegExp(
        [
          String.raw`(?:PCIe|PCI-E|VGA|PEG)(?!\s*(?:Gen\s*|version\s*(?:PCIe\s*)?)?\d\.\d|\s*version)`,
          String.raw`[^,;\d]*(?:8[- ]?pin)?\s*\(?(?:6\s?\+\s?2)?`,
        ].join(''),
      ),
      /6\s?\+\s?2/,
    ),
  },
  {
    key: 'cpu-8',
    named: oneOf(
      /(?:EPS|CPU|P8)(?:12V)?[^,;\d]*(?:8[- ]?pins?|4\s?\+\s?4)/,
      ...[/(?:EPS|CPU)\s8\b/, /4\s?\+\s?4/, /8[- ]?pin (?:EPS|CPU)/],
      ...[/\bEPS(?:12V)?\b(?![^,;]*4[- ]?pin)/, /\bP8\b/],
    ),
  },
  {
    key: 'cpu-4',
    named: /4[- ]?pin (?:CPU|EPS|12\s?V|P4)|(?:CPU|P4|EPS)[^,;\d]*4[- ]?pin(?!\s*\+)/i,
  },
  { key: 'sata-power', named: /S-?ATA|serial ATA/i },
  {
    key: 'drive-4',
    named: /molex|peripheral|4[- ]?pin (?:drive|HDD)|HDD 4[- ]?pin|PATA|\bIDE\b/i,
  },
  { key: 'drive-small-4', named: /floppy|FDD|berg/i },
]
