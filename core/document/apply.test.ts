import { runs } from '../test-helpers/runs'
import fc from 'fast-check'
import {
  AT,
  change,
  curlew,
  done,
  measure,
  part,
  plover,
  teal,
  shelf,
  swap,
  tryCommand,
  type Sent,
} from '../test-helpers/demos'
import { COMMAND_NAMES, type Command as Typed } from './command-schema'
import { emptyBuild, type Build } from './build'
import { isProblem } from './command'
import { entryLine } from './log'

const bytes = (build: Build): string => JSON.stringify(build)
const problemOf = (build: Build, command: Sent): string => {
  const tried = tryCommand(build, command)
  return isProblem(tried) ? tried.problem : ''
}

const MARKS = ['board/mount~case/tray', 'task:bench', 'proof:button']
const commands: fc.Arbitrary<Sent> = fc.oneof(
  fc.record({
    do: fc.constant('confirm'),
    id: fc.constantFrom('case', 'board', 'cooler'),
    what: fc.constantFrom('places', 'more:headers', 'headers.0', 'nothing'),
    title: fc.constant('looked at'),
  }),
  fc
    .constantFrom(...plover.items.map(i => i.id))
    .chain(id =>
      fc.constantFrom<Sent>(
        { do: 'removeItem', id },
        { do: 'setState', id, state: 'spare' },
        { do: 'setState', id, state: 'have' },
        { do: 'setCondition', id, condition: 'suspect' },
        { do: 'markEnd', id, end: 'mount', mark: { as: 'reserved', why: 'for spring' } },
        { do: 'setPaid', id, paid: 12.5 },
        { do: 'setPaid', id, paid: null },
      ),
    ),
  fc
    .constantFrom(...shelf)
    .map((p, i = 0): Sent => ({ do: 'addItem', item: { id: `${p.id}.${i}`, part: p } })),
  fc.constantFrom<Sent>(
    { do: 'markEnd', id: 'board', end: 'hole:C', mark: { as: 'broken' } },
    { do: 'markEnd', id: 'board', end: 'hole:C', mark: null },
    { do: 'markEnd', id: 'board', end: 'nowhere', mark: { as: 'broken' } },
    { do: 'markEnd', id: 'cooler', end: 'mount', mark: { as: 'broken' } },
  ),
  fc.constantFrom('ottery-lowbank-47', 'ottery-highbank-120').map(id => swap('cooler', id)),
  fc.integer({ min: 20, max: 90 }).map(mm => measure('cooler', 'height', mm)),
  fc.constant<Sent>({ do: 'setFigure', id: 'cooler', path: 'height', figure: null }),
  fc.integer({ min: 20, max: 90 }).map((mm): Sent => ({
    do: 'setPartFigure',
    id: 'cooler',
    path: 'height',
    figure: { mm, basis: 'measured' },
  })),
  fc
    .constantFrom('ottery-lowbank-47', 'ottery-highbank-120')
    .map((id): Sent => ({ do: 'setParts', parts: { cooler: part(id) }, title: 'as on the shelf' })),
  fc
    .constantFrom('make', 'prove', 'crossOff')
    .chain(verb =>
      fc
        .subarray(MARKS, { minLength: 1 })
        .map((ids): Sent => ({ do: verb, ids, title: 'x', took: 3 })),
    ),
  fc.constant<Sent>({ do: 'unprove', ids: MARKS }),
  fc.constantFrom<Sent>(
    { do: 'accept', id: 'f', reason: 'known' },
    { do: 'unaccept', id: 'f' },
    { do: 'leaveOpen', id: 'd', reason: 'later' },
    { do: 'askAgain', id: 'd' },
  ),
  fc.constantFrom<Sent>(
    { do: 'choosePurpose', purpose: 'server' },
    { do: 'choosePurpose', purpose: null },
    { do: 'want', use: 'lights', wanted: true },
    { do: 'want', use: 'lights', wanted: null },
    { do: 'want', use: 'front USB', wanted: false },
    { do: 'chooseRuns', runs: 'Heron 4' },
    { do: 'chooseRuns', runs: null },
    { do: 'choosePractice', practice: 'pump', option: 'processor' },
    { do: 'choosePractice', practice: 'paste', option: 'drop' },
    { do: 'choosePractice', practice: 'pump', option: null },
    { do: 'weighOrder', weight: 'turn', minutes: 5 },
    { do: 'weighOrder', weight: 'proof', minutes: 0.1 },
    { do: 'weighOrder', weight: 'turn', minutes: null },
    { do: 'make', ids: ['fan/frame~case/top', 'cooler/mount~board/cooler'] },
  ),
  fc.constantFrom<Sent>(
    { do: 'runBeyond', id: 'processor', figure: 150 },
    { do: 'runBeyond', id: 'processor', figure: null },
    { do: 'cut', id: 'board', what: 'slots.0.open', title: 'file it' },
    { do: 'cut', id: 'case', what: 'pin' },
    { do: 'takePiece', id: 'case', piece: 'cage', out: true },
    { do: 'takePiece', id: 'case', piece: 'cage', out: false },
    { do: 'takePiece', id: 'case', piece: 'near', out: true },
    { do: 'turnPart', id: 'cooler', turned: 1 },
    { do: 'turnPart', id: 'cooler', turned: null },
    { do: 'turnPart', id: 'board', turned: 2 },
    { do: 'chooseAir', id: 'case', place: 'rear', way: 'in' },
    { do: 'chooseAir', id: 'case', place: 'rear', way: null },
    { do: 'chooseAir', id: 'case', place: 'nowhere', way: 'in' },
    { do: 'standCard', id: 'card', upright: true },
    { do: 'standCard', id: 'board', upright: true },
    { do: 'mapPanel', id: 'board', pins: [{ pin: 1, row: 0, col: 0, does: 'reset' }] },
    { do: 'mapPanel', id: 'fan', pins: [{ pin: 1, row: 0, col: 0, does: 'free' }] },
    { do: 'setJumper', id: 'board', jumper: 'JP3', stands: '2-3' },
    { do: 'setJumper', id: 'board', jumper: 'JP9', stands: '1-2' },
    { do: 'setJumper', id: 'board', jumper: 'JP3', stands: null },
    { do: 'setJumper', id: 'disk-1', jumper: 'place', stands: 'by cable' },
  ),
  fc.constantFrom<Sent>(
    { do: 'note', note: 'dry day' },
    { do: 'rename', name: 'Snipe' },
    { do: 'setBudget', budget: 900 },
    { do: 'setBudget', budget: null },
    { do: 'leaveIncluded', id: 'case', out: true },
    { do: 'leaveIncluded', id: 'case', out: false },
    { do: 'comeFitted', id: 'fan', fitted: true },
    { do: 'comeFitted', id: 'fan', fitted: false },
    { do: 'sendBack', id: 'cooler', why: 'bent pins' },
    { do: 'sendBack', id: 'board', why: 'another revision' },
    { do: 'setState', id: 'cooler', state: 'have' },
    { do: 'chooseSchool', school: 'quiet' },
    { do: 'pinJoint', plug: 'fan/lead', socket: 'board/cpu-fan' },
    { do: 'pinJoint', plug: 'fan/lead', socket: null },
  ),
)

/** Some in one go now and then. */
const mixed: fc.Arbitrary<Sent> = fc.oneof(
  { weight: 4, arbitrary: commands },
  {
    weight: 1,
    arbitrary: fc
      .array(commands, { minLength: 1, maxLength: 3 })
      .map((commands): Sent => ({ do: 'together', commands, title: 'in one go' })),
  },
)

test(
  'after any commands, taking them back one by one leads to the very bytes where it ' +
    'began, and doing them again to where it went',
  () => {
    fc.assert(
      fc.property(
        fc.constantFrom(plover, curlew, teal),
        fc.array(mixed, { maxLength: 14 }),
        (start, list) => {
          const steps: { readonly command: Sent; readonly back: Typed; readonly after: string }[] =
            []
          let build: Build = start
          for (const command of list) {
            const before = bytes(build)
            const tried = tryCommand(build, command)
            expect(bytes(build)).toBe(before) // the build given stays as it is
            if (isProblem(tried)) continue
            build = tried.build
            steps.push({ command, back: tried.back, after: bytes(build) })
            // Taken back at once and done again, it is the same to the byte.
            const back = done(build, tried.back).build
            expect(bytes(back)).toBe(before)
            expect(bytes(done(back, command).build)).toBe(bytes(build))
          }
          for (const { back, after } of steps.toReversed()) {
            expect(bytes(build)).toBe(after)
            build = done(build, back).build
          }
          expect(bytes(build)).toBe(bytes(start))
        },
      ),
      { numRuns: runs(150) },
    )
  },
)

test('several in one go: all of them, or nothing', () => {
  const wrong = {
    do: 'together',
    title: 'Both',
    commands: [
      { do: 'note', note: 'dry' },
      { do: 'removeItem', id: 'nothing' },
    ],
  }
  expect(problemOf(plover, wrong)).toBe(
    'Both: No item "nothing" in Plover. It may have been removed elsewhere meanwhile. Nothing was changed.',
  )
  expect(problemOf(plover, { do: 'together', title: 'Nested', commands: [wrong] })).toMatch(
    /"together" cannot be done/,
  )
})

test('an item that comes without an id is named after its kind, and numbered', () => {
  const more = change(
    plover,
    { do: 'addItem', item: { part: part('ottery-breeze-120') } },
    { do: 'addItem', item: { part: part('ottery-breeze-120') } },
  )
  expect(more.items.slice(-2).map(i => i.id)).toEqual(['fan-2', 'fan-3'])
})

test('a plug joined by hand leaves where it was, and what held the socket lets go; all of it comes back', () => {
  const before = change(
    plover,
    { do: 'pinJoint', plug: 'fan/lead', socket: 'board/fan-1' },
    { do: 'make', ids: ['cooler/fan~board/cpu-fan', 'fan/lead~board/fan-1', 'task:bench'] },
    { do: 'pinJoint', plug: 'cooler/fan', socket: 'board/cpu-fan' },
  )
  const { build, back } = done(before, {
    do: 'pinJoint',
    plug: 'fan/lead',
    socket: 'board/cpu-fan',
  })
  expect(build.choices.pins).toEqual({ 'fan/lead': 'board/cpu-fan' })
  expect(Object.keys(build.progress)).toEqual(['task:bench'])
  expect(bytes(done(build, back).build)).toBe(bytes(before))
})

describe('every command is one line that a person can read', () => {
  test.each<[Sent, string]>([
    [measure('case', 'coolerRoom', 166.5), 'Measured cooler room of Reedbox 12: 166.5 mm'],
    [swap('cooler', 'ottery-lowbank-47'), 'Swapped Lowbank 65 for Lowbank 47'],
    [{ do: 'setState', id: 'supply', state: 'have' }, 'S300: have'],
    [{ do: 'make', ids: ['a~b'], title: 'Seat the T2-65' }, 'Done: Seat the T2-65'],
    [
      { do: 'crossOff', ids: ['a~b'], title: 'Shield', how: 'fixed on' },
      'Skipped: Shield (fixed on)',
    ],
    [
      { do: 'accept', id: 'x', title: 'Standoffs', reason: 'bought' },
      'Accepted: Standoffs (bought)',
    ],
    [{ do: 'setPaid', id: 'board', paid: 100 }, 'Inlet 2: paid 100.00 EUR'],
    [{ do: 'rename', name: 'Snipe' }, 'Renamed Plover to Snipe'],
    [{ do: 'setBudget', budget: 900 }, 'Budget 900.00 EUR'],
  ])('%j', (command, line) => {
    const { entry } = done(plover, command)
    expect([entry.at, entryLine(entry)]).toEqual([AT, line])
  })
  test('taken back, done again, told by version 1, or by a version yet to come: each says so', () => {
    const { entry } = done(plover, { do: 'rename', name: 'Snipe' })
    expect(entryLine({ ...entry, way: 'undo' })).toBe('Took back: Renamed Plover to Snipe')
    expect(entryLine({ ...entry, way: 'redo' })).toBe('Did again: Renamed Plover to Snipe')
    expect(entryLine({ at: AT, line: 'S300: have' })).toBe('S300: have')
    expect(entryLine({ at: AT, command: { do: 'fly' }, about: {} })).toBe(
      'A change of another version (fly)',
    )
  })
})

describe('what cannot be done is a sentence with the place and the remedy', () => {
  test.each<[Sent, RegExp]>([
    [{ do: 'removeItem', id: 'ghost' }, /No item "ghost" in Plover/],
    [
      { do: 'addItem', item: { id: 'board', part: part('saltpan-inlet-3') } },
      /already has an item "board".*another id/,
    ],
    [{ do: 'addItem', item: { id: 'a/b', part: part('saltpan-inlet-3') } }, /letters, digits/],
    [
      swap('cooler', 'saltpan-inlet-3'),
      /Lowbank 65 is a cooler; Inlet 3 is a board.*like for like/,
    ],
    [{ do: 'setState', id: 'board', state: 'lost' }, /"setState" cannot be done/],
    [{ do: 'setFigure', id: 'cooler', path: 'wings', figure: { mm: 3 } }, /no figure "wings"/],
    [{ do: 'setFigure', id: 'cooler', path: 'height', figure: { W: 3 } }, /given in mm/],
    [measure('cooler', 'height', -4), /cannot be -4 mm/],
    [
      { do: 'setFigure', id: 'supply', path: 'cables.9.length', figure: { mm: 3 } },
      /has no "cables.9.length"/,
    ],
    [{ do: 'accept', id: 'x', reason: '  ' }, /give a reason/],
    [{ do: 'rename', name: ' ' }, /needs a name/],
    [{ do: 'fly' }, /knows no command "fly"/],
  ])('%j', (command, sentence) => {
    expect(problemOf(plover, command)).toMatch(sentence)
  })
})

test('a swap forgets what was measured on the old copy, and undo brings it back', () => {
  const swapped = change(
    plover,
    measure('cooler', 'height', 64),
    swap('cooler', 'ottery-lowbank-47'),
  )
  expect(swapped.items.find(i => i.id === 'cooler')?.figures).toEqual({})
})

test('a removed item comes back to its place', () => {
  const { build, back } = done(plover, { do: 'removeItem', id: 'cooler' })
  expect(change(build, back).items.map(i => i.id)).toEqual(plover.items.map(i => i.id))
})

test('what is not proved any more is made again when it is a joint, open when it is a point of a list', () => {
  const build = change(
    plover,
    { do: 'prove', ids: ['proof:button', 'a/x~b/y'] },
    { do: 'unprove', ids: ['proof:button', 'a/x~b/y'] },
  )
  expect(build.progress['proof:button']).toBeUndefined()
  expect(build.progress['a/x~b/y']?.state).toBe('made')
})

test('an empty build has every choice at its default', () => {
  expect(emptyBuild('a', 'A').choices).toEqual({
    school: 'lean',
    orderSchool: 'board-first',
    orderPins: [],
    pins: {},
    leftOpen: {},
    accepted: {},
  })
  expect(new Set(COMMAND_NAMES).size).toBe(COMMAND_NAMES.length)
})

test('a figure that holds for every copy changes all items of that model, and no other', () => {
  const two = change(plover, {
    do: 'addItem',
    item: { id: 'fan-2', part: part('ottery-breeze-80'), state: 'have' },
  })
  const after = change(two, {
    do: 'setPartFigure',
    id: 'fan',
    path: 'amps',
    figure: { A: 0.14, basis: 'measured' },
  })
  expect(
    after.items
      .filter(
        i => JSON.stringify(i.part) !== JSON.stringify(two.items.find(b => b.id === i.id)?.part),
      )
      .map(i => i.id),
  ).toEqual(['fan', 'fan-2'])
  expect(problemOf(plover, { do: 'setPartFigure', id: 'fan', path: 'wings', figure: 1 })).toMatch(
    /has no figure "wings"/,
  )
  expect(
    problemOf(plover, { do: 'setPartFigure', id: 'fan', path: 'amps', figure: { mm: 3 } }),
  ).toMatch(/is given in A/)
  expect(
    problemOf(plover, { do: 'setParts', parts: { fan: part('ottery-lowbank-65') }, title: 'x' }),
  ).toMatch(/Swap like for like/)
})

test(
  'items named like what every object knows are items like any other, also when a ' +
    'figure of others is taken back',
  () => {
    const named = change(
      plover,
      { do: 'addItem', item: { id: 'constructor', part: part('ottery-breeze-120') } },
      { do: 'addItem', item: { id: 'toString', part: part('ottery-breeze-80') } },
    )
    const figure = { mm: 64, basis: 'measured' }
    const { build, back } = done(named, {
      do: 'setPartFigure',
      id: 'cooler',
      path: 'height',
      figure,
    })
    expect(bytes(done(build, back).build)).toBe(bytes(named))
    const removed = done(named, { do: 'removeItem', id: 'constructor' })
    expect(bytes(done(removed.build, removed.back).build)).toBe(bytes(named))
  },
)
