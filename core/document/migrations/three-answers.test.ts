// What version 2 wrote wherever nothing was said is not known in version 3; what was said stays.
import { threeAnswers, eachPart } from './three-answers'

test('a supply: 18 AWG and the older guide are what a default wrote; other gauges were stated', () => {
  const cable = (gauge: number) => ({ key: `c${gauge}`, gauge, plugs: [{ face: 'main-24' }] })
  expect(
    threeAnswers({ kind: 'supply', model: 'X', guide: 'older', cables: [cable(18), cable(16)] }),
  ).toEqual({
    ...{ kind: 'supply', model: 'X' },
    cables: [{ key: 'c18', plugs: [{ face: 'main-24' }] }, cable(16)],
  })
  expect(threeAnswers({ kind: 'supply', model: 'X', guide: 'newer', cables: [] })).toEqual({
    ...{ kind: 'supply', model: 'X', guide: 'newer' },
  })
})

test('a case by a few numbers: its one wide lead was made up, its form of supply as well', () => {
  const leads = [
    { key: 'reset', label: 'reset', face: 'panel-lead', job: 'reset' },
    { key: 'usb', label: 'front USB 3', face: 'usb-3', ports: 2 },
  ]
  const was = {
    kind: 'case',
    model: 'X',
    places: 'derived',
    bays: [],
    standoffs: { fitted: [] },
    leads,
  }
  expect(threeAnswers(was)).toEqual({
    ...{ kind: 'case', model: 'X', standoffs: {}, leads: [leads[0]], partly: ['leads'] },
    assumed: ['places', 'supply.forms', 'slots'],
  })
})

test('a board by its form: places, print and pins are assumed; a rear that names no picture leaves it open', () => {
  const was = { kind: 'board', model: 'X', places: 'derived', picture: true, m2: [], headers: [] }
  const now = threeAnswers(was)
  expect(now).toMatchObject({ partly: ['headers'] })
  expect(now['assumed']).toEqual(expect.arrayContaining(['places', 'panel.pins']))
  expect('picture' in now || 'm2' in now || 'places' in now).toBe(false)
  expect(threeAnswers({ ...was, rear: [{ face: 'hdmi' }] })).toMatchObject({ picture: true })
})

test('parts are found however deep they lie: items, entries of the log, steps to be taken back', () => {
  const part = { kind: 'supply', model: 'X', guide: 'older' }
  const now = { kind: 'supply', model: 'X' }
  const deep = { items: [{ part }], log: [{ command: { do: 'together', commands: [{ part }] } }] }
  expect(eachPart(deep, threeAnswers)).toEqual({
    ...{
      items: [{ part: now }],
      log: [{ command: { do: 'together', commands: [{ part: now }] } }],
    },
  })
  // Nothing else is touched.
  expect(eachPart({ kind: 'made', name: 'x' }, threeAnswers)).toEqual({ kind: 'made', name: 'x' })
})
