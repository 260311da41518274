// What a person declares changes the plan: purpose and uses, running beyond a rating, where a pump
// goes, what was cut for good, which system runs.
import type { Build } from '../document/build'
import { remediesFor } from '../remedies/remedies'
import { change, part, then, tryCommand, type Sent } from '../test-helpers/demos'
import { altered, buildOf, exact, TOWER, type Fields } from '../test-helpers/planted-machine'

const tower = buildOf(TOWER)
const on = (build: Build, ...commands: readonly Sent[]) => then(change(build, ...commands))
const ofRule = (build: Build, rule: string) => then(build).findings.filter(f => f.rule === rule)

describe('what it is for', () => {
  const audio = (h: ReturnType<typeof then>) => h.joints.some(j => j.plug === 'case/audio-hd')
  test('a server leaves the front’s sound unplugged and asks nothing for it', () => {
    const server = on(tower, { do: 'choosePurpose', purpose: 'server' })
    expect([audio(then(tower)), audio(server)]).toEqual([true, false])
    expect(
      server.findings.filter(f => f.rule === 'joints/unmet' && f.parts.includes('case')),
    ).toEqual([])
  })
  test('a use that is switched by hand goes before the purpose', () => {
    const server: Sent = { do: 'choosePurpose', purpose: 'server' }
    expect(audio(on(tower, server, { do: 'want', use: 'front sound', wanted: true }))).toBe(true)
    expect(audio(on(tower, { do: 'want', use: 'front sound', wanted: false }))).toBe(false)
  })
  test('without USB at the front, a cooler’s own USB lead is plugged all the same', () => {
    const headers = TOWER['board']?.['headers'] as readonly Fields[]
    const wet = { ...part('ottery-rill-360'), fan: undefined }
    const build = buildOf(altered(TOWER, { cooler: wet, board: { headers } }))
    const none = on(build, { do: 'want', use: 'front USB', wanted: false })
    expect(none.joints.some(j => j.plug === 'cooler/usb')).toBe(true)
    expect(none.joints.some(j => j.plug.startsWith('case/usb'))).toBe(false)
  })
  test('no picture: a stop at a desk, at a price where no screen is meant', () => {
    const blind = buildOf(altered(TOWER, { processor: { picture: false } }))
    expect(ofRule(blind, 'fit/picture')).toMatchObject([{ verdict: 'stop' }])
    const server = change(blind, { do: 'choosePurpose', purpose: 'server' })
    expect(ofRule(server, 'fit/picture')).toMatchObject([
      { verdict: 'watch', wayOut: expect.stringContaining('borrow a graphics card') as string },
    ])
  })
})

describe('beyond a rating', () => {
  const rated = buildOf(
    altered(TOWER, {
      processor: { power: { sustained: exact('W', 65) } },
      cooler: { cools: exact('W', 100) },
    }),
  )
  const runAt = (W: number): Build => change(rated, { do: 'runBeyond', id: 'processor', figure: W })
  test('it is said, it is drawn, and the cooler is asked for that heat', () => {
    const pushed = runAt(120)
    expect(ofRule(rated, 'power/beyond')).toEqual([])
    expect(ofRule(pushed, 'power/beyond')).toMatchObject([
      { verdict: 'watch', sentence: expect.stringMatching(/120 W instead of 65 W/) as string },
    ])
    expect(ofRule(rated, 'fit/cooler-capacity')).toMatchObject([{ verdict: 'clear', need: 65 }])
    expect(ofRule(pushed, 'fit/cooler-capacity')).toMatchObject([{ verdict: 'watch', need: 120 }])
    // 55 W more through converters that pass 88 %: 62.5 W of 12 V
    const worst = (build: Build) => ofRule(build, 'power/supply-size')[0]?.need ?? 0
    expect(worst(pushed) - worst(rated)).toBeGreaterThan(60)
  })
  test('below the rating is a limit, and no matter', () => {
    expect(ofRule(runAt(45), 'power/beyond')).toMatchObject([{ verdict: 'clear' }])
  })
  test('the advised second processor plug becomes a must', () => {
    const headers = TOWER['board']?.['headers'] as readonly Fields[]
    const two = buildOf(
      altered(TOWER, {
        board: {
          headers: [
            ...headers.filter(h => !String(h['face']).startsWith('cpu')),
            { key: 'cpu-a', face: 'cpu-8', label: 'CPU_A' },
            { key: 'cpu-b', face: 'cpu-4', label: 'CPU_B', need: 'may' },
          ],
        },
      }),
    )
    const missing = (build: Build) =>
      ofRule(build, 'joints/unmet').find(f => f.demand === 'board/cpu-b')?.verdict
    expect(missing(two)).not.toBe('stop')
    expect(missing(change(two, { do: 'runBeyond', id: 'processor', figure: 150 }))).toBe('stop')
  })
  test('held below its rating, or lying by as a spare, it asks for no more plugs', () => {
    const headers = TOWER['board']?.['headers'] as readonly Fields[]
    const cpu = [
      { key: 'cpu-a', face: 'cpu-8', label: 'CPU_A' },
      { key: 'cpu-b', face: 'cpu-4', label: 'CPU_B', need: 'may' },
    ]
    const two = buildOf(
      altered(TOWER, {
        board: { headers: [...headers.filter(h => !String(h['face']).startsWith('cpu')), ...cpu] },
        processor: { power: { sustained: exact('W', 65) } },
      }),
    )
    const at = (W: number) =>
      ofRule(change(two, { do: 'runBeyond', id: 'processor', figure: W }), 'joints/unmet').find(
        f => f.demand === 'board/cpu-b',
      )?.verdict
    expect(at(90)).toBe('stop')
    expect(at(45)).not.toBe('stop')
  })
  test('a memory profile that is declared says so', () => {
    const declared = change(tower, { do: 'runBeyond', id: 'memory', figure: 8000 })
    expect(ofRule(declared, 'fit/memory-speed')).toMatchObject([
      { verdict: 'watch', sentence: expect.stringContaining('Declared speed') as string },
    ])
  })
  test('a part without a rating, and watts that are none, are refused with a sentence', () => {
    expect(tryCommand(tower, { do: 'runBeyond', id: 'case', figure: 100 })).toMatchObject({
      problem: expect.stringContaining('has no rating') as string,
    })
    expect(tryCommand(tower, { do: 'runBeyond', id: 'processor', figure: 0 })).toHaveProperty(
      'problem',
    )
  })
  test('clock jumpers of an old board are named', () => {
    const jumpers = [{ label: 'JP5', sets: 'bus clock', positions: [] }]
    const old = buildOf(altered(TOWER, { board: { jumpers } }))
    const [found] = ofRule(
      change(old, { do: 'runBeyond', id: 'processor', figure: 200 }),
      'power/beyond',
    )
    expect(found?.wayOut).toMatch(/Set JP5 for it/)
  })
})

describe('where a pump goes', () => {
  const wet = buildOf(
    altered(TOWER, {
      cooler: { ...part('ottery-rill-240'), fan: undefined },
      board: {
        headers: [
          ...(TOWER['board']?.['headers'] as readonly Fields[]).filter(
            h => !String(h['face']).startsWith('fan'),
          ),
          { key: 'fan-cpu', face: 'fan-4', label: 'CPU_FAN', role: 'processor' },
          { key: 'fan-pump', face: 'fan-4', label: 'PUMP', role: 'pump' },
          { key: 'fan-1', face: 'fan-4', label: 'FAN_1', role: 'case' },
        ],
      },
    }),
  )
  const header = (build: Build) => then(build).joints.find(j => j.plug === 'cooler/pump')?.id
  test('on its own header, or on the processor’s, as chosen', () => {
    expect(header(wet)).toMatch(/board\/fan-pump$/)
    const chosen = change(wet, { do: 'choosePractice', practice: 'pump', option: 'processor' })
    expect(header(chosen)).toMatch(/board\/fan-cpu$/)
    expect(ofRule(chosen, 'joints/pump-header')).toMatchObject([{ verdict: 'clear' }])
  })
  test('an option that is none is refused', () => {
    expect(
      tryCommand(wet, { do: 'choosePractice', practice: 'pump', option: 'ceiling' }),
    ).toMatchObject({ problem: expect.stringContaining('Choose own or processor') as string })
  })
})

test('who always wants a speaker is told where there is none', () => {
  const always: Sent = { do: 'choosePractice', practice: 'speaker', option: 'always' }
  expect(ofRule(tower, 'proof/speaker')).toEqual([])
  expect(ofRule(change(tower, always), 'proof/speaker')).toMatchObject([{ verdict: 'watch' }])
  const headers = TOWER['board']?.['headers'] as readonly Fields[]
  const heard = buildOf(
    altered(TOWER, {
      board: { headers: [...headers, { key: 'spk', face: 'speaker', label: 'SPK' }] },
      beeper: { kind: 'beeper', id: 'b', model: 'Beeper' },
    }),
  )
  expect(ofRule(change(heard, always), 'proof/speaker')).toMatchObject([{ verdict: 'clear' }])
})

describe('software', () => {
  const withCard = (software: unknown): Build =>
    buildOf(altered(TOWER, { card: { ...part('hollin-net-10'), software } }))
  const about = (build: Build) =>
    ofRule(build, 'proof/software').filter(f => f.parts.includes('card'))
  test('not stated: asked; stated: told; “none” is none', () => {
    expect(about(withCard(undefined))).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'card', path: 'software' }] },
    ])
    expect(about(withCard('driver for Heron 3 and later'))).toMatchObject([{ verdict: 'clear' }])
    expect(about(withCard('none beyond the system'))).toMatchObject([{ verdict: 'clear' }])
  })
  test('on a system that its words do not name it is asked; on one they name it is clear', () => {
    const runs = (software: string) =>
      about(change(withCard(software), { do: 'chooseRuns', runs: 'Heron 4' }))
    expect(runs('driver for Heron 3 and later')).toMatchObject([{ verdict: 'clear' }])
    expect(runs('driver for Bittern')).toMatchObject([{ verdict: 'measure' }])
    expect(runs('none beyond the system')).toMatchObject([{ verdict: 'clear' }])
  })
})

describe('cut for good', () => {
  const sled = {
    ...{ ...part('fenwright-frame-35-525'), fits: '3.5', front: false, pin: true },
  }
  const pinned = buildOf(
    altered(TOWER, {
      drive: { ...part('sedgeline-r3-2000'), middleHoles: false },
      ...{ rail: sled, lead: { ...part('hollin-sata-500') } },
    }),
    { 'drive/bay': 'rail/drive-1' },
  )
  test('the pin cut off: the drive goes in, and the copy says so for good', () => {
    expect(ofRule(pinned, 'fit/sled-pin')).toMatchObject([{ verdict: 'stop' }])
    const cut = change(pinned, { do: 'cut', id: 'rail', what: 'pin', title: 'pin off' })
    expect(ofRule(cut, 'fit/sled-pin')).toEqual([])
    expect(cut.items.find(i => i.id === 'rail')?.cuts).toEqual(['pin'])
    expect(then(cut).parts.rows.find(r => r.id === 'rail')?.cuts).toEqual([
      'cut the locating pin off',
    ])
    expect(tryCommand(cut, { do: 'cut', id: 'rail', what: 'pin' })).toHaveProperty('problem')
  })
  test('offered as a fix of its own, marked, and never first where another helps', () => {
    const plain = { ...part('fenwright-frame-35-525'), id: 'plain', fits: '3.5', front: false }
    const [stop] = ofRule(pinned, 'fit/sled-pin')
    const remedies = remediesFor(pinned, 'then', stop?.id ?? '', [
      { ...plain, pin: false } as never,
    ])
    expect(remedies.at(-1)).toMatchObject({
      kind: 'cut',
      title: expect.stringContaining('Cannot be undone') as string,
    })
    expect(remedies.length).toBeGreaterThan(1)
    expect(remedies[0]?.kind).not.toBe('cut')
  })
})
