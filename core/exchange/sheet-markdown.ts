// The build sheet as Markdown: what lies beside the case, to be kept with notes or printed
// elsewhere.
import type { HorizonAnalysis } from '../analysis/analyse'
import type { Build } from '../document/build'
import { capital, margin, minutes, money, quantity } from '../figures/format'

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

/** One horizon of a build as a Markdown document. */
export function sheetMarkdown(
  build: Pick<Build, 'name' | 'note' | 'currency'>,
  h: HorizonAnalysis,
): string {
  const open = h.findings.filter(f => f.verdict !== 'clear')
  return [
    `# ${plain(build.name)}: build sheet\n`,
    build.note === '' ? '' : `${plain(build.note)}\n`,
    section(
      'Parts',
      h.parts.rows.length === 0
        ? 'None yet.'
        : table(
            ['Part', 'Model', 'Maker', 'State', 'Price'],
            h.parts.rows.map(r => [
              r.title,
              plain(r.name),
              plain(r.maker),
              r.state,
              r.price === null && r.paid === null
                ? ''
                : money(r.paid ?? r.price ?? 0, plain(build.currency)),
            ]),
          ),
    ),
    section(
      'Open matters',
      open.length === 0
        ? 'None.'
        : open
            .map(
              f =>
                `- **${capital(f.verdict)}** ${plain(f.sentence)}${f.margin === null ? '' : ` (${margin(f.margin, f.unit)})`}${f.accepted ? `. Accepted: ${plain(f.accepted.reason)}` : f.wayOut === '' ? '' : `. ${plain(f.wayOut)}`}`,
            )
            .join('\n'),
    ),
    section(
      `Steps, ${minutes(h.order.minutes)}`,
      h.order.steps
        .map((s, i) =>
          [
            `${i + 1}. [${s.progress === 'planned' || s.progress === 'ready' ? ' ' : 'x'}] **${plain(s.title)}** ${s.does.map(plain).join(' ')}${s.feel ? ` *${plain(s.feel)}*` : ''}`,
            ...s.cautions.map(c => `   **Care:** ${plain(c)}`),
          ].join('\n'),
        )
        .join('\n'),
    ),
    section(
      'Front panel',
      h.panel.flatMap(b => b.leads.map(l => `- ${plain(l.label)}: ${plain(l.says)}`)).join('\n'),
    ),
    section(
      'Leads',
      h.routes.length === 0
        ? ''
        : table(
            ['Lead', 'To', 'Needs', 'Has', 'Through'],
            h.routes.map(r => [
              plain(r.label),
              plain(r.to),
              r.need === null ? '?' : quantity(r.need, 'mm'),
              r.have === null ? '?' : quantity(r.have, 'mm'),
              r.through.map(plain).join(', '),
            ]),
          ),
    ),
    section(
      'First power-on',
      h.proof
        .map(
          c =>
            `- [${c.progress === 'planned' ? ' ' : 'x'}] ${plain(c.do)} *${plain(c.expect)}*${c.caution ? ` **${plain(c.caution)}**` : ''}`,
        )
        .join('\n'),
    ),
  ]
    .filter(Boolean)
    .join('\n')
}
