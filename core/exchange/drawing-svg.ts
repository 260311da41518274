// A view of the case as an SVG file by itself: one unit is one millimetre, and so it prints. No
// script, no style from outside.
import type { Drawing, Path } from '../drawing/drawing'

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
  const shapes = drawing.shapes.map(s =>
    tag(
      'rect',
      {
        x: s.rect.x,
        y: s.rect.y,
        width: s.rect.w,
        height: s.rect.h,
        fill: FILL[s.kind] ?? INK.sheet,
        stroke: s.kind === 'board' ? INK.mat : INK.line,
        'stroke-width': s.kind === 'case' ? LINE.case : LINE.shape,
      },
      title(s.name),
    ),
  )
  const marks = drawing.marks.map(m => {
    const [x, y] = m.at
    if (m.what === 'opening')
      return tag(
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
    return tag(
      'circle',
      {
        cx: x,
        cy: y,
        r: MARK.radius,
        fill: m.what === 'fit' ? INK.mat : INK.sheet,
        stroke: m.what === 'take out' ? INK.harm : INK.mat,
        'stroke-width': LINE.dimension,
        ...(m.what === 'take out' ? { 'stroke-dasharray': '2 1.4' } : {}),
      },
      title(`standoff ${m.name}: ${m.what}`),
    )
  })
  const ways = paths.map(p =>
    tag(
      'polyline',
      {
        points: p.points.map(q => q.join(',')).join(' '),
        fill: 'none',
        stroke: INK.copper,
        'stroke-width': LINE.path,
      },
      title(p.title),
    ),
  )
  const lines = drawing.dimensions.map(d =>
    tag('line', {
      x1: d.from[0],
      y1: d.from[1],
      x2: d.to[0],
      y2: d.to[1],
      stroke: INK.line,
      'stroke-width': LINE.dimension,
    }),
  )
  const labels = drawing.labels.map(l =>
    tag(
      'text',
      {
        x: l.x,
        y: l.y + l.h * 0.78,
        'font-size': drawing.letter,
        'font-family': 'monospace',
        fill: INK.line,
      },
      escaped(l.text),
    ),
  )
  return `<?xml version="1.0" encoding="UTF-8"?>\n${tag('svg', { xmlns: 'http://www.w3.org/2000/svg', width: `${drawing.width}mm`, height: `${drawing.height}mm`, viewBox: `0 0 ${drawing.width} ${drawing.height}` }, `${title(`${name}: ${drawing.title.toLowerCase()}, one unit is one millimetre`)}\n${[...shapes, ...marks, ...ways, ...lines, ...labels].join('\n')}\n`)}\n`
}
