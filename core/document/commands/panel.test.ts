import { analyse } from '../../analysis/analyse'
import { change, done, plover, tryCommand, type Sent } from '../../test-helpers/demos'
import type { Build } from '../build'

const TWO = [
  { pin: 1, row: 0, col: 0, does: 'power-switch' },
  { pin: 2, row: 0, col: 1, does: 'power-switch' },
]
const map = (pins: readonly object[], id = 'board'): Sent => ({ do: 'mapPanel', id, pins })
const boardOf = (build: Build) => build.items.find(i => i.id === 'board')?.part
/** The board as one that stated nothing of its block, or whose pins were made up. */
const without = (more: object): Build => {
  const items = plover.items.map(i =>
    i.id === 'board' ? { ...i, part: { ...i.part, panel: undefined, ...more } } : i,
  )
  return { ...plover, items }
}

describe('the pins of a block, as read', () => {
  test('are what the leads are laid on, and are taken back', () => {
    const { build, back } = done(plover, map(TWO))
    const [block] = analyse(build).horizons.then.panel
    expect(block?.leads).toMatchObject([{ label: 'power switch', pins: [1, 2] }])
    expect(boardOf(change(build, ...(back ? [back] : [])))).toEqual(boardOf(plover))
  })
  test('what was only assumed is stated then', () => {
    const assumed = without({
      panel: { at: [100, 160], pins: [] },
      assumed: ['panel.pins', 'places'],
    })
    expect(boardOf(change(assumed, map(TWO)))).toMatchObject({
      assumed: ['places'],
      panel: { at: [100, 160], pins: TWO },
    })
  })
  test('a board without a known block gets one where such blocks stand, and that is assumed', () => {
    // The Inlet 2 is 170.18 mm square: 32 mm from the front, 7 from the lower edge.
    expect(boardOf(change(without({}), map(TWO)))).toMatchObject({
      assumed: ['panel.at'],
      panel: { at: [138.18, 163.18], pins: TWO },
    })
  })
  test('where nobody said where the block is, its leads are as unsure as on a board without places', () => {
    const tolOf = (build: Build): number => {
      const { routes, findings } = analyse(build).horizons.then
      const about = routes.find(r => r.id === 'case/power-switch')?.finding
      return findings.find(f => f.id === about)?.tol ?? NaN
    }
    const sure = tolOf(change(plover, map(TWO)))
    expect(tolOf(change(without({}), map(TWO)))).toBeGreaterThan(sure)
  })
  test.each([
    [map(TWO, 'fan'), /Breeze 80 is no motherboard/],
    [map([...TWO, { pin: 2, row: 1, col: 0, does: 'free' }]), /Two pins have the same number/],
    [map([...TWO, { pin: 3, row: 0, col: 1, does: 'free' }]), /the same place/],
  ])('is refused with a sentence: %#', (command, sentence) => {
    expect(tryCommand(plover, command)).toMatchObject({
      problem: expect.stringMatching(sentence) as unknown,
    })
  })
})
