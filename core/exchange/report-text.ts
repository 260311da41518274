// The whole analysis as plain text, for a terminal.
import type { Analysis, HorizonAnalysis } from '../analysis/analyse'
import {
  comesTo,
  counted,
  margin,
  minutes,
  number,
  PROGRESS_WORD,
  quantity,
  tolerance,
} from '../figures/format'
import { VERDICTS, type Verdict } from '../figures/verdict'

export const SECTIONS = [
  'findings',
  'parts',
  'joints',
  'power',
  'order',
  'panel',
  'routes',
  'proof',
  'record',
] as const
export type Section = (typeof SECTIONS)[number]

const WORD: Record<Verdict, string> = {
  harm: 'HARM',
  stop: 'STOP',
  measure: 'MEASURE',
  watch: 'WATCH',
  tight: 'TIGHT',
  clear: 'clear',
}

const limitText = ({ limit, isLacking }: HorizonAnalysis['power'][number]['rails'][number]) => {
  if (limit !== null) return quantity(limit, 'W')
  return isLacking ? 'none' : 'not stated'
}

const WRITERS: Record<Section, (h: HorizonAnalysis) => readonly string[]> = {
  findings: h => [
    VERDICTS.map(v => `${h.counts[v]} ${v}`).join(', '),
    ...(h.exact
      ? []
      : ['Not proved: too many ways to join to try them all; this is the best found']),
    ...h.findings.map(f =>
      [
        `${(f.accepted ? `(${WORD[f.verdict]})` : WORD[f.verdict]).padEnd(9)}${f.sentence}`,
        f.margin === null
          ? ''
          : `  need ${quantity(f.need ?? 0, f.unit)}, have ${quantity(f.have ?? 0, f.unit)}, ` +
            `${comesTo(f)} (${f.basis} ${tolerance(f.tol, f.unit)})`,
        f.verdict === 'clear' || f.wayOut === '' ? '' : `  → ${f.wayOut}`,
        f.accepted ? `  accepted: ${f.accepted.reason}` : '',
      ]
        .filter(Boolean)
        .join('\n         '),
    ),
  ],
  parts: h =>
    h.parts.rows.map(({ title, name, state, price }) => {
      const cost = price === null ? '' : number(price, 2).padStart(9)
      return `${title.padEnd(20)}${name.padEnd(28)}${state.padEnd(9)}${cost}`
    }),
  joints: h => h.joints.map(j => `${j.from}  ↔  ${j.to}${j.count > 1 ? ` × ${j.count}` : ''}`),
  power: h =>
    h.power.flatMap(p => [
      `${p.name}: rest ${quantity(p.rest, 'W')}, work ${quantity(p.work, 'W')}, worst ${quantity(p.worst, 'W')}`,
      ...p.rails.map(
        r => `  ${r.rail.padStart(4)} V  worst ${quantity(r.worst, 'W')} of ` + limitText(r),
      ),
      ...p.schools.map(
        s =>
          `  ${s.label.padEnd(6)} ` +
          `${s.verdict}${s.margin === null ? '' : ` ${margin(s.margin, 'W')}`}${s.chosen ? '  (chosen)' : ''}`,
      ),
    ]),
  order: h => [
    ...h.order.steps.map(
      (s, i) =>
        `${String(i + 1).padStart(3)}. ${s.title} (${minutes(s.minutes)}, ${PROGRESS_WORD[s.progress]})`,
    ),
    `${minutes(h.order.minutes)} in all; ${minutes(h.order.firstTimeMinutes)} the first time`,
  ],
  panel: h => h.panel.flatMap(p => p.leads.map(l => `${l.label}: ${l.says}`)),
  routes: h =>
    h.routes.map(({ label, to, need, have, through }) => {
      const length = (mm: number | null): string => (mm === null ? '?' : quantity(mm, 'mm'))
      const holes = through.length > 0 ? `, through ${through.join(', ')}` : ''
      return `${label} to ${to}: ${length(need)} of ${length(have)}${holes}`
    }),
  proof: h => h.proof.map(c => `[${c.progress === 'planned' ? ' ' : 'x'}] ${c.do} ${c.expect}`),
  record: h => [
    ...h.record.done.map(d => `${d.at} ${PROGRESS_WORD[d.state]} ${d.title}`),
    `${counted(h.record.remaining, 'step')} to go`,
  ],
}

/** The report of one horizon, whole or one section of it. */
export function reportText(
  analysis: Analysis,
  horizon: 'now' | 'then',
  only: Section | null,
): string {
  const h = analysis.horizons[horizon]
  const blocks = SECTIONS.filter(s => only === null || s === only).map(
    s =>
      `${s.toUpperCase()}\n${WRITERS[s](h)
        .map(l => `  ${l}`)
        .join('\n')}`,
  )
  return `${analysis.name} (${horizon})\n\n${blocks.join('\n\n')}\n`
}

/** True when an unaccepted stop or harm stands in either horizon. */
export const isBlocked = (analysis: Analysis): boolean =>
  Object.values(analysis.horizons).some(h =>
    h.findings.some(f => (f.verdict === 'stop' || f.verdict === 'harm') && !f.accepted),
  )
