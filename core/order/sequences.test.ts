// Every demo in every build order, looked at with an assembler's eye: each sentence here was broken
// once. What holds of any order stands in `sentences.test.ts`.
import { BUILD_ORDERS, type BuildOrder } from '../document/build-orders'
import type { Build } from '../document/build'
import { apply } from '../document/apply'
import type { Command } from '../document/command-schema'
import type { Part } from '../parts'
import {
  avocet,
  change,
  curlew,
  done,
  part,
  plover,
  teal,
  then,
  type Sent,
} from '../test-helpers/demos'
import { PLUGS } from './reasons/reason'
import type { Step, StepKind } from './step'

const DEMOS = { plover, avocet, teal, curlew }
const by = (build: Build, school: BuildOrder): readonly Step[] =>
  then(change(build, { do: 'chooseOrder', school })).order.steps
const ORDERS = Object.entries(DEMOS).flatMap(([name, build]) =>
  BUILD_ORDERS.map(school => [name, school, by(build, school)] as const),
)

/** Where the first, or the last, step of a kind stands; for none before all, or after all. */
const firstOf = (steps: readonly Step[], ...kinds: readonly StepKind[]): number => {
  const at = steps.findIndex(s => kinds.includes(s.kind))
  return at < 0 ? steps.length : at
}
const lastOf = (steps: readonly Step[], ...kinds: readonly StepKind[]): number =>
  steps.findLastIndex(s => kinds.includes(s.kind))
const withJoint = (steps: readonly Step[], start: string): number =>
  steps.findIndex(s => s.joints.some(j => j.startsWith(start)))

describe.each(ORDERS)('%s, %s', (_name, school, steps) => {
  test('firmware comes before cards, unless the card comes early', () => {
    const flash = firstOf(steps, 'firmware')
    if (flash === steps.length || school === 'card-early') return
    expect(flash).toBeLessThan(firstOf(steps, 'card'))
  })
  test('a flash in the case waits for main power and the processor’s plug, and for no others', () => {
    const step = steps.find(s => s.kind === 'firmware')
    if (!step || step.pose === 'table') return
    const before = step.after.map(a => steps.find(s => s.id === a.step))
    const plugs = before.filter(s => s?.kind === 'power-plug')
    expect(plugs.length).toBeGreaterThan(0)
    expect(plugs.every(s => s?.items.includes('board'))).toBe(true)
  })
  test('a lead for a port that opens sideways is plugged there by itself', () => {
    const sideways = steps.filter(s => s.kind === 'data-plug' && s.pose === 'table')
    expect(sideways.map(s => s.joints.length)).toEqual(sideways.map(() => 1))
  })
})

describe('Avocet', () => {
  test('the processor’s plug goes in before the small headers, unless the supply comes last', () => {
    const order = (school: BuildOrder) => by(avocet, school)
    const plug = (steps: readonly Step[]) => withJoint(steps, 'supply/cpu-1')
    for (const school of ['board-first', 'supply-first', 'proof-first'] as const)
      expect(plug(order(school))).toBeLessThan(firstOf(order(school), 'small-plug', 'panel'))
    expect(plug(order('supply-last'))).toBeGreaterThan(lastOf(order('supply-last'), 'panel'))
  })
  test('the short card goes in before the long one beside it, whatever the build order', () => {
    for (const school of BUILD_ORDERS) {
      const steps = by(avocet, school)
      const [short, long] = [withJoint(steps, 'capture/seat'), withJoint(steps, 'card/seat')]
      expect(short).toBeLessThan(long)
    }
  })
  test('a card two slots away goes in where it will', () => {
    // The long one covers slots 2 to 4; a hand finds its way past an empty fifth.
    const apart = change(avocet, { do: 'pinJoint', plug: 'capture/seat', socket: 'board/slot-7' })
    const seat = then(apart).order.steps.find(s => s.joints[0]?.startsWith('card/seat'))
    expect(seat?.after.some(a => a.reason.includes('no hand gets at the shorter'))).toBe(false)
  })
  test('a strip without a partner waits until that is settled, and says so', () => {
    const steps = by(avocet, 'board-first')
    const strip = steps.find(s => s.kind === 'strip' && s.items[0] === 'strip-12')
    expect(strip?.after.map(a => a.step)).toContain('open:strip-12/lead')
    expect(strip?.cautions[0]).toBe(
      'Its lights lead finds no free place: settle that before it goes in.',
    )
  })
  test('on the table the flash needs main power and the processor’s plugs', () => {
    const flash = by(avocet, 'proof-first').find(s => s.kind === 'firmware')
    expect(flash?.pose).toBe('table')
    expect(flash?.does.slice(0, 4)).toEqual([
      'Board on its box. For this it needs only:',
      'Processor 4+4 (cable 1) → PWR_P1.',
      'Processor 4+4 (cable 2), half 1 → PWR_P2.',
      '24-pin main power → PWR_M.',
    ])
    expect(flash?.does.at(-1)).toMatch(/mains lead out again/)
  })
  test('cables are dressed where they lie: behind the tray first', () => {
    expect(by(avocet, 'board-first').find(s => s.kind === 'dress')?.pose).toBe('behind')
    expect(by(plover, 'board-first').find(s => s.kind === 'dress')?.pose).toBe('lying')
  })
})

describe('Teal, whose cooler hangs on a radiator', () => {
  test.each(BUILD_ORDERS)('%s: board, radiator, block, then its plugs', school => {
    const steps = by(teal, school)
    const [board, radiator, block] = [
      firstOf(steps, 'board-in'),
      firstOf(steps, 'radiator'),
      firstOf(steps, 'cooler'),
    ]
    expect([board, radiator, block]).toEqual([board, radiator, block].sort((a, b) => a - b))
    expect(block).toBeLessThan(firstOf(steps, 'cooler-plug'))
    expect(firstOf(steps, 'bench-start')).toBe(steps.length)
  })
})

test('a fan of the cooler that a hub feeds in the case is fed by the board on the table', () => {
  const hubbed = change(
    avocet,
    { do: 'chooseOrder', school: 'proof-first' },
    { do: 'pinJoint', plug: 'cooler/fan', socket: 'fan-hub/out-1' },
  )
  const steps = then(hubbed).order.steps
  expect(steps.find(s => s.kind === 'bench-start')?.details).toContain('fan lead → FAN_P')
  expect(withJoint(steps, 'cooler/fan')).toBeGreaterThan(firstOf(steps, 'hub'))
})

test('where no port opens sideways both ends of a lead are plugged in one go', () => {
  const leads = by(plover, 'board-first').filter(s => s.kind === 'data-plug')
  expect(leads.map(s => s.joints.length)).toEqual([2])
})

test('two ends are two plugs, and a hole on the way takes its half minute', () => {
  const steps = by(avocet, 'board-first')
  const leads = steps.filter(s => s.kind === 'data-plug' || s.kind === 'power-plug')
  expect(leads.some(s => s.through.length > 1)).toBe(true)
  for (const s of leads) expect(s.minutes).toBe(2 * s.joints.length + 0.5 * s.through.length)
})

/** A build with every step made, one after the other. */
function finished(build: Build): Build {
  const { steps } = then(build).order
  return steps.reduce(
    (made, s, i) =>
      s.demand === null
        ? doneAt(made, { do: 'make', ids: s.marks, title: s.title }, i)
        : doneAt(made, { do: 'leaveOpen', id: s.demand, reason: 'as it is' }, i),
    build,
  )
}
/** A command sent so many minutes after midnight. */
function doneAt(build: Build, command: Sent, minute: number): Build {
  const at = new Date(Date.UTC(2031, 2, 4, 0, minute)).toISOString()
  const changed = apply(build, command as Command, at)
  if ('problem' in changed) throw new Error(changed.problem)
  return changed.build
}

describe('a machine that is finished', () => {
  const machine = finished(plover)
  const open = (build: Build) =>
    then(build)
      .order.steps.filter(s => ['planned', 'ready'].includes(s.progress))
      .map(s => s.title)

  test('has nothing to do', () => {
    expect(open(machine)).toEqual([])
  })
  test('another processor: opened, cooler off, seated, cooler on with new paste, started, closed', () => {
    const swapped = change(machine, {
      do: 'swapPart',
      id: 'processor',
      part: { ...part('quillmark-t2-65'), id: 'another-t2', model: 'T2-65B' },
      figures: {},
    })
    expect(open(swapped)).toEqual([
      'Open the Reedbox 12 again: its panel off, laid on its side',
      'Take the Lowbank 65 off the processor again',
      'Take the old T2-65 out of the Inlet 2',
      'Seat the T2-65B in TERN-2',
      'Mount the Lowbank 65 on the processor again',
      'Power on again, the side still off',
      'Close the Reedbox 12 again',
    ])
    const mounted = then(swapped).order.steps.find(s =>
      s.title.startsWith('Mount the Lowbank 65 on'),
    )
    expect(mounted?.progress).toBe('made')
    const again = then(swapped).order.steps.find(s => s.title.endsWith('processor again'))
    expect(again?.does[0]).toBe('Off, and the mains lead out.')
    const anew = then(swapped).order.steps.find(
      s => s.title.startsWith('Mount') && s.kind === 'refit',
    )
    expect(anew?.does[0]).toMatch(/^Wipe old paste off both faces\. Fresh paste/)
  })
  test('each of these steps is made and stays made; at the end nothing is open', () => {
    const swapped = change(machine, {
      do: 'swapPart',
      id: 'processor',
      part: { ...part('quillmark-t2-65'), id: 'another-t2', model: 'T2-65B' },
      figures: {},
    })
    let build = swapped
    for (let minute = 200; open(build).length > 0 && minute < 220; minute++) {
      const next = then(build).order.steps.find(s => ['planned', 'ready'].includes(s.progress))
      build = doneAt(build, { do: 'make', ids: next?.marks ?? [], title: '' }, minute)
    }
    expect(open(build)).toEqual([])
    expect(
      then(build)
        .order.steps.map(s => s.kind)
        .slice(-7),
    ).toEqual([
      ...['panels-off', 'take-out', 'old-out', 'processor'],
      ...['refit', 'first-power', 'panels-on'],
    ])
  })
  test('what is done inside after the first start is proved by another, before it is closed', () => {
    const kinds = (build: Build) => then(build).order.steps.map(s => s.kind)
    const unclosed = change(machine, {
      ...{ do: 'setProgress', title: '' },
      entries: { 'task:panels-on': null, 'task:record': null },
    })
    expect(kinds(unclosed).filter(k => k === 'first-power')).toHaveLength(1)
    const pin = { do: 'pinJoint', plug: 'sata/board', socket: 'board/sata-2', title: '' } as const
    const titles = ['SATA2', 'Unplug', 'Power on again', 'Close the']
    const moved = doneAt(unclosed, pin, 300)
    expect(open(moved).map(t => titles.findIndex(begin => t.includes(begin)))).toEqual([
      1, 0, 2, 3, -1,
    ])
    let build = moved
    for (let m = 301; open(build).length > 2; m++) {
      const next = then(build).order.steps.find(s => ['planned', 'ready'].includes(s.progress))
      build = doneAt(build, { do: 'make', ids: next?.marks ?? [], title: '' }, m)
    }
    expect(kinds(build).filter(k => k === 'first-power')).toHaveLength(2)
    // And once more after another change; closed, the two that were made stay in the list.
    const back = doneAt(build, { ...pin, socket: 'board/sata-1' }, 400)
    expect(kinds(back).filter(k => k === 'first-power')).toHaveLength(3)
    const closed = doneAt(build, { do: 'make', ids: ['task:panels-on'], title: '' }, 401)
    expect(kinds(closed).filter(k => k === 'first-power')).toHaveLength(2)
  })
  test('what was crossed off is proved by no further start', () => {
    const crossed = change(
      machine,
      { do: 'setProgress', title: '', entries: { 'task:panels-on': null, 'task:record': null } },
      { do: 'crossOff', ids: ['sata/board~board/sata-1'], how: 'no lead here', title: '' },
    )
    expect(then(crossed).order.steps.filter(s => s.kind === 'first-power')).toHaveLength(1)
    // Nor is a machine that is closed opened for it.
    const ids = ['sata/board~board/sata-1']
    const late = { do: 'crossOff', ids, how: 'no lead here', title: '' } as const
    expect(open(doneAt(machine, late, 300))).toEqual([])
  })
  test('what is proved after it was closed opens nothing', () => {
    const ids = ['cooler/fan~board/cpu-fan']
    const proof = { do: 'prove', ids, title: '', asMade: true } as const
    const proved = doneAt(machine, proof, 300)
    expect(open(proved)).toEqual(open(machine))
    const [id = ''] = ids
    expect(proved.progress[id]).toEqual({ ...machine.progress[id], state: 'proved' })
  })
  test('opened a second time it is a round of its own', () => {
    const other = (item: string, p: Part, minute: number, build: Build): Build => {
      const swap: Sent = {
        do: 'swapPart',
        id: item,
        part: { ...p, id: `another-${p.id}` },
        figures: {},
      }
      let on = doneAt(build, swap, minute)
      for (let m = minute; open(on).length > 0 && m < minute + 20; m++) {
        const next = then(on).order.steps.find(s => ['planned', 'ready'].includes(s.progress))
        on = doneAt(on, { do: 'make', ids: next?.marks ?? [], title: '' }, m)
      }
      return on
    }
    const once = other('processor', part('quillmark-t2-65'), 200, machine)
    const twice = other('memory', part('merewick-d5-2x8'), 300, once)
    expect(open(twice)).toEqual([])
    const kinds = then(twice).order.steps.map(s => s.kind)
    expect(kinds.filter(k => k === 'panels-off')).toHaveLength(3)
    expect(kinds.lastIndexOf('memory')).toBeGreaterThan(kinds.lastIndexOf('processor'))
    const [lastOpen, lastClose] = [kinds.lastIndexOf('panels-off'), kinds.lastIndexOf('panels-on')]
    expect(lastOpen).toBeLessThan(kinds.lastIndexOf('memory'))
    expect(lastClose).toBeGreaterThan(kinds.lastIndexOf('memory'))
  })
  test('another board, another case, another supply: what was done to the old one is not done', () => {
    const others = [
      ['board', 'saltpan-inlet-2', 'Set the standoffs of the Reedbox 12 for the Inlet 2'],
      ['case', 'fenwright-reedbox-12', 'Set the standoffs of the Reedbox 12 for the Inlet 2'],
    ] as const
    for (const [id, model, title] of others) {
      const swap = { do: 'swapPart', id, part: { ...part(model), id: 'another' }, figures: {} }
      expect(open(change(machine, swap))).toContain(title)
    }
    const modular = finished(avocet)
    const other = { ...part('dunlin-a850'), id: 'another' }
    const copy = { do: 'swapPart', id: 'supply', part: other, figures: {} }
    expect(open(change(modular, copy))).toContain('Plug the cables into the A850 M')
  })
  test('a part taken out and another put in its place under the same name is not joined', () => {
    const gone = change(machine, { do: 'removeItem', id: 'processor' })
    const back = change(gone, {
      do: 'addItem',
      item: { id: 'processor', part: part('quillmark-t2-65'), state: 'have' },
    })
    expect(open(back)).toContain('Seat the T2-65 in TERN-2')
    expect(
      change(gone, done(machine, { do: 'removeItem', id: 'processor' }).back).progress,
    ).toEqual(machine.progress)
  })
  test('what is laid aside comes out; made, it is left over, and the machine is whole again', () => {
    const aside = change(machine, { do: 'setState', id: 'fan', state: 'spare' })
    expect(open(aside)).toEqual([
      'Open the Reedbox 12 again: its panel off, laid on its side',
      'Take the old Breeze 80 out of the Reedbox 12',
      'Power on again, the side still off',
      'Close the Reedbox 12 again',
    ])
    const out = then(aside).order.steps.find(s => s.kind === 'old-out')
    expect(out?.does.at(-1)).toMatch(
      /^It was at: top fan place of the Reedbox 12, FAN_1 of the Inlet 2/,
    )
    const made = change(aside, { do: 'make', ids: out?.marks ?? [], title: '' })
    expect(then(made).record.leftOver).toContain('Breeze 80 (taken out)')
    expect(then(made).record.orphans).toEqual([])
    const { build, back } = done(machine, { do: 'setState', id: 'fan', state: 'spare' })
    expect(change(build, back)).toEqual(machine)
    expect(JSON.stringify(change(build, back))).toBe(JSON.stringify(machine))
  })
  test('what is joined elsewhere by hand comes out where it was in, and is left over nowhere', () => {
    const pin = (socket: string): Sent => ({
      ...{ do: 'pinJoint', plug: 'sata/board', title: 'SATA' },
      socket,
    })
    const { build, back } = done(machine, pin('board/sata-2'))
    const out = 'Unplug the board end of the SATA lead 300 at SATA1 of the Inlet 2'
    expect(open(build)).toEqual([
      'Open the Reedbox 12 again: its panel off, laid on its side',
      out,
      'Plug the SATA lead 300 into SATA2 and data of the S2 1 TB',
      'Power on again, the side still off',
      'Close the Reedbox 12 again',
    ])
    expect(change(build, back)).toEqual(machine)
    // Put back before anybody unplugged it: it never left.
    expect(open(change(build, pin('board/sata-1')))).toEqual([])
    const step = then(build).order.steps.find(s => s.title === out)
    const made = change(build, { do: 'make', ids: step?.marks ?? [], title: '' })
    expect(open(change(made, pin('board/sata-1')))).toHaveLength(4)
    expect(then(made).record.leftOver).toEqual(then(machine).record.leftOver)
  })
  test('a stick for another socket is taken out of its old one first, and what is there as well', () => {
    const pin = { do: 'pinJoint', plug: 'memory/module-1', socket: 'board/memory-B1', title: '' }
    const titles = open(change(machine, pin))
    expect(titles).toContain('Take the D5 2 × 8 out of A1 of the Inlet 2')
    expect(titles).toContain('Take the D5 2 × 8 out of B1 of the Inlet 2')
    expect(titles.at(-3)).toBe('Press the D5 2 × 8 into B1 and A1')
  })
  test('what was laid aside and is wanted again before it came out stays in', () => {
    const aside = change(machine, { do: 'setState', id: 'fan', state: 'spare' })
    const { build, back } = done(aside, { do: 'setState', id: 'fan', state: 'have' })
    expect(build.leaving).toBeUndefined()
    expect(open(build)).toEqual([])
    expect(change(build, back)).toEqual(aside)
    // Another board meanwhile: the fan is in its place still, but no longer plugged.
    const swap = { do: 'swapPart', id: 'board', figures: {} }
    const other = { ...part('saltpan-inlet-2'), id: 'another' }
    const again = change(
      aside,
      { ...swap, part: other },
      { do: 'setState', id: 'fan', state: 'have' },
    )
    expect(Object.keys(again.progress).filter(id => id.startsWith('fan/'))).toEqual([
      'fan/frame~case/top',
    ])
  })
  test('what was done again goes with what it was done to: openings of a case, a card that came out', () => {
    const again = ['again:1:task:panels-off', 'again:1:first-power', 'task:bench']
    const opened = change(machine, { do: 'make', ids: again, title: '' })
    const swap = { do: 'swapPart', id: 'case', figures: {} }
    const moved = change(opened, {
      ...swap,
      part: { ...part('fenwright-reedbox-12'), id: 'other' },
    })
    expect(again.filter(id => id in opened.progress)).toEqual(again)
    expect(again.filter(id => id in moved.progress)).toEqual(['task:bench'])
    const out = ['take-out:1:cooler:cooler/mount~board/cooler', 'take-out:1:card:x/edge~board/pcie']
    const without = change(change(machine, { do: 'make', ids: out, title: '' }), {
      ...{ do: 'removeItem', id: 'cooler' },
    })
    expect(out.filter(id => id in without.progress)).toEqual(['take-out:1:card:x/edge~board/pcie'])
  })
  test('what was never in comes out by no step', () => {
    const other = change(plover, { do: 'removeItem', id: 'fan' })
    expect(other.leaving).toBeUndefined()
    expect(then(other).order.steps.map(s => s.kind)).not.toContain('old-out')
  })
  test('another board: the old one is out before its standoffs are set anew', () => {
    const swap = { do: 'swapPart', id: 'board', figures: {} }
    const other = change(machine, { ...swap, part: { ...part('saltpan-inlet-2'), id: 'another' } })
    const kinds = then(other)
      .order.steps.filter(s => ['planned', 'ready'].includes(s.progress))
      .map(s => s.kind)
    expect(kinds.indexOf('old-out')).toBeLessThan(kinds.indexOf('standoffs'))
    expect(kinds.indexOf('old-out')).toBeLessThan(kinds.indexOf('board-in'))
    expect(kinds.indexOf('panels-off')).toBeLessThan(kinds.indexOf('old-out'))
  })
  test('what is plugged outside opens nothing', () => {
    const [outer] = then(teal).order.steps.filter(s => s.kind === 'outer-plug')
    const ready = finished(teal)
    const unplugged = change(ready, {
      do: 'setProgress',
      entries: Object.fromEntries((outer?.marks ?? []).map(m => [m, null])),
      title: 'unplugged',
    })
    expect(open(unplugged)).toEqual([outer?.title])
  })
  test('a swap taken back leaves all as it was made', () => {
    const swap: Sent = {
      do: 'swapPart',
      id: 'processor',
      part: { ...part('quillmark-t2-65'), id: 'another-t2', model: 'T2-65B' },
      figures: {},
    }
    const { build, back } = done(machine, swap)
    expect(change(build, back).progress).toEqual(machine.progress)
  })
})

test('a fan’s step says which side looks to the wall, by the place it goes to', () => {
  const fan = (place: string) =>
    by(avocet, 'board-first').find(s => s.kind === 'fan' && s.label === place)
  expect(fan('upper front fan place')?.does).toContain(
    'Air goes in here: its open side to the wall.',
  )
  expect(fan('rear fan place')?.does).toContain(
    'Air goes out here: its arms and label to the wall.',
  )
  const turned = change(avocet, { do: 'chooseAir', id: 'case', place: 'rear', way: 'in' })
  expect(
    then(turned).order.steps.find(s => s.kind === 'fan' && s.label === 'rear fan place')?.does,
  ).toContain('Air goes in here: its open side to the wall.')
})

test('the block’s step names pins and wires, lead by lead', () => {
  const panel = by(avocet, 'board-first').find(s => s.kind === 'panel')
  // By the board's table: HDD LED 1 and 3, power LED 2 and 4, reset 5 and 7, switch 6 and 8.
  expect(panel?.details).toEqual([
    'HDD LED: red wire (+) on pin 1, the other (−) on pin 3',
    'power LED: green wire (+) on pin 2, the other (−) on pin 4',
    'power switch: on pins 6 and 8, either way round',
    'reset switch: on pins 5 and 7, either way round',
  ])
})

test('the end of a lead at its drive says the way that the lead goes', () => {
  const steps = by(avocet, 'board-first').filter(s => s.items.includes('sata-1'))
  expect(steps.map(s => s.through.length > 0)).toEqual([false, true])
})

describe('safety stands in the step that needs it', () => {
  const steps = by(avocet, 'board-first')
  const step = (kind: StepKind, item = '') =>
    steps.find(s => s.kind === kind && s.items.join().startsWith(item))
  test('a disk that has been used is backed up before it is moved; what holds nothing is not', () => {
    const backup = 'What is on it is backed up before it is moved.'
    expect(step('drive', 'disk-1')?.cautions).toContain(backup)
    // Disk 3 is bought new; the disc drive and the card reader keep nothing.
    for (const item of ['disk-3', 'optical', 'reader'])
      expect(step('drive', item)?.cautions).not.toContain(backup)
  })
  test('no electric driver on the board, no power before the screws are counted', () => {
    expect(step('board-in')?.cautions.join()).toMatch(/never with an electric driver/)
    expect(step('first-power')?.does[0]).toMatch(/Count the screws/)
  })
})

describe('habits that were chosen are done and said', () => {
  const chosen = (practice: string, option: string, school: BuildOrder = 'supply-first') =>
    then(change(avocet, { do: 'chooseOrder', school }, { do: 'choosePractice', practice, option }))
      .order.steps
  test.each([
    ['going', -1],
    ['last', 1],
  ])('device ends of power leads, %s', (option, sign) => {
    const steps = chosen('ends', option)
    const isAtDrive = (s: Step): boolean =>
      s.kind === 'power-plug' && s.items.some(i => i.startsWith('disk-'))
    const ends = steps.flatMap((s, at) => (isAtDrive(s) ? [at] : []))
    const small = steps.flatMap((s, at) => (s.kind === 'small-plug' ? [at] : []))
    expect(ends).toHaveLength(4)
    for (const end of ends) for (const plug of small) expect(Math.sign(end - plug)).toBe(sign)
  })
  test('plugs with their parts: a disk’s power while the hand is there, not at the end', () => {
    const usual = chosen('plugs', 'small')
    const steps = chosen('plugs', 'part')
    const fed = (of: readonly Step[]): number =>
      of.findIndex(s => s.kind === 'power-plug' && s.items.includes('disk-1'))
    expect(fed(steps)).toBeLessThan(firstOf(steps, 'hub'))
    expect(fed(usual)).toBeGreaterThan(lastOf(usual, 'hub'))
    expect(lastOf(steps, 'data-plug')).toBeLessThan(firstOf(steps, 'card'))
    const ofCard = (of: readonly Step[]): number =>
      of.findIndex(s => s.kind === 'power-plug' && /card 6\+2/.test(s.title))
    expect(ofCard(steps)).toBeGreaterThan(firstOf(steps, 'card'))
  })
  test('plugs at the end: what no other reason forbids is in its place before the first plug', () => {
    const steps = chosen('plugs', 'end')
    const plugs = steps.filter(s => PLUGS.includes(s.kind) && s.pose !== 'table')
    const seats = steps.filter(s => ['fan', 'drive', 'hub', 'strip'].includes(s.kind))
    const firstPlug = Math.min(...plugs.map(p => steps.indexOf(p)))
    expect(plugs.length).toBeGreaterThan(10)
    for (const seat of seats) expect(steps.indexOf(seat)).toBeLessThan(firstPlug)
  })
  test.each([
    ['static', 'strap', 'bench', /the strap on, its lead at a point made for it/],
    ['static', 'neither', 'bench', /too weak to be felt can still kill/],
    ['paste', 'spread', 'cooler', /Paste: a thin even layer over the whole lid\./],
    ['paste', 'drop', 'cooler', /Paste: a drop about 7 mm across in the middle of the lid\./],
    ['wiggle', 'light', 'processor', /A light wiggle/],
    ['screws', 'some', 'board-in', /Four or five screws/],
    ['screws', 'all', 'board-in', /A screw at each of /],
  ] as const)('%s: %s', (practice, option, kind, says) => {
    const step = chosen(practice, option).find(s => s.kind === kind)
    expect(step?.does.join(' ')).toMatch(says)
  })
})

describe('steps say what of this build they need', () => {
  const does = (build: Build, kind: StepKind, label = ''): string =>
    then(build)
      .order.steps.filter(s => s.kind === kind && s.label.startsWith(label))
      .map(s => s.does.join(' '))
      .join(' ')
  test('a stick: the hole of its spacer, the heat sink of the board off and on, or off for its own', () => {
    const m2 = does(avocet, 'm2', 'M2_1')
    expect(m2).toMatch(/hole marked 2280/)
    const board = avocet.items.find(i => i.id === 'board')?.part
    if (board?.kind !== 'board') throw new Error('Avocet has no board')
    const covered = (cover: 'removable' | 'none'): Build =>
      change(avocet, {
        ...{ do: 'swapPart', id: 'board', figures: {} },
        part: { ...board, m2: board.m2?.map(m => ({ ...m, cover })) },
      })
    expect(does(covered('removable'), 'm2', 'M2_1')).toMatch(
      /heat sink over the socket off.*on again/,
    )
    expect(does(covered('none'), 'm2', 'M2_1')).not.toMatch(/heat sink|film/i)
  })
  test('which way the supply’s fan looks, and the other way once it is turned', () => {
    expect(does(avocet, 'supply-in')).toMatch(/fan down, towards the floor/)
    const turned = change(avocet, { do: 'turnPart', id: 'supply', turned: 2 })
    expect(does(turned, 'supply-in')).toMatch(/fan up, towards the top/)
  })
  test('leads that nothing takes are named where leads are tied; a mains switch is none of them', () => {
    expect(does(avocet, 'dress')).toMatch(
      /Stay unplugged: front USB, right pair and front audio, older plug\./,
    )
    expect(does(curlew, 'dress')).not.toMatch(/Stay unplugged/)
  })
})
