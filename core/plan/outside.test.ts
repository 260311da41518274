// What stands outside: where a picture comes out, which port is fast, what sticks out, what is lent.
import type { Build } from '../document/build'
import { openFile } from '../document/open'
import { isProblem } from '../document/command'
import { remediesFor } from '../remedies/remedies'
import { analyse } from '../analysis/analyse'
import { change, part, shelf, then } from '../test-helpers/demos'
import { altered, buildOf, TOWER, type Fields, type Machine } from '../test-helpers/planted-machine'

const ofRule = (build: Build, rule: string) => then(build).findings.filter(f => f.rule === rule)
const socketOf = (build: Build, plug: string): string | undefined =>
  then(build)
    .joints.find(j => j.plug === plug)
    ?.id.split('~')[1]

const HDMI = { key: 'hdmi', label: 'HDMI', face: 'hdmi', ofProcessor: true }
const monitor = (face: string): Fields => ({
  ...{ kind: 'device', id: 'view', model: 'View', does: 'monitor' },
  plugs: [{ key: 'picture', label: 'picture lead', face }],
})
const GRAPHICS: Fields = {
  ...{ ...part('strandline-ripple-70'), power: [] },
  rear: [{ key: 'out', label: 'HDMI', face: 'hdmi' }],
}
const shown = (about: Machine): Build =>
  buildOf(altered(TOWER, { view: monitor('hdmi'), ...about }))

describe('where a picture comes out', () => {
  const board = { rear: [HDMI] }
  test('a processor that draws: on the board, live', () => {
    const build = shown({ board, processor: { picture: true } })
    expect(socketOf(build, 'view/picture')).toBe('board/hdmi')
    expect(ofRule(build, 'joints/monitor')).toMatchObject([{ verdict: 'clear' }])
    expect(then(build).proof.find(c => c.id === 'proof:monitor')?.do).toMatch(
      /HDMI of the Lagoon 6/,
    )
  })
  test('with a card: on the card; with no socket free there, on the board, off until set', () => {
    const build = shown({ board, processor: { picture: true }, card: GRAPHICS })
    expect(socketOf(build, 'view/picture')).toBe('card/out')
    const blind = { ...GRAPHICS, rear: [] }
    const onBoard = shown({ board, processor: { picture: true }, card: blind })
    expect(socketOf(onBoard, 'view/picture')).toBe('board/hdmi')
    expect(ofRule(onBoard, 'joints/monitor')).toMatchObject([
      {
        verdict: 'watch',
        sentence: expect.stringContaining('off while a graphics card') as string,
      },
    ])
  })
  test('a processor that draws none: the board’s socket is dead, and nothing is planned there', () => {
    const build = shown({ board, processor: { picture: false } })
    expect(socketOf(build, 'view/picture')).toBeUndefined()
    const [open] = ofRule(build, 'joints/unmet').filter(f => f.parts.includes('view'))
    expect(JSON.stringify(open)).toMatch(/is dead: the processor draws no picture/)
  })
  test('a processor of which nobody knows whether it draws: asked, not taken for clear', () => {
    const build = shown({ board, processor: { picture: null } })
    expect(ofRule(build, 'joints/monitor')).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'processor', path: 'picture' }] },
    ])
  })
  test('a picture of the board’s own chip does not depend on the processor', () => {
    const own = shown({
      board: { rear: [{ ...HDMI, ofProcessor: false }] },
      processor: { picture: false },
    })
    expect(socketOf(own, 'view/picture')).toBe('board/hdmi')
  })
  test('a horizon without the wanted card has the monitor on the board', () => {
    const build = shown({ board, processor: { picture: true }, card: GRAPHICS })
    const wanted = change(build, { do: 'setState', id: 'card', state: 'wanted' })
    const { now, then: later } = analyse(wanted).horizons
    const at = (h: typeof now) => h.joints.find(j => j.plug === 'view/picture')?.to
    expect([at(now), at(later)]).toEqual(['Lagoon 6: HDMI', 'Ripple 70: HDMI'])
  })
})

test.each([
  ['dvi', 'dvi'],
  ['monitor-9', 'monitor-9'],
  ['din-5', 'din-5'],
  ['aerial', 'aerial'],
  ['optical', 'optical'],
  ['parallel-25', 'parallel-25'],
  ['serial-9', 'serial-9'],
  ['esata', 'esata'],
])('a device with a plug for %s finds that socket on a card', (face, socket) => {
  const card = {
    ...{ ...part('hollin-net-10'), rear: [{ key: 'there', label: 'there', face: socket }] },
  }
  expect(socketOf(shown({ card, view: monitor(face) }), 'view/picture')).toBe('card/there')
})

describe('ports and their speed', () => {
  const PORTS = [
    { key: 'fast', label: 'fast', face: 'usb-a', gigabits: 10 },
    { key: 'slow', label: 'slow', face: 'usb-a', gigabits: 0.48 },
  ]
  const usb = (about: Fields): Fields => ({
    ...{ kind: 'device', id: 'd', model: 'Device', does: 'other' },
    plugs: [{ key: 'usb', label: 'plug', face: 'usb-a', ...about }],
  })
  const on = (view: Fields, rear: readonly Fields[] = PORTS): Build =>
    buildOf(altered(TOWER, { board: { rear }, view }))

  test('the fast one gets the fast port, the old one the slow one', () => {
    expect(socketOf(on(usb({ gigabits: 10 })), 'view/usb')).toBe('board/fast')
    expect(socketOf(on(usb({ avoidsFast: true })), 'view/usb')).toBe('board/slow')
    expect(ofRule(on(usb({ avoidsFast: true })), 'joints/outer-speed')).toMatchObject([
      { verdict: 'clear' },
    ])
  })
  test('where only the wrong one is there, it is said', () => {
    const [fast, slow] = PORTS
    const said = (view: Fields, port: Fields | undefined) =>
      ofRule(on(view, port ? [port] : []), 'joints/outer-speed')
    expect(said(usb({ gigabits: 10 }), slow)).toMatchObject([{ verdict: 'watch' }])
    expect(said(usb({ avoidsFast: true }), fast)).toMatchObject([{ verdict: 'watch' }])
    expect(said(usb({ gigabits: 10 }), { ...fast, gigabits: undefined })).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'board', path: 'rear' }] },
    ])
  })
  test('how many are left', () => {
    const left = then(on(usb({ gigabits: 10 }))).outside.filter(r => r.name === 'Lagoon 6')
    expect(left.map(r => [r.says, r.used, r.total])).toEqual([
      ['USB-A socket, 0.5 Gb/s', 0, 1],
      ['USB-A socket, 10 Gb/s', 1, 1],
    ])
  })
})

describe('a stick that sticks out', () => {
  const board = { rear: [{ key: 'usb', label: 'USB', face: 'usb-a', gigabits: 5 }] }
  const long = (sticksOut: number | null): Build =>
    buildOf(altered(TOWER, { board, stick: { ...part('pennick-stick-32'), sticksOut } }))
  test('60 mm: it will be knocked against; 6 mm: not; not stated: measured', () => {
    expect(ofRule(long(6), 'fit/protruding')).toMatchObject([{ verdict: 'clear' }])
    expect(ofRule(long(null), 'fit/protruding')).toMatchObject([{ verdict: 'measure' }])
    const [found] = ofRule(long(60), 'fit/protruding')
    expect(found?.verdict).not.toBe('clear')
    expect(found?.wayOut).toMatch(/socket inside the case/)
  })
  test('a socket inside the case is where it goes, once there is one; a keyboard stays outside', () => {
    const keys = { kind: 'device', id: 'k', model: 'Keys', does: 'keyboard' }
    const build = buildOf(
      altered(TOWER, {
        board: { rear: [...board.rear, { ...board.rear[0], key: 'usb-2', label: 'USB 2' }] },
        stick: { ...part('pennick-stick-32'), sticksOut: 60 },
        inner: { ...part('hollin-usb-inner') },
        keys: { ...keys, plugs: [{ key: 'usb', label: 'plug', face: 'usb-a' }] },
      }),
    )
    expect(socketOf(build, 'stick/plug')).toMatch(/^inner\//)
    expect(socketOf(build, 'keys/usb')).toMatch(/^board\//)
    expect(ofRule(build, 'fit/protruding')).toEqual([])
  })
})

test('sockets of a slot bracket work once its lead is plugged, and are fed over it', () => {
  const bracket = {
    ...{ ...part('hollin-bracket-usb2') },
    rear: [{ key: 'usb', label: 'USB', face: 'usb-a', gigabits: 0.48 }],
  }
  const keys = {
    ...{ kind: 'device', id: 'k', model: 'Keys', does: 'keyboard' },
    plugs: [{ key: 'usb', label: 'plug', face: 'usb-a', amps: 0.1 }],
  }
  const build = buildOf(altered(TOWER, { board: { rear: [] }, bracket, keys }))
  expect(socketOf(build, 'keys/usb')).toBe('bracket/usb')
  expect(
    then(build).joints.some(j => j.id.startsWith('bracket/') && j.id.includes('board/usb2')),
  ).toBe(true)
})

describe('lent for the set-up', () => {
  const blind = buildOf(
    altered(TOWER, { processor: { picture: false }, card: GRAPHICS }),
    {},
    { copies: { card: { state: 'lent' } }, choices: { purpose: 'server' } },
  )
  test('it joins in both horizons, costs nothing, and goes back by a step before closing', () => {
    const { now, then: later } = analyse(blind).horizons
    for (const h of [now, later]) {
      expect(h.joints.some(j => j.items.includes('card'))).toBe(true)
      const steps = h.order.steps.map(s => s.kind)
      expect(steps.indexOf('give-back')).toBeGreaterThan(steps.indexOf('first-power'))
      expect(steps.indexOf('give-back')).toBeLessThan(steps.indexOf('panels-on'))
    }
    const bought = change(blind, { do: 'setState', id: 'card', state: 'have' })
    expect(then(bought).parts.total - then(blind).parts.total).toBe(GRAPHICS['price'])
  })
  test('what stands outside is given back after it was plugged, and shows no price', () => {
    const build = buildOf(
      altered(TOWER, { board: { rear: [HDMI] }, view: { ...monitor('hdmi'), price: 90 } }),
      {},
      { copies: { view: { state: 'lent' } } },
    )
    const { order, parts } = then(build)
    const at = (kind: string) => order.steps.findIndex(s => s.kind === kind)
    expect(at('give-back')).toBeGreaterThan(at('outer-plug'))
    expect(at('give-back')).toBeLessThan(at('record'))
    expect(order.steps[at('give-back')]?.title).toBe('Unplug the View and give it back')
    expect(parts.rows.find(r => r.id === 'view')?.costs).toBeNull()
  })
  test('given back, it joins nothing any more', () => {
    const step = then(blind).order.steps.find(s => s.kind === 'give-back')
    const back = change(blind, { do: 'make', ids: step?.marks ?? [], title: 'given back' })
    expect(then(back).joints.some(j => j.items.includes('card'))).toBe(false)
    expect(ofRule(back, 'fit/picture')).toMatchObject([{ verdict: 'watch' }])
  })
})

test('sockets that version 4 told in words are sockets now', () => {
  const card = { ...part('hollin-net-10'), rear: undefined }
  const old = {
    ...{ format: 'juntura', version: 4 },
    parts: [
      {
        ...card,
        id: 'a',
        outputs: ['DisplayPort', 'DisplayPort', 'HDMI', '2 × USB-A 10 Gb/s', 'a lamp'],
      },
      {
        ...part('saltpan-estuary-7'),
        ...{ id: 'b', rear: [{ key: 'u', label: 'USB', face: 'usb-a', speed: '2.5 Gb/s' }] },
      },
    ],
  }
  const opened = openFile(JSON.stringify(old), 'old.juntura.json')
  if (isProblem(opened)) throw new Error(opened.problem)
  const [a, b] = opened.parts
  expect(a).toMatchObject({
    outputs: ['a lamp'],
    rear: [
      { key: 'rear-displayport-1', label: 'DisplayPort 1', face: 'displayport' },
      { key: 'rear-displayport-2', label: 'DisplayPort 2', face: 'displayport' },
      { key: 'rear-hdmi-1', label: 'HDMI', face: 'hdmi' },
      { key: 'rear-usb-a-1', label: 'USB-A 10 Gb/s 1', face: 'usb-a', gigabits: 10 },
      { key: 'rear-usb-a-2', label: 'USB-A 10 Gb/s 2', face: 'usb-a', gigabits: 10 },
    ],
  })
  expect(b).toMatchObject({ rear: [{ key: 'u', gigabits: 2.5 }] })
})

test('an inner socket is offered as a fix for a stick that sticks out', () => {
  const board = { rear: [{ key: 'usb', label: 'USB', face: 'usb-a', gigabits: 5 }] }
  const build = buildOf(
    altered(TOWER, { board, stick: { ...part('pennick-stick-32'), sticksOut: 60 } }),
  )
  const [found] = ofRule(build, 'fit/protruding')
  const fixes = remediesFor(build, 'then', found?.id ?? '', shelf)
  expect(fixes.map(f => f.title)).toContain('Add the Inner USB socket')
})
