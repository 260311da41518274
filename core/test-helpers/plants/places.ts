// For tests: boards on trays, brackets in covers, sticks in sockets, shared lanes, marks and what is
// declared.
import { altered, exact, type Draw, type Fields, type Machine } from '../planted-machine'
import { SMALL_CARD, type Plant } from './plant'

const NINE = ['A', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M']
/** The tower’s tray with all threads of an ATX board, none standing yet. */
const tray = (draw: Draw, standoffs: Fields, board: Fields = {}): Machine =>
  altered(draw.tower, {
    board: { form: 'ATX', holes: NINE, ...board },
    case: { standoffs: { threads: NINE, fitted: [], supplied: 9, ...standoffs } },
  })

const SOCKET: Fields = {
  ...{ key: 'm', label: 'M2_X', keys: ['M'], lengths: ['2280'], protocols: ['NVMe', 'SATA'] },
  ...{ lanes: 4, generation: 4, cover: 'none', takes: 'double-sided' },
}
const STICK: Fields = {
  ...{ kind: 'drive', id: 'stick', model: 'Stick', shape: 'M.2', protocol: 'NVMe' },
  m2: { keys: ['M'], length: '2280', generation: 4, heatSink: false, sides: 'one' },
}
const sticks = ({ tower }: Draw, socket: Fields, m2: Fields, board: Fields = {}): Machine =>
  altered(tower, {
    board: { m2: [{ ...SOCKET, ...socket }], shares: [], ...board },
    stick: { ...STICK, m2: { ...(STICK['m2'] as Fields), ...m2 } },
  })

export const PLACES: readonly Plant[] = [
  {
    name: 'a standoff at a place of its own under the board',
    plant: draw => {
      const own = [{ label: 'odd', at: [draw.whole(40, 150), draw.whole(30, 140)], stands: true }]
      const names = ['board', 'case']
      return { machine: tray(draw, { own }), rule: 'fit/standoff-stray', verdict: 'harm', names }
    },
  },
  {
    name: 'a guide peg where the board has no hole',
    plant: draw => ({
      machine: tray(draw, { pegs: ['H'] }, { holes: NINE.filter(h => h !== 'H') }),
      ...{ rule: 'fit/standoff-stray', verdict: 'harm', names: ['board', 'case'] },
    }),
  },
  {
    name: 'a hole of its own for which the tray has no thread',
    plant: draw => ({
      machine: tray(draw, {}, { ownHoles: [{ label: 'own', at: [draw.whole(200, 235), 90] }] }),
      ...{ rule: 'fit/standoff-thread', verdict: 'watch', names: ['board', 'case'] },
    }),
  },
  {
    name: 'threads of a tray that is known by its forms alone',
    plant: draw => ({
      machine: altered(draw.tower, {
        board: { form: 'ATX', holes: NINE, ownHoles: [{ label: 'own', at: [220, 90] }] },
        case: { boards: ['ATX'], standoffs: { fitted: [], supplied: 10 } },
      }),
      ...{ rule: 'fit/standoff-thread', verdict: 'measure', names: ['board', 'case'] },
    }),
  },
  {
    name: 'a full bracket in a case of low ones',
    plant: draw => ({
      machine: altered(draw.tower, {
        card: { ...SMALL_CARD, profile: 'full' },
        case: { slots: 7, profile: 'low' },
      }),
      ...{ rule: 'fit/card-profile', verdict: 'stop', names: ['card', 'case'] },
    }),
  },
  {
    name: 'a bracket of which nobody knows the height',
    plant: draw => ({
      machine: altered(draw.tower, {
        card: { ...SMALL_CARD, height: exact('mm', 65) },
        case: { slots: 7, profile: 'full' },
      }),
      ...{ rule: 'fit/card-profile', verdict: 'measure', names: ['card', 'case'] },
    }),
  },
  {
    name: 'two heat sinks over one stick',
    plant: draw => ({
      machine: sticks(draw, { cover: 'fixed' }, { heatSink: true }),
      ...{ rule: 'fit/stick-body', verdict: 'stop', names: ['stick', 'board'] },
    }),
  },
  {
    name: 'chips on both sides over a low socket',
    plant: draw => ({
      machine: sticks(draw, { takes: 'single-sided' }, { sides: 'both' }),
      ...{ rule: 'fit/stick-body', verdict: 'stop', names: ['stick', 'board'] },
    }),
  },
  {
    name: 'lanes of a socket that nobody stated',
    plant: draw => ({
      machine: sticks(draw, { lanes: undefined }, {}),
      ...{ rule: 'fit/link', verdict: 'measure', names: ['stick', 'board'] },
    }),
  },
  {
    name: 'two fast sticks behind one uplink',
    plant: draw => {
      const second = { ...SOCKET, key: 'm-2', label: 'M2_Y' }
      const uplink = { label: 'uplink', keys: ['m', 'm-2'], sharing: 'uplink', generation: 4 }
      const board = { m2: [SOCKET, second], shares: [{ ...uplink, lanes: draw.whole(1, 7) }] }
      const machine = altered(draw.tower, { board, stick: STICK, other: { ...STICK, id: 'other' } })
      return { machine, rule: 'fit/uplink', verdict: 'watch', names: ['board', 'stick', 'other'] }
    },
  },
  {
    name: 'a fan-out of which nobody knows which way it is wired',
    plant: ({ tower }) => ({
      machine: altered(tower, {
        lead: {
          ...{ kind: 'lead', id: 'fan-out', model: 'Fan-out', face: 'mini-sas', to: 'sata-data' },
          branches: [{ label: 'P1' }, { label: 'P2' }],
        },
      }),
      ...{ rule: 'joints/known', verdict: 'measure', names: ['lead'] },
    }),
  },
  {
    name: 'the only main power socket, marked broken',
    plant: ({ tower }) => ({
      ...{ machine: tower, copies: { board: { marks: { main: { as: 'broken' } } } } },
      ...{ rule: 'joints/unmet', verdict: 'stop', names: ['board'] },
      also: ['power/', 'joints/'],
    }),
  },
  {
    name: 'a cooler that sat on a processor, and no paste',
    plant: ({ tower }) => ({
      ...{ machine: tower, copies: { cooler: { condition: 'known good' } } },
      ...{ rule: 'fit/paste', verdict: 'watch', names: ['cooler'] },
    }),
  },
  {
    name: 'a processor run beyond its rating',
    plant: draw => ({
      machine: altered(draw.tower, { processor: { power: { sustained: exact('W', 60) } } }),
      copies: { processor: { beyond: draw.whole(61, 80) } },
      ...{ rule: 'power/beyond', verdict: 'watch', names: ['processor'] },
      // It wants every processor power plug that the board has; supplies here have one.
      also: ['joints/unmet'],
    }),
  },
  {
    name: 'a driver that is not made for what runs',
    plant: ({ tower }) => ({
      machine: altered(tower, {
        card: { ...SMALL_CARD, profile: 'both', software: 'driver for Bittern 2' },
      }),
      choices: { runs: 'Heron 4' },
      ...{ rule: 'proof/software', verdict: 'measure', names: ['card'] },
    }),
  },
  {
    name: 'no speaker where one is always wanted',
    plant: ({ tower }) => ({
      ...{ machine: tower, choices: { practices: { speaker: 'always' } } },
      ...{ rule: 'proof/speaker', verdict: 'watch', names: ['board'] },
    }),
  },
]
