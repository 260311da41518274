// How the leads of the demos are dressed: a shoebox of one room, a tower with a chamber and stated ties.
import { avocet, change, plover, then } from '../test-helpers/demos'

const sides = then(avocet).dressing.sides
const of = (side: string) => sides.find(s => s.side === side)

test('a shoebox has one side, and dressing it takes 12 minutes', () => {
  const { dressing } = then(plover)
  expect(dressing.sides.map(s => s.side)).toEqual(['near'])
  // Eleven leads, two holes, no ties: 3 + 11 × 0.75 + 2 × 0.6.
  expect(dressing.sides[0]?.leads).toHaveLength(11)
  expect(dressing.minutes).toBe(12)
})

test('a tower takes its leads behind the tray first, the thickest undermost', () => {
  expect(sides.map(s => s.side)).toEqual(['behind', 'near'])
  expect(
    of('behind')
      ?.leads.map(l => l.id)
      .slice(0, 2),
  ).toEqual(['supply/main.1', 'supply/card-1.1'])
})

test('leads are tied at the points of the case that they pass', () => {
  expect(of('behind')?.ties.map(t => t.label)).toEqual([
    'beside the upper side hole',
    'beside the lower side hole',
    'over the opening behind the supply',
  ])
  // The opening is where all that comes up from the supply passes.
  const over = of('behind')?.ties.find(t => t.label.startsWith('over the opening'))
  expect(over?.leads.some(l => l.startsWith('24-pin main power'))).toBe(true)
  expect(of('near')?.ties).toEqual([])
})

test('what is over is stowed where the lead goes, and a drive keeps what it needs to slide out', () => {
  // 750 of 625: the rest lies behind the tray and is told there only.
  const long = sides.map(s => s.leads.find(l => l.id === 'supply/cpu-1.1'))
  expect(long.map(l => l?.notes.length)).toEqual([1, 0])
  expect(long[0]?.notes[0]).toMatch(/^about 130.mm over: folded here$/)
  const disks = of('near')?.leads.filter(l => l.to.includes('R3 8 TB')) ?? []
  expect(disks).toHaveLength(4)
  for (const disk of disks)
    expect(disk.notes.join()).toMatch(
      /leave 80.mm of it at the R3 8 TB|unplug it before the R3 8 TB/,
    )
})

test('where a case says nothing of ties there is one every 150 mm', () => {
  const pc = plover.items.find(i => i.part.kind === 'case')
  if (!pc) throw new Error('no case')
  const { ties: _, ...silent } = { ties: [], ...pc.part }
  const said = change(plover, { do: 'swapPart', id: pc.id, part: silent, figures: {} })
  const [near] = then(said).dressing.sides
  const longest = Math.max(...(near?.leads.map(l => l.mm) ?? []))
  expect(near?.ties).toHaveLength(Math.floor(longest / 150))
})
