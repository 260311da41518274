// The build sheet as Markdown: what lies beside the case, to be kept with notes or printed
// elsewhere.
import type { HorizonAnalysis } from '../analysis/analyse'
import type { Build } from '../document/build'
import type { Finding } from '../rules/finding'
import { capital, comesTo, minutes, money, quantity } from '../figures/format'

/** Text that stays text: nothing of it is taken for markup. */
const plain = (text: string): string =>
  text
    .replace(/\s+/g, ' ')
    .replace(/[\\`*_{}[\]<>#|!&~]/g, c => `\\${c}`)
    .replace(/^(\s*)([-+]|\d+\.)(\s)/, '$1\\$2$3')
const table = (heads: readonly string[], rows: readonly (readonly string[])[]): string =>
  [heads, heads.map(() => '---'), ...rows].map(row => `| ${row.join(' | ')} |`).join('\n')
const section = (title: string, text: string): string =>
  text === '' ? '' : `## ${title}\n\n${text}\n`

const IS_A_SHEET = ': build sheet'
const PARTS = 'Parts'

/** The table of parts of such a document, as it was before it was written; null where it is none. */
export function partsOfMarkdown(text: string): string | null {
  const [first = '', ...sections] = text.trim().split(/\r?\n## /)
  const parts = sections.find(s => s.startsWith(PARTS))
  if (!(first.split('\n')[0] ?? '').trim().endsWith(IS_A_SHEET) || parts === undefined) return null
  return parts
    .slice(PARTS.length)
    .trim()
    .replace(/\\([\\`*_{}[\]<>#!&~])/g, '$1')
}

type Sheet = Pick<Build, 'name' | 'note' | 'currency'>

/** One horizon of a build as a Markdown document. */
export const sheetMarkdown = (build: Sheet, h: HorizonAnalysis): string =>
  [
    `# ${plain(build.name)}${IS_A_SHEET}\n`,
    build.note === '' ? '' : `${plain(build.note)}\n`,
    section(PARTS, partsTable(h.parts, plain(build.currency))),
    section('Open matters', openMatters(h.findings)),
    section(`Steps, ${minutes(h.order.minutes)}`, h.order.steps.map(stepLines).join('\n')),
    section(
      'Front panel',
      h.panel.flatMap(b => b.leads.map(l => `- ${plain(l.label)}: ${plain(l.says)}`)).join('\n'),
    ),
    section('Leads', leadsTable(h.routes)),
    section('Broken or kept free', h.record.marked.map(m => `- ${plain(m)}`).join('\n')),
    section('First power-on', h.proof.map(checkLine).join('\n')),
  ]
    .filter(Boolean)
    .join('\n')

function partsTable({ rows }: HorizonAnalysis['parts'], currency: string): string {
  if (rows.length === 0) return 'None yet.'
  return table(
    ['Part', 'Model', 'Maker', 'State', 'Price'],
    rows.map(({ title, name, maker, state, price, paid }) => {
      const amount = paid ?? price
      const cost = amount === null ? '' : money(amount, currency)
      return [title, plain(name), plain(maker), state, cost]
    }),
  )
}

function openMatters(findings: HorizonAnalysis['findings']): string {
  const open = findings.filter(f => f.verdict !== 'clear')
  return open.length === 0 ? 'None.' : open.map(matterLine).join('\n')
}

function matterLine(f: Finding): string {
  const by = f.margin === null ? '' : ` (${comesTo(f)})`
  const wayOut = f.wayOut === '' ? '' : `. ${plain(f.wayOut)}`
  const end = f.accepted ? `. Accepted: ${plain(f.accepted.reason)}` : wayOut
  return `- **${capital(f.verdict)}** ${plain(f.sentence)}${by}${end}`
}

const box = (isDone: boolean): string => `[${isDone ? 'x' : ' '}]`

function stepLines(s: HorizonAnalysis['order']['steps'][number], i: number): string {
  const isDone = s.progress !== 'planned' && s.progress !== 'ready'
  const feel = s.feel ? ` *${plain(s.feel)}*` : ''
  const does = s.does.map(plain).join(' ')
  return [
    `${i + 1}. ${box(isDone)} **${plain(s.title)}** ${does}${feel}`,
    ...s.cautions.map(c => `   **Care:** ${plain(c)}`),
    ...(s.tools.length + s.fasteners.length > 0
      ? [`   In hand: ${[...s.tools, ...s.fasteners].map(plain).join(', ')}.`]
      : []),
  ].join('\n')
}

function leadsTable(routes: HorizonAnalysis['routes']): string {
  if (routes.length === 0) return ''
  const length = (mm: number | null): string => (mm === null ? '?' : quantity(mm, 'mm'))
  return table(
    ['Lead', 'To', 'Needs', 'Has', 'Through'],
    routes.map(r => [
      plain(r.label),
      plain(r.to),
      length(r.need),
      length(r.have),
      r.through.map(plain).join(', '),
    ]),
  )
}

function checkLine(c: HorizonAnalysis['proof'][number]): string {
  const caution = c.caution ? ` **${plain(c.caution)}**` : ''
  return `- ${box(c.progress !== 'planned')} ${plain(c.do)} *${plain(c.expect)}*${caution}`
}
