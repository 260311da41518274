// How sheets lie on a page once they are copied: the same lines as a table, cell by cell, as prose, as a
// shop lists them, with footnotes, with the spacing of a scan.
import type { Phrase } from './phrase'

type Lines = readonly Phrase[]
type Layout = (title: string, lines: Lines, next: () => number) => string

const rows =
  (row: (p: Phrase, next: () => number) => string): Layout =>
  (title, lines, next) =>
    [title, ...lines.map(p => row(p, next))].join('\n')

const UNIT_BEHIND = /^([\d.,]+) (mm|cm|W|A|V|g|kg|GB|MB\/s|MT\/s)$/
const lower = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? `${text.charAt(0).toLowerCase()}${text.slice(1)}` : text

/** Words of another language beside a label. */
const BESIDE: readonly (readonly [RegExp, string])[] = [
  [/height/i, 'Höhe'],
  [/length|depth/i, 'Länge'],
  [/weight|mass/i, 'Gewicht'],
  [/power|watt|TDP/i, 'Leistung'],
  [/socket/i, 'Sockel'],
  [/memory|RAM|DIMM/i, 'Speicher'],
  [/capacity|size/i, 'Größe'],
  [/speed|read/i, 'Geschwindigkeit'],
  [/current|amp/i, 'Strom'],
  [/connector|plug/i, 'Anschluss'],
]
const otherName = (label: string): string =>
  BESIDE.find(([words]) => words.test(label))?.[1] ?? 'Angabe'

const inOneLine = (lines: Lines): string => lines.map(p => `${p.label}: ${p.value}`).join('; ')

export const LAYOUTS = {
  'two columns': rows(p => `${p.label}\t${p.value}`),
  colons: rows(p => `${p.label}: ${p.value}`),
  'cell by cell': (title, lines) => [title, ...lines.flatMap(p => [p.label, p.value])].join('\n'),
  prose: (title, lines) =>
    `${title}. ${lines.map(p => `The ${lower(p.label)} is ${p.value}.`).join(' ')}`,
  bullets: rows(p => `• ${p.label}: ${p.value}`),
  'shop listing': (title, lines) =>
    [
      title,
      '4.7 of 5 stars (132 ratings)',
      'In stock, at your door in two days',
      ...lines.map(p => `- ${p.label}: ${p.value}`),
      'Customers also looked at other parts',
    ].join('\n'),
  'text of a PDF': (title, lines) =>
    [
      title,
      'Technical data',
      '',
      ...lines.map(p => `${p.label.padEnd(44)}${p.value}`),
      '',
      'Page 2 of 4',
    ].join('\n'),
  'dot leaders': rows(p => `${p.label} ${'.'.repeat(8)} ${p.value}`),
  'units in labels': rows(p => {
    const [, figure, unit] = UNIT_BEHIND.exec(p.value) ?? []
    return figure ? `${p.label} (${unit})\t${figure}` : `${p.label}\t${p.value}`
  }),
  'several a line': (title, lines) =>
    [
      title,
      ...lines.flatMap((_, i) => (i % 2 === 0 ? [inOneLine(lines.slice(i, i + 2))] : [])),
    ].join('\n'),
  footnotes: (title, lines) =>
    [
      title,
      ...lines.map((p, i) => `${p.label}: ${p.value}${i === 1 ? '*' : ''}`),
      '',
      '* As measured by the maker; subject to change without notice.',
    ].join('\n'),
  'two languages': rows(p => `${p.label} / ${otherName(p.label)}: ${p.value}`),
  'as scanned': rows(
    (p, next) =>
      `${p.label}${next() < 0.5 ? ' ' : ''} :${next() < 0.5 ? '  ' : ' '}` +
      p.value.replace(/(\d) (mm|W|A|GB|V|g)\b/g, next() < 0.5 ? '$1$2' : '$1  $2'),
  ),
  'table of bars': (title, lines) =>
    [
      `# ${title}`,
      '| Feature | Value |',
      '|---|---|',
      ...lines.map(p => `| ${p.label} | ${p.value} |`),
    ].join('\n'),
  'under headings': (title, lines) =>
    [
      title,
      ...lines.flatMap((p, i) => [
        ...(i % 3 === 0 ? [['GENERAL', 'DETAILS', 'FURTHER DATA'][i / 3] ?? 'MORE'] : []),
        `${p.label}: ${p.value}`,
      ]),
    ].join('\n'),
  dashes: rows(p => `${p.label} - ${p.value}`),
  semicolons: rows(p => `${p.label};${p.value}`),
} satisfies Readonly<Record<string, Layout>>
export type LayoutName = keyof typeof LAYOUTS
