// Pieces of a case come off before what needs it, stay out where that was chosen, and go on again.
import type { Build } from '../document/build'
import { change, part, teal, then } from '../test-helpers/demos'
import type { Step } from './step'

const stepsOf = (build: Build): readonly Step[] => then(build).order.steps
const find = (build: Build, kind: Step['kind'], label = ''): number =>
  stepsOf(build).findIndex(s => s.kind === kind && s.label.startsWith(label))

/** Teal as it stands when all its steps are made, one a minute. */
const standing = stepsOf(teal).reduce(
  (build, step, minute) =>
    change(build, {
      do: 'setProgress',
      entries: Object.fromEntries(
        step.marks.map(id => [
          id,
          {
            state: 'made',
            at: `2031-03-02T${String(10 + Math.floor(minute / 60))}:${String(minute % 60).padStart(2, '0')}:00.000Z`,
          } as const,
        ]),
      ),
      title: '',
    }),
  teal,
)

test('the front comes off before the radiator behind it, and goes on before the case is closed', () => {
  const radiator = stepsOf(teal).findIndex(s => s.kind === 'radiator')
  expect(find(teal, 'panels-off')).toBeLessThan(find(teal, 'piece-off', 'front'))
  expect(find(teal, 'piece-off', 'front')).toBeLessThan(radiator)
  expect(radiator).toBeLessThan(find(teal, 'piece-on', 'front'))
  expect(find(teal, 'piece-on', 'front')).toBeLessThan(find(teal, 'panels-on'))
  const off = stepsOf(teal)[find(teal, 'piece-off', 'front')]
  expect(off?.title).toBe('Take the front off the Twinlock 8')
  expect(off?.does.at(-1)).toBe('For: Weir 360.')
})

test('a cage that was chosen out comes out before anything goes in; it is left over with its screws', () => {
  const out = change(teal, { do: 'takePiece', id: 'case', piece: 'cage', out: true })
  const steps = stepsOf(out)
  const at = find(out, 'piece-off', 'cage')
  expect(steps[at]?.does).toContain('4 screws, kept together.')
  // One minute, and half of one for each of its four screws.
  expect(steps[at]?.minutes).toBe(3)
  expect(steps.findIndex(s => s.kind === 'fan')).toBeGreaterThan(at)
  expect(find(out, 'supply-in')).toBeGreaterThan(at)
  expect(find(out, 'piece-on', 'cage')).toBe(-1)
  expect(then(out).record.leftOver).toContain('drive cage with its 4 screws')
  expect(find(teal, 'piece-off', 'cage')).toBe(-1)
})

test('a finished machine with another radiator has its front off and on once more', () => {
  const open = (build: Build) =>
    stepsOf(build)
      .filter(s => ['planned', 'ready'].includes(s.progress))
      .map(s => s.kind)
  expect(open(standing)).toEqual([])
  const radiator = stepsOf(teal).find(s => s.kind === 'radiator')
  const undone = change(standing, {
    do: 'setProgress',
    entries: Object.fromEntries((radiator?.marks ?? []).map(m => [m, null])),
    title: '',
  })
  expect(open(undone)).toEqual([
    ...['panels-off', 'piece-off', 'radiator', 'piece-on'],
    ...['first-power', 'panels-on'],
  ])
})

test('an opening says each panel and its screws; a case with one panel is not told to have two', () => {
  const panels = stepsOf(teal).find(s => s.kind === 'panels-off')
  expect(panels?.title).toMatch(/both side panels off/)
  expect(panels?.does).toContain('Off: far panel: 2 screws.')
  const one = change(teal, {
    ...{ do: 'swapPart', id: 'case', figures: {} },
    part: { ...part('fenwright-reedbox-12'), id: 'other' },
  })
  expect(stepsOf(one).find(s => s.kind === 'panels-off')?.title).toMatch(/: its panel off/)
})

test('a piece that carries leads says which, and where it is laid; one of which nobody knows is looked at', () => {
  const off = (build: Build) => stepsOf(build).find(s => s.kind === 'piece-off')?.does ?? []
  expect(off(teal)[0]).toMatch(/^Look first whether leads/)
  const pc = teal.items.find(i => i.id === 'case')?.part
  if (pc?.kind !== 'case') throw new Error('Teal has no case')
  const carrying = (carries: readonly string[]): Build =>
    change(teal, {
      ...{ do: 'swapPart', id: 'case', figures: {} },
      part: {
        ...pc,
        pieces: pc.pieces?.map(p => (p.key === 'front' ? { ...p, carries: [...carries] } : p)),
      },
    })
  expect(off(carrying(['usb-c', 'usb-1']))[0]).toMatch(
    /^On it hang front USB-C and front USB, pair 1: give them slack/,
  )
  expect(off(carrying([])).join()).not.toMatch(/hang|leads/)
})
