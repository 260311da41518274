import { avocet, change, plover, then } from '../test-helpers/demos'
import { drawingSvg } from './drawing-svg'
import { sheetMarkdown } from './sheet-markdown'

describe('the build sheet as Markdown', () => {
  const sheet = sheetMarkdown(avocet, then(avocet))
  const block = (title: RegExp): string => sheet.split('\n## ').find(b => title.test(b)) ?? ''
  test('has every part, every open matter, every step, every lead, every point of the proof', () => {
    const h = then(avocet)
    expect(
      block(/^Parts/)
        .split('\n')
        .filter(l => l.startsWith('| ')).length,
    ).toBe(h.parts.rows.length + 2)
    expect(
      block(/^Open matters/)
        .split('\n')
        .filter(l => l.startsWith('- ')).length,
    ).toBe(h.findings.filter(f => f.verdict !== 'clear').length)
    expect(
      block(/^Steps/)
        .split('\n')
        .filter(l => /^\d+\. \[/.test(l)).length,
    ).toBe(h.order.steps.length)
    expect(
      block(/^Leads/)
        .split('\n')
        .filter(l => l.startsWith('| ')).length,
    ).toBe(h.routes.length + 2)
    expect(
      block(/^First power-on/)
        .split('\n')
        .filter(l => l.startsWith('- [')).length,
    ).toBe(h.proof.length)
  })
  test('says what is done and what was accepted', () => {
    const done = change(
      plover,
      { do: 'make', ids: ['task:bench'] },
      { do: 'accept', id: 'fit/cooler-height:cooler:case', reason: 'seen by eye' },
    )
    const text = sheetMarkdown(done, then(done))
    expect(text).toContain('1. [x] **Make the bench ready**')
    expect(text).toContain('Accepted: seen by eye')
  })
  test('text stays text: no markup of a name is taken for markup', () => {
    const evil = change(plover, { do: 'rename', name: '<b>*x*</b> | # [a](b) `c`' })
    expect(sheetMarkdown(evil, then(evil)).split('\n')[0]).toBe(
      '# \\<b\\>\\*x\\*\\</b\\> \\| \\# \\[a\\](b) \\`c\\`: build sheet',
    )
  })
  test('an empty build has an empty sheet', () => {
    const empty = { name: 'Knot', note: '', currency: 'EUR' }
    expect(sheetMarkdown(empty, then({ ...plover, items: [] }))).toMatch(
      /## Parts\n\nNone yet\.\n\n## Open matters\n\nNone\.\n/,
    )
  })
})

describe('the drawing as SVG', () => {
  const {
    drawings: [near],
    paths,
  } = then(avocet)
  if (!near) throw new Error('no drawing')
  const svg = drawingSvg('Avocet', near, paths)
  test('one unit is one millimetre: the case of 430 × 520 inside, on paper as large as it is', () => {
    const [, w, h] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg) ?? []
    expect(svg).toMatch(new RegExp(`viewBox="[-\\d.]+ [-\\d.]+ ${w} ${h}"`))
    expect(svg).toContain('M0 -520h430v520h-430z')
  })
  test('each layer is a group: all shapes, standoffs, ways, distances and names are there', () => {
    const layer = (id: string): string => svg.split(`<g id="${id}">`)[1]?.split('<g id=')[0] ?? ''
    const count = (id: string, what: string): number => layer(id).split(`<${what}`).length - 1
    expect(count('bodies', 'title')).toBe(near.shapes.length + near.hidden.length)
    expect(count('standoffs', 'circle')).toBe(near.marks.length)
    const ways = paths.filter(p => p.view === 'near')
    expect(count('cables', 'path')).toBe(ways.reduce((sum, p) => sum + p.strokes.length, 0))
    expect(count('cables', 'polyline')).toBe(ways.filter(p => p.gap).length)
    expect(count('dimensions', 'polyline')).toBe(near.dimensions.length)
    const { captions, words } = near.layouts.at(-1) ?? { captions: [], words: [] }
    expect(captions.length).toBeGreaterThan(10)
    expect(count('names', 'text')).toBe(2 * captions.length + words.length)
  })
  test('names are escaped', () => {
    expect(drawingSvg('<script>"&\'', near)).toContain(
      '<title>&#60;script&#62;&#34;&#38;&#39;: near side',
    )
  })
})
