// Long seams: runs of clear steps are one mark, and nothing that is troubled goes under.
import type { Step } from '../../core/order/step'
import { marksOf } from './seam-marks'

const step = (id: number, about: Partial<Step> = {}): Step =>
  ({
    id: `s${id}`,
    title: `Step ${id}`,
    group: 'case',
    verdict: 'clear',
    progress: 'planned',
    ...about,
  }) as Step
const many = (count: number, about: (i: number) => Partial<Step> = () => ({})): Step[] =>
  Array.from({ length: count }, (_, i) => step(i, about(i)))

test('up to eighty each step has its own mark', () => {
  expect(marksOf(many(80), null).map(m => m.count)).toEqual(Array(80).fill(1))
})

test('beyond, a run of clear ones is one mark with its count; troubled and present ones stand alone', () => {
  const steps = many(100, i => (i === 40 ? { verdict: 'stop' } : {}))
  const marks = marksOf(steps, 's60')
  expect(marks.map(m => m.count)).toEqual([40, 1, 19, 1, 39])
  expect(marks.reduce((sum, m) => sum + m.count, 0)).toBe(100)
  expect(marks.find(m => m.step.verdict === 'stop')?.count).toBe(1)
})

test('a run ends where another part of the work begins, and where what is done ends', () => {
  const steps = many(90, i => ({
    group: i < 30 ? 'table' : 'case',
    progress: i < 10 ? 'made' : 'planned',
  }))
  expect(marksOf(steps, null).map(m => m.count)).toEqual([10, 20, 60])
})

test('two of a kind are two marks: a count would say less', () => {
  const steps = many(90, i => (i % 3 === 2 ? { verdict: 'watch' } : {}))
  expect(marksOf(steps, null).every(m => m.count === 1)).toBe(true)
})
