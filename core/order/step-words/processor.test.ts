// What hands are told of this processor and this cooler.
import { part, then } from '../../test-helpers/demos'
import {
  altered,
  buildOf,
  TOWER,
  type Fields,
  type Machine,
} from '../../test-helpers/planted-machine'

const step = (machine: Machine, kind: string, condition = 'new') => {
  const build = buildOf(machine)
  const items = build.items.map(i => (i.id === kind ? { ...i, condition } : i))
  const found = then({ ...build, items } as typeof build).order.steps.find(s => s.kind === kind)
  if (!found) throw new Error(`no step of ${kind}`)
  return found
}
const withCooler = (fields: Fields): Machine => altered(TOWER, { cooler: fields })

test('contacts in the socket: real force, and the socket is hurt; pins: no force, and they are', () => {
  const socket = step(TOWER, 'processor')
  expect(socket.feel).toContain('real force')
  expect(socket.cautions.join()).toContain('The socket’s contacts bend')
  expect(socket.does.join()).toContain('The socket’s cap off now')
  const pins = step(
    altered(TOWER, { processor: { contacts: 'pins on the processor' } }),
    'processor',
  )
  expect(pins.feel).toContain('force means stop')
  expect(pins.cautions.join()).toContain('Its pins bend')
  expect(pins.does.join()).not.toContain('cap')
})

test('paste by the lid: 38 mm and 0.06 mm of it make a drop of 7 mm; once used, it is fresh', () => {
  // 38 · 38 · 0.06 = 86.6 mm³; half a ball of 6.9 mm holds π · 6.9³ / 12 = 86.
  expect(step(TOWER, 'cooler').does.join()).toContain('a drop about 7 mm across')
  const unknown = altered(TOWER, { processor: { lidWidth: undefined } })
  expect(step(unknown, 'cooler').does.join()).toContain('Paste: a drop in the middle')
  const applied = withCooler({ paste: 'applied' })
  expect(step(applied, 'cooler').does.join()).toContain('No more paste')
  expect(step(applied, 'cooler', 'known good').does.join()).toContain('Fresh paste: a drop about 7')
})

test.each([
  ['removes the board’s', 'The board’s own bracket comes off first'],
  ['keeps the board’s', 'leave that on'],
  ['brings its own', 'Its own bracket goes on first'],
])('a bracket that %s', (bracket, words) => {
  const [first] = step(withCooler({ bracket }), 'cooler').does
  expect(first).toContain(words)
  expect(first).toContain('Use the set for the TERN-2 mount')
})

test('a clip, on a socket with pins', () => {
  const clip = { ...part('kelder-lever-k5') }
  expect(
    step(altered(TOWER, { cooler: { ...clip, sockets: ['TERN-2'] } }), 'cooler').does.join(),
  ).toContain('Hook the clip')
})
