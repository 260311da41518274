// Every rule of fit: both outcomes, the sum in the comment, and that its figure flips exactly it.
import {
  change,
  finding,
  flipped,
  measure,
  part,
  plover,
  swap,
  then,
} from '../../test-helpers/demos'

describe('fit/board-room', () => {
  const [depth, edge] = ['fit/board-room:board:case:depth', 'fit/board-room:board:case:edge']
  test('clear: need 170.18 (standard ± 0.25), have 180 and 185 (spec ± 1)', () => {
    // 180 − 170.18 = 9.82; 185 − 170.18 = 14.82; tolerance 0.25 + 1
    expect(finding(then(plover), depth)).toMatchObject({
      verdict: 'clear',
      need: 170.18,
      have: 180,
      margin: 9.82,
      tol: 1.25,
    })
    expect(finding(then(plover), edge)).toMatchObject({ verdict: 'clear', margin: 14.82 })
  })
  test('stop: a tray measured at 168 is 2.18 short, more than 0.25 + 0.5', () => {
    const narrow = change(plover, measure('case', 'tray.roomX', 168))
    expect(finding(then(narrow), depth)).toMatchObject({ verdict: 'stop', margin: -2.18 })
    expect(flipped(plover, narrow)).toEqual([depth])
  })
  test('not stated: a board of a form that the case takes fits, and no margin is made up', () => {
    const unsaid = change(plover, {
      do: 'swapPart',
      id: 'case',
      part: { ...part('fenwright-reedbox-12'), tray: { at: [0, 185] } },
      figures: {},
    })
    expect(finding(then(unsaid), depth)).toMatchObject({ verdict: 'clear', margin: null })
  })
})

describe('fit/cooler-height', () => {
  const id = 'fit/cooler-height:cooler:case'
  test('measure: 65 + 8 assumed = 73 of 75, margin 2 within 1 + 1 + 1', () => {
    const f = finding(then(plover), id)
    expect(f).toMatchObject({
      verdict: 'measure',
      assumed: true,
      need: 73,
      have: 75,
      margin: 2,
      tol: 3,
    })
    // passes beyond 73 + 1 + 1 + 0.5 = 75.5
    expect(f.settles[0]).toMatchObject({
      item: 'case',
      path: 'coolerRoom',
      passes: { side: 'least', value: 75.6 },
    })
    expect(f.wayOut).toMatch(/Measure the cooler room.*fits if at least 75\.6/)
  })
  test('measuring the value it names settles it, and nothing else', () => {
    const settled = change(plover, measure('case', 'coolerRoom', 75.6))
    expect(finding(then(settled), id).verdict).toBe('clear')
    expect(flipped(plover, settled)).toEqual([id])
    expect(finding(then(change(plover, measure('case', 'coolerRoom', 75.5))), id).verdict).toBe(
      'measure',
    )
  })
  test('stop: a tower of 154 needs 162', () => {
    expect(finding(then(change(plover, swap('cooler', 'ottery-highbank-120'))), id)).toMatchObject({
      verdict: 'stop',
      need: 162,
      margin: -87,
    })
  })
  test('from the lid nothing is added; from the tray board and standoff too', () => {
    const from = (coolerRoomFrom: string | null) =>
      finding(
        then(
          change(plover, {
            do: 'swapPart',
            id: 'case',
            part: { ...part('fenwright-reedbox-12'), coolerRoomFrom },
            figures: {},
          }),
        ),
        id,
      )
    expect(from('lid')).toMatchObject({ need: 65, verdict: 'clear', assumed: false })
    // 65 + 8 + 1.6 + 6.5 = 81.1
    expect(from('tray')).toMatchObject({ need: 81.1, verdict: 'stop' })
    // not said from where: taken from the lid, but only assumed ± 8
    expect(from(null)).toMatchObject({ need: 65, tol: 9, verdict: 'clear', assumed: true })
  })
  test('no figure at all: measure, with the value from which it passes', () => {
    const unsaid = change(
      plover,
      { do: 'setFigure', id: 'case', path: 'coolerRoom', figure: { basis: 'spec', mm: 75 } },
      {
        do: 'swapPart',
        id: 'case',
        part: { ...part('fenwright-reedbox-12'), coolerRoom: null },
        figures: {},
      },
    )
    expect(finding(then(unsaid), id)).toMatchObject({
      verdict: 'measure',
      have: null,
      margin: null,
    })
    expect(finding(then(unsaid), id).settles.map(s => s.passes)).toEqual([
      { side: 'least', value: 75.6 },
    ])
  })
})

describe('fit/supply-length', () => {
  const id = 'fit/supply-length:supply:case'
  test('clear: 100 of 130, fixed cables add nothing', () => {
    expect(finding(then(plover), id)).toMatchObject({
      verdict: 'clear',
      need: 100,
      have: 130,
      margin: 30,
    })
  })
  test('stop: 130 and 30 for the plugs of a modular one', () => {
    // 130 − 160 = −30, tolerance 1 + 10 + 1
    expect(finding(then(change(plover, swap('supply', 'dunlin-s450m'))), id)).toMatchObject({
      verdict: 'stop',
      need: 160,
      margin: -30,
      assumed: true,
      tol: 12,
    })
  })
  test('its figure flips exactly it', () => {
    expect(flipped(plover, change(plover, measure('case', 'supply.room', 98)))).toEqual([id])
  })
})

describe('standoffs', () => {
  const ids = {
    stray: 'fit/standoff-stray:board:case',
    thread: 'fit/standoff-thread:board:case',
    count: 'fit/standoff-count:board:case',
  }
  const withStandoffs = (standoffs: object) =>
    change(plover, {
      do: 'swapPart',
      id: 'case',
      part: { ...part('fenwright-reedbox-12'), standoffs },
      figures: {},
    })

  test('watch: four to fit, three in the bag (counted); four are enough', () => {
    expect(finding(then(plover), ids.count)).toMatchObject({
      verdict: 'watch',
      need: 4,
      have: 3,
      margin: -1,
      tol: 0,
    })
    const bought = change(plover, measure('case', 'standoffs.supplied', 4, 'pcs'))
    expect(finding(then(bought), ids.count).verdict).toBe('clear')
    expect(flipped(plover, bought)).toEqual([finding(then(plover), ids.count).id])
  })
  test('a bag of ten makes thirteen', () => {
    expect(
      finding(
        then(
          change(plover, {
            do: 'addItem',
            item: { id: 'bag', part: part('hollin-standoffs-10'), state: 'have' },
          }),
        ),
        ids.count,
      ),
    ).toMatchObject({ have: 13, verdict: 'clear' })
  })
  test('harm: one at S stands at (165.1, 209.55), outside a Mini-ITX; one at B of a larger board under it', () => {
    // S: y 209.55 − 3 > 170.18, wholly outside the outline: harmless
    expect(finding(then(withStandoffs({ fitted: ['S'], supplied: 4 })), ids.stray).verdict).toBe(
      'clear',
    )
    const tower = change(
      plover,
      swap('case', 'fenwright-tall-40'),
      swap('board', 'saltpan-estuary-7'),
    )
    const handedDown = change(tower, {
      do: 'swapPart',
      id: 'case',
      part: {
        ...part('fenwright-tall-40'),
        standoffs: { fitted: ['B', 'C', 'F', 'H', 'J', 'L', 'M', 'R', 'S'], supplied: 3 },
      },
      figures: {},
    })
    const f = finding(then(handedDown), ids.stray)
    expect(f.verdict).toBe('harm')
    expect(f.wayOut).toMatch(/Take out B, R, S: the step that sets the standoffs does it/)
    expect(finding(then(tower), ids.stray).verdict).toBe('clear')
  })
  test('what is taken out elsewhere serves again: three freed, none in the bag, three to fit (A, G, K)', () => {
    const tower = change(plover, swap('board', 'saltpan-estuary-7'), {
      do: 'swapPart',
      id: 'case',
      part: {
        ...part('fenwright-tall-40'),
        standoffs: { fitted: ['B', 'C', 'F', 'H', 'J', 'L', 'M', 'R', 'S'], supplied: 0 },
      },
      figures: {},
    })
    expect(finding(then(tower), ids.count)).toMatchObject({ need: 3, have: 3, verdict: 'clear' })
  })
  test('threads: all four clear; one missing is watched; none at all stops; holes unknown is measured', () => {
    expect(finding(then(plover), ids.thread).verdict).toBe('clear')
    expect(
      finding(then(withStandoffs({ threads: ['C', 'F', 'H'], supplied: 4 })), ids.thread),
    ).toMatchObject({ verdict: 'watch' })
    expect(finding(then(withStandoffs({ threads: ['A'], supplied: 4 })), ids.thread).verdict).toBe(
      'stop',
    )
    const small = change(plover, {
      do: 'swapPart',
      id: 'board',
      part: { ...part('saltpan-inlet-2'), edge: 150 },
      figures: {},
    })
    expect(finding(then(small), ids.thread).verdict).toBe('measure')
  })
})

describe('fit/picture', () => {
  const id = 'fit/picture:processor:board'
  test('clear with graphics in the processor, stop without', () => {
    expect(finding(then(plover), id).verdict).toBe('clear')
    const dark = change(plover, swap('processor', 'quillmark-t2-105n'))
    expect(finding(then(dark), id)).toMatchObject({ verdict: 'stop' })
    expect(finding(then(dark), id).sentence).toMatch(
      /T2-105N draws no picture; the video sockets of the Inlet 2 stay dead/,
    )
  })
  test('a board without video sockets stops it too', () => {
    const blind = change(plover, {
      do: 'swapPart',
      id: 'board',
      part: { ...part('saltpan-inlet-2'), picture: false },
      figures: {},
    })
    expect(flipped(plover, blind)).toEqual([id])
  })
})
