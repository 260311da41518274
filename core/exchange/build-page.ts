// A build as one page to send to a friend: the drawing, the parts, what is open, the steps. It needs nothing
// beside itself, asks nothing of any server, and holds no script.
import type { HorizonAnalysis } from '../analysis/analyse'
import type { Build } from '../document/build'
import { capital, comesTo, counted, minutes, money, PROGRESS_WORD } from '../figures/format'
import { VERDICTS } from '../figures/verdict'
import type { Finding } from '../rules/finding'
import { drawingSvg } from './drawing-svg'
import { escaped, tag } from './markup'

/** Named choices: how the page looks, on paper and on screens of any width. */
const STYLE = [
  'body{font:16px/1.45 system-ui,sans-serif;color:#1b1b18;background:#fff;margin:2rem auto;',
  'max-width:60rem;padding:0 1rem}',
  'table{border-collapse:collapse;width:100%}th,td{text-align:left;padding:.25rem .5rem;',
  'border-bottom:1px solid #c9c6ba;vertical-align:top}',
  'svg{max-width:100%;height:auto}li{margin:.35rem 0}.quiet{color:#55605c}',
  'h2{margin-top:2rem;border-bottom:2px solid #1d5b57}',
].join('')
/** Nothing is fetched and nothing runs, whoever opens it. */
const POLICY = "default-src 'none'; style-src 'unsafe-inline'"

type Page = Pick<Build, 'name' | 'note' | 'currency'>

/** One horizon of a build as an HTML document that stands by itself. */
export function buildPage(build: Page, h: HorizonAnalysis): string {
  const [near] = h.drawings
  const head = [
    '<meta charset="utf-8">',
    '<meta name="viewport" content="width=device-width, initial-scale=1">',
    `<meta http-equiv="Content-Security-Policy" content="${escaped(POLICY)}">`,
    tag('title', {}, escaped(build.name)),
    tag('style', {}, STYLE),
  ].join('\n')
  const body = [
    tag('h1', {}, escaped(build.name)),
    build.note === '' ? '' : tag('p', {}, escaped(build.note)),
    tag('p', {}, escaped(summary(h))),
    near ? drawingSvg(build.name, near, h.paths).replace(/^<\?xml[^>]*>\s*/, '') : '',
    section('Parts', partsTable(h.parts, build.currency)),
    section('Open matters', openMatters(h.findings)),
    section(`Steps, ${minutes(h.order.minutes)}`, list('ol', h.order.steps.map(stepLine))),
  ]
    .filter(Boolean)
    .join('\n')
  const whole = [tag('head', {}, `\n${head}\n`), tag('body', {}, `\n${body}\n`)].join('\n')
  return `<!doctype html>\n${tag('html', { lang: 'en' }, `\n${whole}\n`)}\n`
}

function summary(h: HorizonAnalysis): string {
  const found = VERDICTS.filter(v => h.counts[v] > 0).map(v => `${h.counts[v]} ${v}`)
  return [
    counted(h.parts.rows.length, 'part'),
    counted(h.order.steps.length, 'step'),
    ...found,
  ].join(', ')
}

const section = (title: string, inner: string): string =>
  inner === '' ? '' : `${tag('h2', {}, escaped(title))}\n${inner}`
const list = (kind: 'ul' | 'ol', lines: readonly string[]): string =>
  lines.length === 0 ? '' : tag(kind, {}, lines.map(line => tag('li', {}, line)).join('\n'))
const cells = (name: 'th' | 'td', texts: readonly string[]): string =>
  tag('tr', {}, texts.map(text => `<${name}>${escaped(text)}</${name}>`).join(''))

function partsTable({ rows }: HorizonAnalysis['parts'], currency: string): string {
  if (rows.length === 0) return ''
  const lines = rows.map(({ title, name, maker, state, price, paid }) => {
    const amount = paid ?? price
    return cells('td', [title, name, maker, state, amount === null ? '' : money(amount, currency)])
  })
  return tag(
    'table',
    {},
    [cells('th', ['Part', 'Model', 'Maker', 'State', 'Price']), ...lines].join('\n'),
  )
}

function openMatters(findings: HorizonAnalysis['findings']): string {
  const open = findings.filter(f => f.verdict !== 'clear')
  return open.length === 0 ? tag('p', {}, 'None.') : list('ul', open.map(matterLine))
}

function matterLine(f: Finding): string {
  const by = f.margin === null ? '' : ` (${comesTo(f)})`
  const end = f.accepted ? `Accepted: ${f.accepted.reason}` : f.wayOut
  return `<b>${capital(f.verdict)}</b> ${escaped(`${f.sentence}${by}`)}${quiet(end)}`
}

function stepLine(s: HorizonAnalysis['order']['steps'][number]): string {
  const care = s.cautions.map(c => ` <b>Care:</b> ${escaped(c)}`).join('')
  return `<b>${escaped(s.title)}</b> (${PROGRESS_WORD[s.progress]}) ${escaped(s.does.join(' '))}${care}`
}

const quiet = (text: string): string =>
  text === '' ? '' : ` <span class="quiet">${escaped(text)}</span>`
