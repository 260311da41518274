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
  test('one unit is one millimetre: the case of 430 × 520 with a margin of 12 all around', () => {
    expect(svg).toContain(`width="${430 + 24}mm" height="${520 + 24}mm" viewBox="0 0 454 544"`)
    expect(svg).toContain('<rect x="12" y="12" width="430" height="520"')
  })
  test('every shape, hole, way, distance and label is there', () => {
    const count = (what: string): number => svg.split(`<${what} `).length - 1
    const slots = near.marks.filter(m => m.what === 'opening').length
    expect([
      count('rect'),
      count('circle'),
      count('polyline'),
      count('line'),
      count('text'),
    ]).toEqual([
      near.shapes.length + slots,
      near.marks.length - slots,
      paths.reduce((sum, p) => sum + p.strokes.length + (p.gap ? 1 : 0), 0),
      near.dimensions.length,
      near.labels.length,
    ])
  })
  test('names are escaped', () => {
    expect(drawingSvg('<script>"&\'', near)).toContain(
      '<title>&#60;script&#62;&#34;&#38;&#39;: near side',
    )
  })
})
