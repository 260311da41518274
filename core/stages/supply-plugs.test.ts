// Where the sockets of a supply lie in the case, and what follows: the cable in each, where its lead
// begins, what a hand finds. By hand from Avocet’s figures, mm.
import { runOn } from '../analysis/analyse'
import type { Build } from '../document/build'
import { Memory } from '../pipeline/memory'
import { sides } from '../plan/joints'
import { avocet, change, then } from '../test-helpers/demos'

/** The supply of Avocet otherwise; it lies from (0, 8, 20) to (160, 94, 170), its plugs to the front. */
function withSupply(changes: (part: Readonly<Record<string, unknown>>) => object): Build {
  const item = avocet.items.find(i => i.id === 'supply')
  if (!item) throw new Error('no supply')
  const part = { ...item.part, ...changes({ ...item.part }) }
  return change(avocet, { do: 'swapPart', id: 'supply', part, figures: {} })
}
const startOf = (build: Build, lead: string) =>
  then(build).routes.find(r => r.id === lead)?.stretches[0]?.points[0]
const socketsOf = (build: Build) => then(build).supplyPlugs[0]?.sockets ?? []
const cableIn = (build: Build, key: string) => socketsOf(build).find(s => s.key === key)

test('each cable in use has a socket, and what is printed there is what the finding says', () => {
  const [plugs] = then(avocet).supplyPlugs
  expect(plugs?.edges).toEqual({
    left: 'near panel',
    right: 'far panel',
    above: 'top',
    below: 'floor',
  })
  expect(plugs?.isFanBelow).toBe(true)
  const said = then(avocet).findings.find(f => f.rule === 'power/sockets')?.sentence ?? ''
  const taken = plugs?.sockets.filter(s => s.cable !== null) ?? []
  expect(taken).toHaveLength(9)
  for (const { cable, label } of taken) expect(said).toContain(`${cable} in ${label}`)
})

test('a lead begins at its socket: 138 from the left and 28 up is 32 from the tray and 36 over the floor', () => {
  const socket = cableIn(avocet, 'cpu-card-5')
  // The leads of the processor are the scarce ones, and the opening behind the supply is low.
  expect([socket?.cable, socket?.lead]).toEqual(['cpu-1', 'supply/cpu-1.1'])
  expect(startOf(avocet, 'supply/cpu-1.1')).toEqual([160, 36, 32])
})

test('a lead that reaches from near sockets only has one, and another cable goes to the far plug', () => {
  const so = (mm: number) =>
    withSupply(({ cables }) => ({
      cables: (cables as readonly { readonly key: string; readonly length: object }[]).map(c =>
        c.key === 'cpu-1' ? { ...c, length: { ...c.length, mm } } : c,
      ),
    }))
  // From the far socket, cpu-card-5, it takes 605 to the nearer of the two plugs of the board and 20 of
  // slack, of which 45 and 73 may be wrong: 507 at the least. From cpu-card-3 it takes 589: 494.
  expect(cableIn(avocet, 'cpu-card-5')?.cable).toBe('cpu-1')
  const near = so(500)
  expect(cableIn(near, 'cpu-card-3')?.cable).toBe('cpu-1')
  expect(then(near).joints.map(j => j.id)).toEqual(
    expect.arrayContaining(['supply/cpu-2.1~board/cpu-power']),
  )
  expect(
    then(near)
      .findings.filter(f => f.verdict === 'stop')
      .map(f => f.id),
  ).toEqual(
    then(avocet)
      .findings.filter(f => f.verdict === 'stop')
      .map(f => f.id),
  )
  // From none of its sockets 480 are enough.
  const none = then(so(480)).joints.map(j => j.id)
  expect(none.filter(id => id.startsWith('supply/cpu-1'))).toEqual([])
})

test('turned over, its fan to the shroud, all of it lies the other way round', () => {
  const over = change(avocet, { do: 'turnPart', id: 'supply', turned: 2 })
  const [plugs] = then(over).supplyPlugs
  expect(plugs?.edges).toEqual({
    left: 'far panel',
    right: 'near panel',
    above: 'floor',
    below: 'top',
  })
  // The 24-pin has one socket: 36 from the left is 56 from the tray, 64 up is 30 over the floor.
  expect(startOf(over, 'supply/main.1')).toEqual([160, 30, 56])
})

test('of like sockets none that a hand finds no room at, if another is free', () => {
  const two = (up: number) =>
    withSupply(() => ({
      sockets: [
        { key: 'low', label: 'low', for: ['main-24'], at: [75, up] },
        { key: 'high', label: 'high', for: ['main-24'], at: [75, 80] },
      ],
    }))
  const [at8] = runOn(two(0), 'then', new Memory()).values({ sides }).sides.values()
  // A hand takes 12 around the socket, which is 8 over the floor: 4 are missing.
  expect(at8?.sockets.find(s => s.key === 'low')?.lacks).toBeCloseTo(4, 6)
  expect(cableIn(two(0), 'high')?.cable).toBe('main')
})

test('where one of its sockets is not stated they all leave in the middle, as if nothing were', () => {
  const some = withSupply(({ sockets }) => ({
    sockets: (sockets as readonly object[]).map((s, i) => (i === 0 ? { ...s, at: undefined } : s)),
  }))
  expect(then(some).supplyPlugs).toEqual([])
  expect(startOf(some, 'supply/cpu-1.1')).toEqual([160, 51, 95])
})
