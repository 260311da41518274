// Teal, which draws spectrograms: what is wrong with it is wrong in space. Each fault is found, to a
// tenth of a millimetre, and each way out is right. Figures are worked out by hand from the sheets.
import type { Build } from '../document/build'
import { isProblem } from '../document/command'
import { apply } from '../document/apply'
import { remediesFor } from '../remedies/remedies'
import { remedyCommand } from '../remedies/remedy'
import {
  AT,
  change,
  finding,
  measure,
  part,
  shelf,
  swap,
  teal,
  then,
  type Sent,
} from '../test-helpers/demos'

const grave = (build: Build): readonly string[] =>
  then(build)
    .findings.filter(f => f.verdict === 'stop' || f.verdict === 'harm')
    .map(f => f.id)
    .sort()
const CARD = 'fit/clearance:cooler:graphics'
const MODULES = 'fit/clearance:cooler:memory'
const SUPPLY = 'fit/supply-length:supply:case'
const TUBES = 'fit/tube-reach:cooler'
const ROOM = 'fit/radiator-room:cooler:case'

const ON_TOP: Sent = {
  do: 'pinJoint',
  plug: 'cooler/radiator',
  socket: 'case/radiator-top',
  title: 'on top',
}
const NO_CAGE: Sent = { do: 'takePiece', id: 'case', piece: 'cage', out: true }
const onTop = change(teal, ON_TOP)

describe('with the radiator at the front three things stop it', () => {
  test('no more and no less', () => {
    expect(grave(teal).map(id => id.split(':').slice(0, 3).join(':'))).toEqual([
      CARD,
      SUPPLY,
      TUBES,
    ])
  })

  test('390 of card end behind what begins at 425 − 38 − 25: 28.0 in the radiator’s fans', () => {
    const f = finding(then(teal), CARD)
    expect(f).toMatchObject({ verdict: 'stop', need: 390, have: 425 - 38 - 25, margin: -28 })
    // length, inner length, radiator, fan: 1 each by the sheets
    expect(f.tol).toBe(4)
    expect(f.because.map(b => b.value)).toEqual(
      expect.arrayContaining(['390 mm ± 1', '425 mm ± 1', '38 mm ± 1', '25 mm ± 1']),
    )
  })

  test('210 of supply and 30 of plugs in 200 before the cage: 40.0 short', () => {
    expect(finding(then(teal), SUPPLY)).toMatchObject({ verdict: 'stop', need: 240, have: 200 })
  })

  test('tubes of 320 to a radiator whose near end is 330 off: 70.0 short with two bends of 30', () => {
    // block: 95 from the rear, 395 − 85 up, 6.5 + 1.6 + 8 + 55 / 2 from the tray; fittings: 20 from
    // the upper end of 397 around 230, in the middle of 38 before 425, 93.5 from the tray
    const block = [95, 395 - 85, 6.5 + 1.6 + 8 + 55 / 2] as const
    const end = [425 - 38 / 2, 230 + 397 / 2 - 20, 93.5] as const
    const straight = Math.hypot(end[0] - block[0], end[1] - block[1], end[2] - block[2])
    const f = finding(then(teal), TUBES)
    expect(f.verdict).toBe('stop')
    expect(f.need).toBeCloseTo(straight + 60, 1)
    expect(f.margin).toBeCloseTo(320 - straight - 60, 1)
    expect(grave(change(teal, measure('cooler', 'liquid.tube', 430)))).not.toContain(TUBES)
  })

  test('measured, the card decides by itself: 358 passes, 360 is within what the rest may be off', () => {
    const of = (mm: number) => finding(then(change(teal, measure('graphics', 'length', mm))), CARD)
    expect(of(358)).toMatchObject({ verdict: 'clear', margin: 4 })
    expect(of(360)).toMatchObject({ verdict: 'tight', margin: 2 })
    expect(of(366)).toMatchObject({ verdict: 'stop', margin: -4 })
  })
})

describe('with the radiator on top other things stop it', () => {
  test('the card and the tubes are well, room and modules are not', () => {
    expect(grave(onTop).map(id => id.split(':').slice(0, 3).join(':'))).toEqual([
      MODULES,
      ROOM,
      SUPPLY,
    ])
  })

  test('38 of radiator and 25 of fans in 58 of room: 5.0 too thick', () => {
    expect(finding(then(onTop), ROOM)).toMatchObject({
      verdict: 'stop',
      need: 63,
      have: 58,
      margin: -5,
    })
  })

  test('modules of 56 stand 64.1 over the tray, the fans begin at 120 − 60: 4.1 in them', () => {
    const f = finding(then(onTop), MODULES)
    expect(f).toMatchObject({ verdict: 'stop', have: 60 })
    expect(f.need).toBeCloseTo(6.5 + 1.6 + 56, 6)
    expect(f.margin).toBeCloseTo(-4.1, 6)
  })

  test('modules of 34 and a thinner radiator are the way: 27 + 25 leave 6, and nothing meets', () => {
    const well = change(
      onTop,
      swap('memory', 'fescue-blade-2x32'),
      swap('cooler', 'ottery-rill-360'),
      NO_CAGE,
    )
    expect(finding(then(well), ROOM)).toMatchObject({ verdict: 'clear', margin: 6 })
    expect(grave(well)).toEqual([])
  })
})

describe('the cage that must come out', () => {
  const out = change(teal, NO_CAGE)
  test('without it the supply has the chamber: its limit is gone, and no bay is left', () => {
    expect(grave(out)).not.toContain(SUPPLY)
    const disk = change(out, {
      do: 'addItem',
      item: { id: 'disk', part: part('sedgeline-r3-4000'), state: 'wanted' },
    })
    expect(then(disk).joints.some(j => j.id.startsWith('disk/bay~'))).toBe(false)
    const back = change(disk, { do: 'takePiece', id: 'case', piece: 'cage', out: false })
    expect(then(back).joints.some(j => j.id.startsWith('disk/bay~case/bay-'))).toBe(true)
  })

  test('it is offered, says what it costs, and keeps what it promises', () => {
    const ways = remediesFor(teal, 'then', SUPPLY, shelf)
    const way = ways.find(r => r.kind === 'piece')
    if (!way) throw new Error('the cage is offered')
    expect(way.title).toBe(
      'Take the drive cage out of the Twinlock 8 (4 screws; without bay 1, bay 2; about 3 min)',
    )
    const done = apply(teal, remedyCommand(way), AT)
    if (isProblem(done)) throw new Error(done.problem)
    expect(grave(done.build)).toEqual(grave(teal).filter(id => id !== SUPPLY))
    const back = apply(done.build, done.back, AT)
    expect(isProblem(back) ? back : back.build).toEqual(teal)
  })

  test('moving the radiator up is offered for nothing: it would only stop elsewhere', () => {
    const ways = remediesFor(teal, 'then', grave(teal)[0] ?? '', shelf)
    expect(ways.filter(r => r.kind === 'place')).toEqual([])
    expect(ways.some(r => r.title === 'Swap the Tempest 390 for the Gale 450')).toBe(true)
  })
})
