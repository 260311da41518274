// The inks on their grounds, by the formula of WCAG 2.2: text at least 4.5 to 1, borders of fields 3 to 1.
import { readFileSync } from 'node:fs'

const css = readFileSync(new URL('tokens.css', import.meta.url), 'utf8')
const tokensIn = (text: string): Map<string, string> =>
  new Map([...text.matchAll(/(--[a-z0-9-]+): (#[0-9a-f]{6})/g)].map(m => [m[1] ?? '', m[2] ?? '']))
const [day = '', evening = ''] = css.split("[data-theme='evening']")
const themes = [
  ['day', tokensIn(day)],
  ['evening', tokensIn(evening.split('@media print')[0] ?? '')],
] as const

function luminance(ink: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map(i => {
    const share = parseInt(ink.slice(i, i + 2), 16) / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  })
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}
function contrast(a: string, b: string): number {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x)
  return (light + 0.05) / (dark + 0.05)
}

test('black on white is 21 to 1', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21)
})

describe.each(themes)('%s', (_name, tokens) => {
  const ratio = (ink: string, ground: string): number =>
    contrast(tokens.get(ink) ?? '', tokens.get(ground) ?? '')
  const texts = ['ink', 'ink-2', 'mat', 'copper', 'clear', 'measure', 'watch', 'stop', 'harm']
  const grounds = ['--paper', '--sheet', '--mat-soft']
  test.each(texts.flatMap(t => grounds.map(g => [`--${t}`, g] as const)))(
    '%s reads on %s',
    (ink, ground) => expect(ratio(ink, ground)).toBeGreaterThanOrEqual(4.5),
  )
  test.each(['--paper', '--sheet'])('what is pressed or typed in is seen on %s', ground =>
    expect(ratio('--edge', ground)).toBeGreaterThanOrEqual(3),
  )
  test('what is pressed in reads on its own ground', () =>
    expect(ratio('--sheet', '--mat')).toBeGreaterThanOrEqual(4.5))
})
