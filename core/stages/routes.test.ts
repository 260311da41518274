// A lead that is not joined because it ends short is a row as well: the way that was measured, what is
// missing of it, what would reach.
import { then } from '../test-helpers/demos'
import { altered, buildOf, exact, fieldsOf, machineIn } from '../test-helpers/planted-machine'

const TOWER = machineIn(fieldsOf('brackwater-harbour-4'))
const cables = TOWER['supply']?.['cables'] as readonly Readonly<Record<string, unknown>>[]
const machine = altered(TOWER, {
  supply: {
    cables: cables.map(c => (c['key'] === 'main' ? { ...c, length: exact('mm', 200) } : c)),
  },
})

test('main power of 200 mm: not joined, drawn up to where it ends, its plug missing the rest', () => {
  const h = then(buildOf(machine))
  const row = h.routes.find(r => r.isShort)
  if (!row?.gap || row.need === null) throw new Error('no short lead')
  expect(row.to).toMatch(/\(not joined\)$/)
  expect(row).toMatchObject({ have: 200, joints: [], finding: 'joints/unmet:board:board/main' })
  expect(row.gap.mm).toBeCloseTo(row.need - 200, 3)
  // As far as 180 of its 200: 20 are slack at the plug.
  const long = (points: readonly (readonly number[])[]): number =>
    points.slice(1).reduce((sum, p, i) => {
      const q = points[i] ?? p
      return sum + Math.hypot(...p.map((v, k) => v - (q[k] ?? 0)))
    }, 0)
  expect(row.stretches.reduce((sum, s) => sum + long(s.points), 0)).toBeCloseTo(180, 2)
  expect(long(row.gap.points)).toBeCloseTo(row.gap.mm, 2)
  const [, extension] = /extension of at least (\d+)/.exec(row.gap.wanted) ?? []
  expect(Number(extension)).toBe(Math.ceil(row.gap.mm / 10) * 10)
  expect(row.next?.through).not.toEqual(row.through)
  expect(h.paths.find(p => p.id === row.id)?.gap?.text).toMatch(/^−/)
})
