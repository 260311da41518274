// What a drive joins: SAS over fan-outs, both ways of a fan-out, backplanes with leads and power of
// their own, a drive with a list of its sockets.
import { situationIn } from '../analysis/analyse'
import { Memory } from '../pipeline/memory'
import { altered, buildOf, TOWER, type Fields, type Machine } from '../test-helpers/planted-machine'
import { part, then } from '../test-helpers/demos'

const jointsOf = (machine: Machine, pins: Readonly<Record<string, string>> = {}) =>
  then(buildOf(machine, pins)).joints.map(j => j.id)
const unmet = (machine: Machine) =>
  then(buildOf(machine)).findings.filter(f => f.rule === 'joints/unmet')

const CONTROLLER: Fields = {
  ...{ kind: 'card', id: 'hba', model: 'Controller', does: 'storage', size: 'x8', lanes: 8 },
  ...{ generation: 3, profile: 'both', power: [], watts: 8 },
  headers: [{ key: 'sas-1', face: 'mini-sas', label: 'SAS_1' }],
}
const disk = (protocol: string): Fields => ({
  ...{ kind: 'drive', id: 'disk', model: 'Disk', shape: '3.5', protocol, spins: true },
})
const fanOut = (about: Fields): Fields => ({
  ...{ kind: 'lead', id: 'fan-out', model: 'Fan-out', face: 'mini-sas', to: 'sata-data' },
  ...{ length: 500, branches: [1, 2, 3, 4].map(n => ({ label: `P${n}` })), ...about },
})

describe('SAS', () => {
  const sas = (protocol: string, to: string): Machine =>
    altered(TOWER, {
      ...{ card: CONTROLLER, disk: disk(protocol), lead: fanOut({ to, direction: 'forward' }) },
    })
  test('a SATA disk hangs on a fan-out for SAS drives; a SAS disk does not on one for SATA', () => {
    expect(jointsOf(sas('SATA', 'sas-drive'))).toContain('lead/device-1~disk/data')
    expect(jointsOf(sas('SAS', 'sas-drive'))).toContain('lead/device-1~disk/data')
    expect(jointsOf(sas('SAS', 'sata-data')).some(j => j.endsWith('~disk/data'))).toBe(false)
  })
  test('a SAS disk on a board’s SATA port alone stays without data, and it is said', () => {
    const machine = altered(TOWER, { disk: disk('SAS'), lead: { ...part('hollin-sata-500') } })
    expect(unmet(machine).some(f => f.verdict === 'stop' && f.parts.includes('disk'))).toBe(true)
  })
  test('the newer shape does not mate with the older one', () => {
    const newer = altered(TOWER, {
      card: { ...CONTROLLER, headers: [{ key: 'sas-1', face: 'mini-sas-hd', label: 'SAS_1' }] },
      ...{ disk: disk('SATA'), lead: fanOut({ direction: 'forward' }) },
    })
    expect(jointsOf(newer).some(j => j.startsWith('lead/board'))).toBe(false)
  })
})

describe('fan-outs look alike and are not', () => {
  const forward = (direction: string | undefined): Machine =>
    altered(TOWER, { card: CONTROLLER, disk: disk('SATA'), lead: fanOut({ direction }) })
  test('forward: from the controller to the disk; reverse: not', () => {
    expect(jointsOf(forward('forward'))).toContain('lead/board~card/sas-1')
    expect(jointsOf(forward('reverse')).some(j => j.endsWith('card/sas-1'))).toBe(false)
  })
  test('nobody said which: it is to be looked at', () => {
    const { findings } = then(buildOf(forward(undefined)))
    expect(
      findings.filter(f => f.rule === 'joints/known' && f.parts.includes('lead')),
    ).toMatchObject([{ verdict: 'measure', asks: [{ item: 'lead', path: 'direction' }] }])
  })
})

describe('a branch is measured from where its one plug sits', () => {
  const bays = [1, 2].map(n => ({
    ...{ key: `b${n}`, label: `bay ${n}`, size: '3.5', at: [300, 60 + 60 * n, 60] },
  }))
  const lengths = (length: number) =>
    then(
      buildOf(
        altered(TOWER, {
          ...{ case: { bays }, card: CONTROLLER },
          ...{ disk: disk('SATA'), lead: fanOut({ direction: 'forward', length }) },
        }),
        { 'lead/device-1': 'disk/data', 'lead/board': 'card/sas-1' },
      ),
    ).findings.filter(f => f.rule === 'routes/lead-length' && f.parts.includes('lead'))
  test('a metre reaches, ten centimetres do not', () => {
    expect(lengths(1000)).toMatchObject([{ verdict: 'clear', have: 1000 }])
    const [short] = lengths(100)
    expect(['stop', 'measure']).toContain(short?.verdict)
    expect(short?.need).toBe(lengths(1000)[0]?.need)
  })
  test('of a ribbon the second plug hangs as far as both stretches together', () => {
    const headers = TOWER['board']?.['headers'] as readonly Fields[]
    const old = { kind: 'drive', shape: '3.5', protocol: 'IDE', model: 'Old disk' }
    const machine = altered(TOWER, {
      board: {
        headers: [...headers, { key: 'ide', face: 'ribbon-40', label: 'I', at: [200, 200] }],
      },
      case: { bays },
      one: { ...old, id: 'one', jumper: 'first' },
      two: { ...old, id: 'two', jumper: 'second' },
      lead: {
        ...{ kind: 'lead', id: 'ribbon', model: 'Ribbon', face: 'ribbon-40', length: 430 },
        branches: [
          { label: 'near', after: 300 },
          { label: 'far', after: 130 },
        ],
      },
    })
    const have = then(buildOf(machine))
      .findings.filter(f => f.rule === 'routes/lead-length' && f.parts.includes('lead'))
      .map(f => f.have)
    expect(have.sort()).toEqual([300, 430])
  })
})

describe('a backplane behind two bays', () => {
  const BAYS = [0, 1].map(n => ({
    ...{ key: `hot-${n}`, label: `hot bay ${n}`, size: '3.5', at: [300, 100, 60 + 40 * n] },
  }))
  const plane = (inlets: readonly Fields[]): Fields => ({
    bays: BAYS,
    backplanes: [{ key: 'bp', label: 'backplane', bays: ['hot-0', 'hot-1'], inlets }],
  })
  const POWER = { key: 'power', label: 'power', face: 'sata-power' }
  const machine = (inlets: readonly Fields[], more: Machine = {}): Machine =>
    altered(TOWER, { case: plane(inlets), disk: disk('SATA'), ...more })

  test('a drive there plugs into it; it wants its own data and power leads', () => {
    const one = machine([{ key: 'd', label: 'data', face: 'sata-data' }, POWER], {
      lead: { ...part('hollin-sata-500') },
    })
    const joints = jointsOf(one, { 'disk/bay': 'case/hot-0' })
    expect(joints).toEqual(
      expect.arrayContaining([
        'case/bp.hot-0.data~disk/data',
        'case/bp.hot-0.power~disk/power',
        'lead/device~case/bp.d',
      ]),
    )
    expect(joints.some(j => j.endsWith('~case/bp.power'))).toBe(true)
  })
  test('without a lead for it, the drive has no data, and the supply feeds the drive through it', () => {
    const bare = machine([{ key: 'd', label: 'data', face: 'sata-data' }, POWER])
    expect(jointsOf(bare).some(j => j.endsWith('.data~disk/data'))).toBe(false)
    const fed = buildOf(machine([POWER]), { 'disk/bay': 'case/hot-0' })
    const { loads } = situationIn(fed, 'then', new Memory())
    const lines = loads.filter(l => l.item === 'disk').flatMap(l => l.feeds)
    expect(lines.length).toBeGreaterThan(0)
    for (const { supply, joints } of lines) {
      expect(supply).toBe('supply')
      expect(joints[0]).toBe('case/bp.hot-0.power~disk/power')
      expect(joints[1]).toMatch(/~case\/bp\.power$/)
    }
  })
  test('four ports of the board over a reverse fan-out feed a backplane of one socket', () => {
    const reverse = machine([{ key: 'm', label: 'data', face: 'mini-sas' }, POWER], {
      lead: fanOut({ direction: 'reverse' }),
    })
    const joints = jointsOf(reverse, { 'disk/bay': 'case/hot-0' })
    expect(joints).toContain('lead/board~case/bp.m')
    expect(joints.some(j => /^lead\/device-\d~board\/sata/.test(j))).toBe(true)
    expect(
      jointsOf(
        machine([{ key: 'm', label: 'data', face: 'mini-sas' }, POWER], {
          lead: fanOut({ direction: 'forward' }),
        }),
      ).some(j => j.endsWith('~case/bp.m')),
    ).toBe(false)
  })
})

test('a floppy drive with a card reader joins all three: ribbon, power, USB', () => {
  const plugs = [
    { key: 'ribbon', label: 'floppy data', face: 'ribbon-34' },
    { key: 'power', label: 'power', face: 'drive-small-4' },
    { key: 'usb', label: 'card reader', face: 'usb-2', need: 'should' },
  ]
  const headers = TOWER['board']?.['headers'] as readonly Fields[]
  const machine = altered(TOWER, {
    board: {
      headers: [
        ...headers,
        { key: 'fdd', face: 'ribbon-34', label: 'FDD' },
        { key: 'usb-9', face: 'usb-2', label: 'USB_9' },
      ],
    },
    supply: {
      cables: [
        ...(TOWER['supply']?.['cables'] as readonly Fields[]),
        { key: 'small', plugs: [{ face: 'drive-small-4' }] },
      ],
    },
    reader: { ...{ kind: 'drive', id: 'two', model: 'Two in one', shape: '3.5' }, plugs },
    lead: { kind: 'lead', id: 'r', model: 'Ribbon', face: 'ribbon-34', length: 450 },
  })
  const joints = jointsOf(machine)
  expect(joints.filter(j => j.includes('reader/')).length).toBeGreaterThanOrEqual(3)
  expect(joints.some(j => j.startsWith('reader/usb~board/usb'))).toBe(true)
  expect(joints).toContain('lead/device~reader/ribbon')
  expect(joints.some(j => j.endsWith('~reader/power'))).toBe(true)
})

test('a large floppy drive wants the plug for its card edge, a small one the header', () => {
  const headers = TOWER['board']?.['headers'] as readonly Fields[]
  const board = { headers: [...headers, { key: 'fdd', face: 'ribbon-34', label: 'FDD' }] }
  const large = { ...part('sedgeline-floppy-525') }
  const small = { ...part('sedgeline-floppy-35') }
  const both = altered(TOWER, { board, large, small, ribbon: { ...part('hollin-ribbon-34') } })
  const joints = jointsOf(both)
  expect(joints).toContain('ribbon/board~board/fdd')
  expect(joints.some(j => /^ribbon\/device-[24]~large\/data$/.test(j))).toBe(true)
  expect(joints.some(j => /^ribbon\/device-[13]~small\/data$/.test(j))).toBe(true)
  const plain = { kind: 'lead', id: 'r', model: 'Ribbon', face: 'ribbon-34', length: 450 }
  expect(
    jointsOf(altered(TOWER, { board, large, ribbon: plain })).some(j => j.endsWith('large/data')),
  ).toBe(false)
})

describe('twin board power', () => {
  const old = {
    board: { ...part('saltpan-weir-486') },
    supply: { ...part('teazle-old-400'), cables: [{ key: 'at', plugs: [{ face: 'board-pair' }] }] },
  }
  test('is two plugs, each in its own half', () => {
    const joints = jointsOf(old)
    expect(joints).toContain('supply/at.1~board/board-pair-1')
    expect(joints).toContain('supply/at.1.9~board/board-pair-1.9')
  })
  test('crossed by hand: harm, and it says why', () => {
    const { findings } = then(
      buildOf(old, {
        'supply/at.1': 'board/board-pair-1.9',
        'supply/at.1.9': 'board/board-pair-1',
      }),
    )
    const harm = findings.filter(f => f.rule === 'joints/joined' && f.verdict === 'harm')
    expect(harm).toHaveLength(2)
    expect(harm[0]?.sentence).toMatch(/black wires lie outside/)
  })
  test('nothing speaks of a 24-pin, a soft switch or a button', () => {
    const { proof } = then(buildOf(old))
    expect(JSON.stringify(proof)).not.toMatch(/24-pin|power-switch lead|Press the button/)
    expect(proof.find(c => c.id === 'proof:button')?.do).toMatch(/mains switch/)
  })
})
