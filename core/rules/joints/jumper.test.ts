// Jumpers that what is in the machine decides: display, coprocessor, battery.
import { change, part, then, tryCommand } from '../../test-helpers/demos'
import { buildOf, type Fields, type Machine } from '../../test-helpers/planted-machine'

const FORD: Machine = {
  board: { ...part('saltpan-ford-33') },
  processor: { ...part('quillmark-grebe-33') },
}
const with_ = (more: Machine, jumpers: Readonly<Record<string, string>>) =>
  then(buildOf({ ...FORD, ...more }, {}, { copies: { board: { jumpers } } }))
const said = (h: ReturnType<typeof with_>, label: string) =>
  h.findings.filter(f => f.id === `joints/jumper:board:${label}`)
const display = (about: Fields): Machine => ({
  display: { ...part('marram-isa-mono'), ...about },
})

test('the display jumper says what the display card is', () => {
  expect(said(with_(display({}), { JP3: '2-3' }), 'JP3')).toMatchObject([{ verdict: 'clear' }])
  expect(said(with_(display({}), { JP3: '1-2' }), 'JP3')).toMatchObject([
    { verdict: 'stop', wayOut: expect.stringContaining('JP3 at 2-3') as string },
  ])
  expect(said(with_(display({}), {}), 'JP3')).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'board', path: 'jumpers' }] },
  ])
  expect(said(with_(display({ display: undefined }), { JP3: '1-2' }), 'JP3')).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'display', path: 'display' }] },
  ])
  expect(said(with_({}, { JP3: '1-2' }), 'JP3')).toEqual([])
})
test('a position that nobody explained is asked for, not held against anything', () => {
  const jumpers = (FORD['board']?.['jumpers'] as readonly Fields[]).map(j => ({
    ...j,
    positions: (j['positions'] as readonly Fields[]).map(({ pins, means }) => ({ pins, means })),
  }))
  const mute = then(
    buildOf(
      { ...FORD, ...display({}), board: { ...FORD['board'], jumpers } },
      {},
      {
        copies: { board: { jumpers: { JP3: '1-2' } } },
      },
    ),
  )
  expect(said(mute, 'JP3')).toMatchObject([{ verdict: 'measure', asks: [{ path: 'jumpers' }] }])
})
test('a coprocessor in its socket, or none', () => {
  const beside = { beside: { ...part('quillmark-grebe-c33') } }
  expect(with_(beside, {}).joints.map(j => j.id)).toContain('beside/seat~board/coprocessor')
  expect(said(with_(beside, { JP7: 'closed' }), 'JP7')).toMatchObject([{ verdict: 'clear' }])
  expect(said(with_(beside, { JP7: 'open' }), 'JP7')).toMatchObject([{ verdict: 'watch' }])
  expect(said(with_({}, { JP7: 'open' }), 'JP7')).toMatchObject([{ verdict: 'clear' }])
  // An empty socket asks for nothing.
  expect(with_({}, {}).findings.filter(f => f.id.includes('board/coprocessor'))).toEqual([])
})
test('an external battery, or the cell on the board', () => {
  const pack = { battery: { ...part('pennick-pack-6') } }
  expect(said(with_(pack, { JP1: '2-3' }), 'JP1')).toMatchObject([{ verdict: 'clear' }])
  expect(said(with_(pack, { JP1: '1-2' }), 'JP1')).toMatchObject([{ verdict: 'watch' }])
})
test('a jumper is a choice of the copy: set, taken back, and refused by name', () => {
  const build = buildOf({ ...FORD, disk: { ...part('sedgeline-ide-170') } })
  const set = change(build, { do: 'setJumper', id: 'disk', jumper: 'place', stands: 'second' })
  expect(set.items.find(i => i.id === 'disk')?.jumpers).toEqual({ place: 'second' })
  const back = change(set, { do: 'setJumper', id: 'disk', jumper: 'place', stands: null })
  expect(back.items.find(i => i.id === 'disk')).not.toHaveProperty('jumpers')
  const refuse = (jumper: string, stands: string) =>
    tryCommand(build, { do: 'setJumper', id: 'board', jumper, stands })
  expect(refuse('JP99', '1-2')).toMatchObject({
    problem: expect.stringContaining('no jumper') as string,
  })
  expect(refuse('JP3', '4-5')).toMatchObject({
    problem: expect.stringContaining('1-2, 2-3') as string,
  })
})
