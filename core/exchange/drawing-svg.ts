// A view of the case as an SVG file by itself: one unit is one millimetre, and so it prints. No
// script, no style from outside.
import type { Drawing } from '../drawing/drawing'
import type { Path } from '../drawing/paths'

/** Named choices: line widths, mm, and inks that read on white paper. */
const LINE = { shape: 0.8, case: 1.4, dimension: 1, path: 0.7 } as const
const INK = {
  line: '#1b1b18',
  board: '#dbe7e4',
  mat: '#1d5b57',
  sheet: '#ffffff',
  fan: '#dcd6c8',
  copper: '#944a16',
  harm: '#86104d',
} as const
const FILL: Partial<Record<string, string>> = {
  case: 'none',
  board: INK.board,
  memory: INK.fan,
  fan: INK.fan,
}
const MARK = { radius: 3.2, slot: [6, 14] } as const

const escaped = (text: string): string => text.replace(/[<>&"']/g, c => `&#${c.charCodeAt(0)};`)
const tag = (
  name: string,
  about: Readonly<Record<string, string | number>>,
  inner = '',
): string => {
  const attributes = Object.entries(about)
    .map(([key, value]) => ` ${key}="${escaped(String(value))}"`)
    .join('')
  return inner === '' ? `<${name}${attributes}/>` : `<${name}${attributes}>${inner}</${name}>`
}
const title = (text: string): string => tag('title', {}, escaped(text))

/** One drawing as the text of an SVG file; `paths` are laid over it. Sizes in mm. */
export function drawingSvg(name: string, drawing: Drawing, paths: readonly Path[] = []): string {
  const { width, height } = drawing
  const heading = `${name}: ${drawing.title.toLowerCase()}, one unit is one millimetre`
  const parts = [
    ...drawing.shapes.map(shapeTag),
    ...drawing.marks.map(markTag),
    ...paths.map(pathTag),
    ...drawing.dimensions.map(dimensionTag),
    ...drawing.labels.map(l => labelTag(l, drawing.letter)),
  ]
  const about = {
    xmlns: 'http://www.w3.org/2000/svg',
    width: `${width}mm`,
    height: `${height}mm`,
    viewBox: `0 0 ${width} ${height}`,
  }
  const svg = tag('svg', about, `${title(heading)}\n${parts.join('\n')}\n`)
  return `<?xml version="1.0" encoding="UTF-8"?>\n${svg}\n`
}

const shapeTag = ({ rect, kind, name }: Drawing['shapes'][number]): string =>
  tag(
    'rect',
    {
      x: rect.x,
      y: rect.y,
      width: rect.w,
      height: rect.h,
      fill: FILL[kind] ?? INK.sheet,
      stroke: kind === 'board' ? INK.mat : INK.line,
      'stroke-width': kind === 'case' ? LINE.case : LINE.shape,
    },
    title(name),
  )

const markTag = (m: Drawing['marks'][number]): string =>
  m.what === 'opening' ? openingTag(m) : standoffTag(m)

const openingTag = ({ at: [x, y] }: Drawing['marks'][number]): string =>
  tag(
    'rect',
    {
      x: x - MARK.slot[0] / 2,
      y: y - MARK.slot[1] / 2,
      width: MARK.slot[0],
      height: MARK.slot[1],
      rx: 2,
      fill: INK.sheet,
      stroke: INK.line,
      'stroke-width': LINE.shape,
    },
    title('cable opening'),
  )

const standoffTag = ({ at: [x, y], what, name }: Drawing['marks'][number]): string =>
  tag(
    'circle',
    {
      cx: x,
      cy: y,
      r: MARK.radius,
      fill: what === 'fit' ? INK.mat : INK.sheet,
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
      ...p.strokes.map(({ isHidden, points }) =>
        lineTag(points, isHidden ? { 'stroke-dasharray': '5 3' } : {}),
      ),
      ...(p.gap ? [lineTag(p.gap.points, { stroke: INK.harm, 'stroke-dasharray': '1 2' })] : []),
    ].join(''),
  )

const lineTag = (
  points: readonly (readonly [number, number])[],
  about: Readonly<Record<string, string>>,
): string => tag('polyline', { points: points.map(q => q.join(',')).join(' '), ...about })

const dimensionTag = ({ from, to }: Drawing['dimensions'][number]): string =>
  tag('line', {
    x1: from[0],
    y1: from[1],
    x2: to[0],
    y2: to[1],
    stroke: INK.line,
    'stroke-width': LINE.dimension,
  })

/** Where a letter's foot lies in its line, as a share of the line's height. */
const FOOT = 0.78
const labelTag = (l: Drawing['labels'][number], letter: number): string =>
  tag(
    'text',
    {
      x: l.x,
      y: l.y + l.h * FOOT,
      'font-size': letter,
      'font-family': 'monospace',
      fill: INK.line,
    },
    escaped(l.text),
  )
