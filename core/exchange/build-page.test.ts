// The page to send: whole by itself, and whatever stands in data stays text.
import { avocet, change, plover, then } from '../test-helpers/demos'
import { buildPage } from './build-page'

const page = buildPage(avocet, then(avocet))

test('it holds the drawing, every part, every open matter and every step', () => {
  const { parts, findings, order } = then(avocet)
  expect(page).toContain('<svg')
  const plain = page.replace(/&#(\d+);/g, (_, code: string) => String.fromCharCode(Number(code)))
  for (const row of parts.rows) expect(plain).toContain(row.name)
  for (const f of findings.filter(one => one.verdict !== 'clear'))
    expect(plain).toContain(f.sentence)
  for (const step of order.steps) expect(plain).toContain(step.title)
})

test('nothing is fetched by it and nothing runs in it', () => {
  expect(page).toContain('default-src &#39;none&#39;')
  expect(page).not.toMatch(/<script|<link|<img|<iframe|\son\w+=|javascript:/i)
  // Names of markup languages are no addresses that anything is fetched from.
  const addresses = [...page.matchAll(/https?:[^"\s]+/g)].map(m => m[0])
  expect(new Set(addresses)).toEqual(new Set(['http://www.w3.org/2000/svg']))
})

test('what somebody wrote stays text', () => {
  const evil = '<img src=x onerror=alert(1)>"\'&</table><script>alert(2)</script>'
  const named = change(
    plover,
    { do: 'rename', name: evil },
    { do: 'note', note: evil },
    { do: 'setSerial', id: 'board', serial: evil },
  )
  const own = buildPage(named, then(named))
  expect(own).not.toMatch(/<img|<script/)
  expect(own).toContain('&#60;img src=x onerror=alert(1)&#62;')
})
