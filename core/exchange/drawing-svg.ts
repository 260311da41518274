// A view of the case as an SVG file by itself: one unit is one millimetre, and so it prints. No
// script, no style from outside.
import type { Tone } from '../drawing/details'
import type { Caption, Drawing, EdgeWord, Layout } from '../drawing/drawing'
import type { Path } from '../drawing/paths'
import type { Point } from '../drawing/views'
import { escaped, tag, type Attributes } from './markup'

/** Named choices: line widths, mm, and inks that read on white paper. */
const LINE = { body: 0.8, part: 0.35, case: 1.2, dimension: 1, path: 0.7, caption: 0.3 } as const
const INK = {
  line: '#1b1b18',
  quiet: '#55605c',
  board: '#dbe7e4',
  mat: '#1d5b57',
  sheet: '#ffffff',
  copper: '#944a16',
  harm: '#86104d',
} as const
const inked = (fill: string, stroke: string, width: number): Attributes => ({
  ...{ fill, stroke, 'stroke-width': width },
})
/** How each tone is drawn. */
const TONES: Readonly<Record<Tone, Attributes>> = {
  body: inked(INK.sheet, INK.line, LINE.body),
  part: inked('none', INK.quiet, LINE.part),
  board: inked(INK.board, INK.mat, LINE.body),
  dark: inked(INK.quiet, 'none', 0),
  socket: inked(INK.sheet, INK.line, LINE.part),
  contact: inked(INK.copper, 'none', 0),
  place: { ...inked('none', INK.quiet, LINE.part), 'stroke-dasharray': '3 2' },
  opening: inked(INK.sheet, INK.quiet, LINE.part),
  vent: { ...inked('none', INK.line, LINE.dimension), 'stroke-dasharray': '4 3' },
  case: inked('none', INK.line, LINE.case),
  air: inked('none', INK.mat, LINE.body),
}
const MARK = 3.4

const title = (text: string): string => tag('title', {}, escaped(text))

/** One drawing as the text of an SVG file, a group for each layer; `paths` are laid over it, mm. */
export function drawingSvg(name: string, drawing: Drawing, paths: readonly Path[] = []): string {
  const layout = drawing.layouts.at(-1)
  const { x, y, w, h } = layout?.paper ?? drawing.machine
  const heading = `${name}: ${drawing.title.toLowerCase()}, one unit is one millimetre`
  const layers = [
    layer('bodies', [...drawing.shapes.map(shapeTag), ...drawing.hidden.map(hiddenTag)]),
    layer('standoffs', drawing.marks.map(standoffTag)),
    layer('cables', paths.filter(p => p.view === drawing.view).map(pathTag)),
    layer('dimensions', [
      ...drawing.dimensions.map(dimensionTag),
      ...(layout?.numbers ?? []).map(n =>
        textTag(n.text, [n.rect.x, n.rect.y + n.rect.h * FOOT], layout),
      ),
    ]),
    layer(
      'names',
      layout
        ? [
            ...layout.captions.map(c => captionTag(c, layout)),
            ...layout.words.map(word => wordTag(word, layout)),
          ]
        : [],
    ),
  ]
  const about = {
    xmlns: 'http://www.w3.org/2000/svg',
    width: `${w}mm`,
    height: `${h}mm`,
    viewBox: `${x} ${y} ${w} ${h}`,
  }
  const svg = tag('svg', about, `${title(heading)}\n${layers.join('\n')}\n`)
  return `<?xml version="1.0" encoding="UTF-8"?>\n${svg}\n`
}

const layer = (id: string, parts: readonly string[]): string =>
  tag('g', { id }, parts.length > 0 ? parts.join('\n') : '<!-- none -->')

const rectAbout = ({ x, y, w, h }: Drawing['machine']): Attributes => ({
  ...{ x, y, width: w, height: h },
})

const shapeTag = ({ inks, name, kind }: Drawing['shapes'][number]): string =>
  tag(
    'g',
    { class: kind },
    [title(name), ...inks.map(({ tone, d }) => tag('path', { d, ...TONES[tone] }))].join(''),
  )

const hiddenTag = ({ rect, name }: Drawing['hidden'][number]): string =>
  tag('rect', { ...rectAbout(rect), ...TONES.place }, title(`${name}, behind`))

const standoffTag = ({ at: [x, y], what, name }: Drawing['marks'][number]): string =>
  tag(
    'circle',
    {
      ...{ cx: x, cy: y, r: MARK },
      fill: what === 'fit' ? INK.mat : 'none',
      stroke: what === 'take out' ? INK.harm : INK.mat,
      'stroke-width': LINE.dimension,
      ...(what === 'post' ? { 'stroke-dasharray': '1 1' } : {}),
      ...(what === 'take out' ? { 'stroke-dasharray': '2 1.4' } : {}),
    },
    title(what === 'post' ? `plastic post ${name}` : `standoff ${name}: ${what}`),
  )

/** What lies behind the tray is dashed; what is missing of a lead is dotted in another ink. */
const pathTag = (p: Path): string =>
  tag(
    'g',
    { fill: 'none', stroke: INK.copper, 'stroke-width': LINE.path },
    [
      title(p.title),
      ...p.strokes.map(({ isHidden, d }) =>
        tag('path', { d, ...(isHidden ? { 'stroke-dasharray': '5 3' } : {}) }),
      ),
      ...(p.gap ? [lineTag(p.gap.points, { stroke: INK.harm, 'stroke-dasharray': '1 2' })] : []),
    ].join(''),
  )

const lineTag = (points: readonly Point[], about: Attributes): string =>
  tag('polyline', { points: points.map(q => q.join(',')).join(' '), ...about })

const dimensionTag = ({ from, to }: Drawing['dimensions'][number]): string =>
  lineTag([from, to], { fill: 'none', stroke: INK.mat, 'stroke-width': LINE.dimension })

/** Where a letter's foot lies in its line, as a share of the line's height. */
const FOOT = 0.78
const textTag = (
  text: string,
  [x, y]: Point,
  layout: Pick<Layout, 'letter'> | undefined,
  about: Attributes = {},
): string =>
  tag(
    'text',
    {
      x,
      y,
      'font-size': layout?.letter ?? 1,
      'font-family': 'sans-serif',
      fill: INK.line,
      ...about,
    },
    escaped(text),
  )

function captionTag({ name, note, at: [x, y], line, side }: Caption, layout: Layout): string {
  const anchor = side === 'left' ? 'end' : 'start'
  return [
    lineTag(line, { fill: 'none', stroke: INK.quiet, 'stroke-width': LINE.caption }),
    textTag(name, [x, y], layout, { 'text-anchor': anchor, 'font-weight': 600 }),
    textTag(note, [x, y + layout.letter], layout, { 'text-anchor': anchor, fill: INK.quiet }),
  ].join('')
}

const wordTag = ({ text, at, anchor }: EdgeWord, layout: Layout): string =>
  textTag(text, at, layout, { 'text-anchor': anchor, fill: INK.quiet })
