// Data of a part is put right for one copy, for a build, for the shelf; what comes with parts is added.
import { part } from '../../core/test-helpers/demos'
import type { Part } from '../../core/parts'
import { newDesk, problem, state as stateOf } from './test-helpers/hand'

const FAN = part('ottery-breeze-120')
const pc = (includes: Part['includes']): Part => ({
  ...part('brackwater-harbour-4'),
  id: 'own-case',
  includes,
})

async function opened(...parts: readonly Part[]) {
  const { desk } = newDesk()
  const made = await desk.send({ act: 'create', name: 'New' })
  stateOf(made)
  const build = (made as { readonly build: string | null }).build ?? ''
  for (const own of parts)
    stateOf(await desk.send({ act: 'run', build, command: { do: 'addItem', item: { part: own } } }))
  const mend = (item: string, own: unknown, where: 'copy' | 'build' | 'shelf') =>
    desk.send({ act: 'mendPart', build, item, part: own, where })
  const partsOf = async () =>
    (await desk.state()).build?.items.map(i => [i.id, i.part.id, i.part.price]) ?? []
  return { desk, build, mend, partsOf }
}

describe('data that is put right', () => {
  test('of one copy: the other and the shelf stay', async () => {
    const { desk, mend, partsOf } = await opened(FAN, FAN)
    stateOf(await mend('fan-2', { ...FAN, price: 99 }, 'copy'))
    expect(await partsOf()).toEqual([
      ['fan', FAN.id, FAN.price],
      ['fan-2', `${FAN.id}-own`, 99],
    ])
    expect(desk.shelf.part(FAN.id)).toEqual(FAN)
    expect((await desk.state()).newer).toEqual([])
  })
  test('of all in the build: the shelf stays, and nothing is said of it', async () => {
    const { desk, mend, partsOf } = await opened(FAN, FAN)
    stateOf(await mend('fan', { ...FAN, price: 99 }, 'build'))
    expect((await partsOf()).map(([, , price]) => price)).toEqual([99, 99])
    expect(desk.shelf.part(FAN.id)?.price).toBe(FAN.price)
    // Once more: it is a part of its own already.
    stateOf(await mend('fan', { ...FAN, id: `${FAN.id}-own`, price: 98 }, 'build'))
    expect(await partsOf()).toEqual([
      ['fan', `${FAN.id}-own`, 98],
      ['fan-2', `${FAN.id}-own`, 98],
    ])
  })
  test('on the shelf too, taken back as one step', async () => {
    const { desk, build, mend, partsOf } = await opened(FAN)
    stateOf(await mend('fan', { ...FAN, price: 99 }, 'shelf'))
    expect([(await partsOf())[0]?.[2], desk.shelf.part(FAN.id)?.price]).toEqual([99, 99])
    stateOf(await desk.send({ act: 'undo', of: build }))
    expect([(await partsOf())[0]?.[2], desk.shelf.part(FAN.id)]).toEqual([FAN.price, FAN])
  })
  test('what the shelf knows otherwise besides stays', async () => {
    const { desk, mend } = await opened(FAN)
    stateOf(await desk.send({ act: 'keepPart', part: { ...FAN, lead: 333 } }))
    stateOf(await mend('fan', { ...FAN, price: 99 }, 'shelf'))
    expect(desk.shelf.part(FAN.id)).toMatchObject({ price: 99, lead: 333 })
    expect((await desk.state()).newer).toEqual(['fan'])
  })
  test('what is not whole, and what is gone, change nothing', async () => {
    const { mend } = await opened(FAN)
    expect(problem(await mend('fan', { kind: 'fan' }, 'build'))).toMatch(/not whole yet/)
    expect(problem(await mend('gone', FAN, 'copy'))).toMatch(/not in the build any more/)
  })
})

describe('what comes with parts', () => {
  const own = { kind: 'fan', id: 'case-fan', model: 'Case fan', size: '120' }
  test('is added once for each, in one step', async () => {
    const { desk, build } = await opened(pc([{ count: 3, part: own }]))
    expect((await desk.state()).analysis?.horizons.then.parts.missing).toMatchObject([{ count: 3 }])
    const after = stateOf(await desk.send({ act: 'addIncluded', build, items: ['case'] }))
    expect(after.build?.items.map(i => i.part.model)).toEqual([
      pc([]).model,
      ...['Case fan', 'Case fan', 'Case fan'],
    ])
    expect(after.analysis?.horizons.then.parts).toMatchObject({ missing: [], unpriced: 0 })
    expect(problem(await desk.send({ act: 'addIncluded', build, items: ['case'] }))).toMatch(
      /is in the build already/,
    )
    const back = stateOf(await desk.send({ act: 'undo', of: build }))
    expect(back.build?.items).toHaveLength(1)
  })
})

describe('a part that leaves, or gives way to another', () => {
  const own = { kind: 'fan', id: 'case-fan', model: 'Case fan', size: '120' }

  test('takes what came with it along, and one step back brings all of it again', async () => {
    const { desk, build, partsOf } = await opened(pc([{ count: 2, part: own }]), FAN)
    stateOf(await desk.send({ act: 'addIncluded', build, items: ['case'] }))
    const before = (await desk.state()).build
    stateOf(await desk.send({ act: 'takeOut', build, item: 'case' }))
    expect(await partsOf()).toEqual([['fan', FAN.id, FAN.price]])
    stateOf(await desk.send({ act: 'undo', of: build }))
    expect((await desk.state()).build).toEqual(before)
  })
  test('what was left out of the old is not held against the new', async () => {
    const { desk, build } = await opened(pc([{ count: 2, part: own }]))
    const command = { do: 'leaveIncluded' as const, id: 'case', out: true }
    stateOf(await desk.send({ act: 'run', build, command }))
    const before = (await desk.state()).build
    const other = part('brackwater-quay-30')
    stateOf(await desk.send({ act: 'swapFor', build, item: 'case', part: other.id }))
    const [now, ...fans] = (await desk.state()).build?.items ?? []
    expect([now?.part.id, now?.bare]).toEqual([other.id, undefined])
    expect(fans.map(i => i.part.kind)).toEqual(['fan', 'fan'])
    stateOf(await desk.send({ act: 'undo', of: build }))
    expect((await desk.state()).build).toEqual(before)
    expect(problem(await desk.send({ act: 'swapFor', build, item: 'case', part: 'none' }))).toMatch(
      /not on the shelf/,
    )
  })
})
