// What is kept from one analysis to the next never shows: kept equals cold, to the byte, whatever was
// changed in between.
import fc from 'fast-check'
import type { Build } from '../document/build'
import { isProblem } from '../document/command'
import { Memory } from '../pipeline/memory'
import { avocet, measure, plover, shelf, then, tryCommand, type Sent } from '../test-helpers/demos'
import { runs } from '../test-helpers/runs'
import { variationsOf } from '../test-helpers/variations'
import { analyse } from './analyse'

const bytes = (build: Build, memo?: Memory): string => JSON.stringify(analyse(build, memo))

const ids = plover.items.map(i => i.id)
const commands: fc.Arbitrary<Sent> = fc.oneof(
  fc
    .constantFrom(...ids)
    .chain(id =>
      fc.constantFrom<Sent>(
        { do: 'removeItem', id },
        { do: 'setState', id, state: 'later' },
        { do: 'setState', id, state: 'spare' },
        { do: 'setState', id, state: 'have' },
      ),
    ),
  fc
    .record({
      p: fc.constantFrom(...shelf),
      n: fc.integer({ min: 1, max: 3 }),
      state: fc.constantFrom('have', 'wanted'),
    })
    .map(({ p, n, state }): Sent => ({
      do: 'addItem',
      item: { id: `${p.kind}-${n}`, part: p, state },
    })),
  fc.constantFrom(...ids).chain(id => {
    const kind = plover.items.find(i => i.id === id)?.part.kind
    return fc
      .constantFrom(...shelf.filter(p => p.kind === kind))
      .map((p): Sent => ({ do: 'swapPart', id, part: p, figures: {} }))
  }),
  fc
    .record({
      at: fc.constantFrom(
        ['cooler', 'height'],
        ['case', 'coolerRoom'],
        ['supply', 'cables.0.length'],
        ['case', 'tray.roomX'],
        ['sata', 'length'],
      ),
      mm: fc.integer({ min: 40, max: 320 }),
    })
    .map(({ at: [id = '', path = ''], mm }) => measure(id, path, mm)),
  fc
    .constantFrom(...then(plover).joints.map(j => j.id))
    .chain(id =>
      fc.constantFrom<Sent>(
        { do: 'make', ids: [id] },
        { do: 'prove', ids: [id] },
        { do: 'unprove', ids: [id] },
      ),
    ),
  fc
    .constantFrom(...then(plover).findings.map(f => f.id))
    .chain(id => fc.constantFrom<Sent>({ do: 'accept', id, reason: 'r' }, { do: 'unaccept', id })),
  fc.constantFrom<Sent>(
    { do: 'chooseSchool', school: 'quiet' },
    { do: 'chooseSchool', school: 'roomy' },
    { do: 'rename', name: 'Snipe' },
    { do: 'make', ids: ['task:bench'] },
  ),
)

/**
 * Does commands one after the other with one memo, each build as it comes out of the store: no
 * object is the same.
 */
function expectKeptAsCold(start: Build, list: readonly Sent[]): void {
  const memo = new Memory()
  let build = start
  analyse(build, memo)
  for (const ask of list) {
    const tried = tryCommand(build, ask)
    if (isProblem(tried)) continue
    build = tried.build
    analyse(structuredClone(build), memo)
  }
  expect(bytes(build, memo)).toBe(bytes(build))
}

test('after any commands, what was kept equals what is computed cold, to the byte', () => {
  fc.assert(
    fc.property(fc.array(commands, { maxLength: 10 }), list => expectKeptAsCold(plover, list)),
    { numRuns: runs(60) },
  )
})

/**
 * Avocet has what Plover lacks: chains, hubs, adapters, cards over ports, standoffs to take out,
 * copies of one model.
 */
const avocetCommands: fc.Arbitrary<Sent> = fc.oneof(
  fc
    .constantFrom(...avocet.items.map(i => i.id))
    .chain(id =>
      fc.constantFrom<Sent>(
        { do: 'removeItem', id },
        { do: 'setState', id, state: 'spare' },
        { do: 'setState', id, state: 'have' },
      ),
    ),
  fc.constantFrom<Sent>(
    measure('fan-3', 'lead', 300),
    measure('sata-1', 'length', 150),
    measure('card', 'length', 210),
    measure('supply', 'cables.0.length', 500),
    measure('disk-2', 'busy', 9, 'W'),
    measure('case', 'coolerRoom', 170),
  ),
  fc.constantFrom<Sent>(
    { do: 'make', ids: ['task:standoffs:board'] },
    { do: 'crossOff', ids: ['task:standoffs:board'], how: 'x' },
    { do: 'make', ids: ['sata-2/board~board/sata-3'] },
    { do: 'unprove', ids: ['task:standoffs:board'] },
  ),
  fc.constantFrom<Sent>(
    { do: 'pinJoint', plug: 'strip-12/lead', socket: 'board/led-1' },
    { do: 'pinJoint', plug: 'sata-1/board', socket: 'board/sata-4' },
    { do: 'pinJoint', plug: 'sata-1/board', socket: null },
    { do: 'chooseOrder', school: 'card-early' },
    { do: 'chooseSchool', school: 'lean' },
  ),
)
test('on Avocet as well', () => {
  fc.assert(
    fc.property(fc.array(avocetCommands, { minLength: 1, maxLength: 5 }), list =>
      expectKeptAsCold(avocet, list),
    ),
    { numRuns: runs(25), examples: [[[{ do: 'make', ids: ['task:standoffs:board'] }]]] },
  )
})

/** A part with any of its fields otherwise, counts, texts, lists and choices as well as figures. */
const fieldChanges = (build: Build): fc.Arbitrary<Sent> =>
  fc
    .constantFrom(...build.items)
    .chain(({ id, part }) =>
      fc
        .constantFrom(...variationsOf(part))
        .map(v => ({ do: 'setParts', parts: { [id]: v.part }, title: v.field })),
    )

test.each([
  ['Plover', plover, 120],
  ['Avocet', avocet, 30],
])('after any fields of any parts of %s were changed', (_, build, tries) => {
  fc.assert(
    fc.property(fc.array(fieldChanges(build), { minLength: 1, maxLength: 6 }), list =>
      expectKeptAsCold(build, list),
    ),
    { numRuns: runs(tries) },
  )
})
