import fc from 'fast-check'
import { intoSockets, likeSets, type CableAtSupply } from './supply-sockets'

const cable = (name: string, into: readonly string[], takes = 1): CableAtSupply => ({
  supply: 's',
  cable: name,
  into,
  takes,
})
const namesOf = (set: readonly CableAtSupply[]): readonly string[] => set.map(c => c.cable).sort()

test('each cable finds a socket, the pickier one the only one it fits', () => {
  const found = intoSockets([cable('any', ['a', 'b']), cable('picky', ['a'])])
  expect('sockets' in found && [...found.sockets]).toEqual(
    expect.arrayContaining([
      ['picky', ['a']],
      ['any', ['b']],
    ]),
  )
})

test('a cable that takes two has two of its own', () => {
  const found = intoSockets([cable('main', ['a', 'b', 'c'], 2), cable('cpu', ['a', 'b', 'c'])])
  const sockets = 'sockets' in found ? found.sockets : new Map<string, string[]>()
  expect(sockets.get('main')).toHaveLength(2)
  expect(new Set([...sockets.values()].flat()).size).toBe(3)
})

test('too many: those that compete are named, and no others', () => {
  const shared = ['1', '2']
  const found = intoSockets([
    ...['cpu', 'card-1', 'card-2'].map(name => cable(name, shared)),
    cable('sata', ['3']),
  ])
  expect('tooMany' in found && namesOf(found.tooMany)).toEqual(['card-1', 'card-2', 'cpu'])
  const all = ['cpu', 'card-1', 'card-2', 'card-3'].map(name => cable(name, shared))
  const sets = 'tooMany' in found ? likeSets(found.tooMany, all) : []
  // Any three of the four.
  expect(sets.map(s => namesOf(s).join())).toHaveLength(4)
})

test('against trying all ways', () => {
  const SOCKETS = ['a', 'b', 'c']
  /** Whether rows can be put into sockets of their own, by trying every one. */
  const canBe = (rows: readonly (readonly string[])[], taken: readonly string[] = []): boolean => {
    const [row, ...rest] = rows
    if (!row) return true
    return row.some(s => !taken.includes(s) && canBe(rest, [...taken, s]))
  }
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.subarray(SOCKETS), fc.integer({ min: 1, max: 2 })), { maxLength: 4 }),
      wanted => {
        const cables = wanted.map(([into, takes], i) => cable(`c${i}`, into, takes))
        const rows = cables.flatMap(c => Array.from({ length: c.takes }, () => c.into))
        const found = intoSockets(cables)
        expect('sockets' in found).toBe(canBe(rows))
        if ('sockets' in found) return
        const short = found.tooMany.flatMap(c => Array.from({ length: c.takes }, () => c.into))
        expect(canBe(short)).toBe(false)
      },
    ),
  )
})
