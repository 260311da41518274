// For tests: what is wrong with older machines.
import { part } from '../demos'
import { altered, type Fields, type Machine } from '../planted-machine'
import type { Plant } from './plant'

const of = (id: string): Fields => ({ ...part(id) })
/** A sound machine of those years, of which every figure is stated. */
const OLD: Machine = {
  case: of('fenwright-loft-at'),
  board: of('saltpan-ford-33'),
  processor: of('quillmark-grebe-33'),
  memory: of('merewick-chips-256'),
  supply: of('teazle-at-200'),
  display: of('marram-isa-mono'),
  controller: of('hollin-multi-isa'),
}
const SET = { board: { jumpers: { JP1: '1-2', JP3: '2-3', JP7: 'open' } } }
const jumpers = (JP3: string): Fields => ({ jumpers: { ...SET.board.jumpers, JP3 } })
const BATTERY = { battery: of('pennick-pack-6') }

export const OLD_MACHINES: readonly Plant[] = [
  {
    name: 'chips that fill a part of their bank',
    plant: draw => ({
      ...{ machine: altered(OLD, { memory: { modules: 9 * draw.whole(1, 3) } }), copies: SET },
      ...{ rule: 'fit/memory-banks', verdict: 'stop', names: ['memory', 'board'] },
    }),
  },
  {
    name: 'a row of chips with some missing',
    plant: draw => ({
      ...{ machine: altered(OLD, { memory: { modules: 36 - draw.whole(2, 8) } }), copies: SET },
      ...{ rule: 'fit/memory-banks', verdict: 'stop', names: ['memory', 'board'] },
    }),
  },
  {
    name: 'a row of chips without the one for parity',
    plant: () => ({
      ...{ machine: altered(OLD, { memory: { modules: 35 } }), copies: SET },
      ...{ rule: 'fit/memory-banks', verdict: 'measure', names: ['memory', 'board'] },
    }),
  },
  {
    name: 'a display jumper on the other sort',
    plant: () => ({
      ...{ machine: OLD, copies: { board: jumpers('1-2') } },
      ...{ rule: 'joints/jumper', verdict: 'stop', names: ['board', 'display'] },
    }),
  },
  {
    name: 'a coprocessor of which the jumper knows nothing',
    plant: () => ({
      machine: altered(OLD, { beside: of('quillmark-grebe-c33') }),
      ...{ copies: SET, rule: 'joints/jumper', verdict: 'watch', names: ['board', 'beside'] },
    }),
  },
  {
    name: 'a mains switch taken for a lead',
    plant: draw => {
      const wide = draw.whole(2, 4)
      const lead = { key: 'on', label: 'power', face: 'panel-lead', job: 'power-switch', wide }
      const leads = [...(OLD['case']?.['leads'] as readonly Fields[]), lead]
      const machine = altered(OLD, { case: { leads } })
      return { machine, copies: SET, rule: 'panel/mains-lead', verdict: 'harm', names: ['case'] }
    },
  },
  {
    name: 'a mains switch with bare tabs, or none',
    plant: draw => {
      const mainsSwitch = draw.isWithin ? 'bare tabs' : 'none'
      const machine = altered(OLD, { supply: { mainsSwitch } })
      const names = ['supply']
      return { machine, copies: SET, rule: 'power/mains-switch', verdict: 'stop', names }
    },
  },
  {
    name: 'a battery of too many volts, or of too few',
    plant: draw => {
      const volts = draw.isWithin ? draw.between(6.5, 9) : draw.between(3, 5.5)
      const machine = altered(OLD, { battery: { ...BATTERY.battery, volts } })
      const copies = { board: { jumpers: { ...SET.board.jumpers, JP1: '2-3' } } }
      const verdict = draw.isWithin ? 'harm' : 'watch'
      const names = ['battery', 'board']
      return { machine, copies, rule: 'power/battery-volts', verdict, names }
    },
  },
  {
    name: 'a supply that wants more load on 5 V than there is',
    plant: draw => {
      const rails = { ...(OLD['supply']?.['rails'] as Fields), least5: draw.between(5, 9) }
      const machine = altered(OLD, { supply: { rails } })
      const names = ['supply']
      return { machine, copies: SET, rule: 'power/least-load', verdict: 'watch', names }
    },
  },
  {
    name: 'plastic posts alone under a board',
    plant: () => {
      const standoffs = OLD['case']?.['standoffs'] as Fields
      const own = (standoffs['own'] as readonly Fields[]).map(o => ({ ...o, of: 'plastic' }))
      const machine = altered(OLD, { case: { standoffs: { ...standoffs, own, posts: 6 } } })
      const names = ['board', 'case']
      return { machine, copies: SET, rule: 'fit/standoff-thread', verdict: 'watch', names }
    },
  },
  {
    name: 'more ports on a lead than its header serves',
    plant: draw => {
      const leads = [{ key: 'w', label: 'front USB', face: 'usb-3', ports: draw.whole(3, 6) }]
      const machine = altered(draw.tower, { case: { leads } })
      const names = ['case', 'board']
      return { machine, rule: 'joints/port-count', verdict: 'watch', names, also: ['joints/unmet'] }
    },
  },
]
