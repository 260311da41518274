import { avocet, change, finding, flipped, part, plover, swap, then } from '../test-helpers/demos'
import { USUAL_BLOCK } from '../standards/panel'
import { pinsFor, widthOf } from './block'
import type { Board } from '../parts/board-schema'

const board = part('saltpan-inlet-2') as Board
const block = (build = plover) => {
  const [b] = then(build).panel
  if (!b) throw new Error('no block')
  return b
}

test('the usual block: 1 and 3 HDD LED, 2 and 4 power LED, 5 and 7 reset, 6 and 8 switch', () => {
  const pins = (job: string) => pinsFor(board, job).map(p => p.pin)
  expect([pins('disk-light'), pins('power-light'), pins('reset'), pins('power-switch')]).toEqual([
    [1, 3],
    [2, 4],
    [5, 7],
    [6, 8],
  ])
})

test('this case’s leads sit on their pins, lights with their polarity, switches either way', () => {
  const cells = new Map(block().turns[0]?.cells.map(c => [c.pin, c.lead]))
  expect([1, 3, 2, 4, 6, 8].map(n => [cells.get(n)?.key, cells.get(n)?.polarity])).toEqual([
    ['disk-light', '+'],
    ['disk-light', '-'],
    ['power-light', '+'],
    ['power-light', '-'],
    ['power-switch', 'either'],
    ['power-switch', 'either'],
  ])
  expect([5, 7, 9, 10].map(n => cells.get(n))).toEqual([null, null, null, null])
  expect(block().leads.map(l => [l.label, l.says])).toEqual([
    ['HDD LED', 'red wire (+) on pin 1, the other (−) on pin 3'],
    ['power LED', 'green wire (+) on pin 2, the other (−) on pin 4'],
    ['power switch', 'on pins 6 and 8, either way round'],
  ])
})

test('a quarter turn to the right: the left column becomes the top row; four bring it back', () => {
  const turn = (n: number) => new Map(block().turns[n]?.cells.map(c => [c.pin, [c.row, c.col]]))
  // Pin 1 stands at row 0, col 0 of 2 × 5; after a turn at row 0, col 1 of 5 × 2. Pin 2 (row 1, col
  // 0) comes to row 0, col 0.
  expect([turn(0).get(1), turn(1).get(1), turn(1).get(2), turn(2).get(1), turn(3).get(1)]).toEqual([
    [0, 0],
    [0, 1],
    [0, 0],
    [1, 4],
    [4, 0],
  ])
  expect(block().turns.map(t => [t.rows, t.cols])).toEqual([
    [2, 5],
    [5, 2],
    [2, 5],
    [5, 2],
  ])
})

describe('panel/plug-width', () => {
  const id = 'panel/plug-width:case:board:power-light'
  test('three wide on neighbours is watched, with the way out', () => {
    expect(finding(then(plover), id)).toMatchObject({
      verdict: 'watch',
      sentence:
        'Power LED plug of the Reedbox 12 is a 3-pin plug, its pins on the Inlet 2 take a 2-pin one',
    })
    expect(finding(then(plover), id).wayOut).toMatch(/minus contact to the middle/)
  })
  test('two wide is clear, and flips exactly it', () => {
    const pc = part('fenwright-reedbox-12') as { leads: { key: string }[] } & object
    const two = change(plover, {
      do: 'swapPart',
      id: 'case',
      part: { ...pc, leads: pc.leads.map(l => (l.key === 'power-light' ? { ...l, wide: 2 } : l)) },
      figures: { 'standoffs.supplied': { pcs: 3, basis: 'measured' } },
    })
    expect(flipped(plover, two)).toEqual([id])
  })
  test('pins with one between them want three', () => {
    expect(
      widthOf([
        { pin: 1, row: 0, col: 0, does: 'power-light+' },
        { pin: 5, row: 0, col: 2, does: 'power-light-' },
      ]),
    ).toBe(3)
  })
})

test('no board, no block; no case, empty pins', () => {
  expect(then(change(plover, { do: 'removeItem', id: 'board' })).panel).toEqual([])
  expect(block(change(plover, { do: 'removeItem', id: 'case' })).leads).toEqual([])
})

describe('one block plug for the whole front', () => {
  const tall = part('fenwright-tall-40')
  const withPlug = (
    pins?: readonly { row: number; col: number; does: string }[],
    to = 'saltpan-lagoon-6',
  ) =>
    change(avocet, swap('board', to), {
      do: 'swapPart',
      id: 'case',
      part: {
        ...tall,
        leads: [
          {
            key: 'panel',
            label: 'front-panel plug',
            face: 'panel-block',
            ...(pins ? { pins } : {}),
          },
        ],
      },
      figures: {},
    })
  const usual = USUAL_BLOCK.rows.flatMap((row, r) =>
    row.map((does, col) => ({ row: r, col, does: String(does) })),
  )
  const id = 'panel/block-map:case:board:panel'

  test('takes the block, and with it every single pin; each job is proved by it', () => {
    // Which contact is over which pin is taken as usual until somebody looks.
    expect(finding(then(withPlug()), id)).toMatchObject({ verdict: 'measure', assumed: true })
    const h = then(withPlug(usual))
    expect(h.joints.filter(j => j.face === 'panel-lead')).toEqual([])
    expect(h.joints.filter(j => j.face === 'panel-block').map(j => [j.from, j.to])).toEqual([
      ['Tall 40: front-panel plug', 'Lagoon 6: front-panel block'],
    ])
    expect(finding(h, id)).toMatchObject({
      verdict: 'clear',
      sentence: 'Front-panel plug of the Tall 40 fits the block of the Lagoon 6 pin for pin',
    })
    expect(h.panel[0]?.leads[0]).toMatchObject({
      pins: [1, 2, 3, 4, 5, 6, 7, 8],
      says: 'one plug over the whole block, its blocked hole over the missing pin',
    })
    const joint = 'case/panel~board/panel-block'
    expect(h.proof.filter(c => c.joints.includes(joint)).map(c => c.id)).toEqual([
      'proof:button',
      'proof:light:case/panel.disk-light',
      'proof:light:case/panel.power-light',
    ])
    expect(h.order.steps.filter(s => s.joints.includes(joint)).map(s => s.kind)).toEqual(['panel'])
  })

  test('a plug with its switch elsewhere stops; one with its lights turned is watched', () => {
    // Switch and reset change places: row 0 has the reset at columns 2 and 3, row 1 the power
    // switch.
    const crossed = usual.map(c =>
      c.col === 2 || c.col === 3 ? { ...c, does: c.row === 0 ? 'power-switch' : 'reset' } : c,
    )
    expect(finding(then(withPlug(crossed)), id)).toMatchObject({
      verdict: 'stop',
      sentence:
        'Front-panel plug of the Tall 40 has other contacts than the Lagoon 6 at pin 5, 6, 7, 8',
    })
    const other: Partial<Record<string, string>> = {
      'disk-light+': 'disk-light-',
      'disk-light-': 'disk-light+',
    }
    const turnedLight = usual.map(c => ({ ...c, does: other[c.does] ?? c.does }))
    expect(finding(then(withPlug(turnedLight)), id)).toMatchObject({
      verdict: 'watch',
      sentence: 'Front-panel plug of the Tall 40 has other contacts than the Lagoon 6 at pin 1, 3',
    })
  })
})
