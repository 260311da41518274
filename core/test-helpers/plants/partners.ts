// For tests: what has no partner, what is not known, and what is there and should not be.
import { altered, exact, type Fields } from '../planted-machine'
import { strip, withHeaders, type Plant } from './plant'

const without = (parts: readonly Fields[], face: string): readonly Fields[] =>
  parts.filter(p => p['face'] !== face)

/** What has no partner, and what has one that it should not have. */
export const PARTNERS: readonly Plant[] = [
  {
    name: 'no plug for the processor',
    plant: draw => {
      const cables = (draw.tower['supply']?.['cables'] as readonly Fields[]).filter(
        c => !(c['plugs'] as readonly Fields[]).some(p => p['face'] === 'cpu-8'),
      )
      const machine = altered(draw.tower, { supply: { cables } })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['board'] }
    },
  },
  {
    name: 'a supply of which nobody knows the plugs',
    plant: draw => {
      const machine = altered(draw.tower, { supply: { cables: null } })
      return { machine, rule: 'joints/known', verdict: 'measure', names: ['supply'] }
    },
  },
  {
    name: 'a processor of which nobody knows the socket',
    plant: draw => {
      const machine = altered(draw.tower, { processor: { socket: null } })
      return { machine, rule: 'joints/known', verdict: 'measure', names: ['processor'] }
    },
  },
  {
    name: 'a processor for another socket',
    plant: draw => {
      const machine = altered(draw.tower, { processor: { socket: 'REED-9' } })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['processor'] }
    },
  },
  {
    name: 'memory of another generation',
    plant: draw => {
      const machine = altered(draw.tower, { memory: { type: 'DDR4' } })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['memory'] }
    },
  },
  {
    name: 'a front socket without a header',
    plant: draw => {
      const leads = draw.tower['case']?.['leads'] as readonly Fields[]
      const lead = { key: 'c', label: 'front USB-C', face: 'usb-c', ports: 1 }
      const headers = without(draw.tower['board']?.['headers'] as readonly Fields[], 'usb-c')
      const machine = altered(draw.tower, { case: { leads: [...leads, lead] }, board: { headers } })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['case'] }
    },
  },
  {
    name: 'a strip of 5 V where only 12 V is',
    plant: draw => {
      const header = { key: 'l', face: 'light-12', label: 'LED12' }
      const machine = altered(withHeaders(draw, header), { strip: strip(0.5) })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['strip'] }
    },
  },
  {
    name: 'a stick that speaks what its socket does not',
    plant: draw => {
      const m2 = [{ key: 'm', label: 'M2_1', keys: ['M'], lengths: ['2280'], protocols: ['NVMe'] }]
      const stick = {
        ...{ kind: 'drive', id: 'stick', model: 'Stick', shape: 'M.2', protocol: 'SATA' },
        m2: { keys: ['M'], length: '2280' },
      }
      const machine = altered(draw.tower, { board: { m2 }, stick })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['stick'] }
    },
  },
  {
    name: 'no picture',
    plant: draw => {
      const machine = altered(draw.tower, { processor: { picture: false } })
      return { machine, rule: 'fit/picture', verdict: 'stop', names: ['processor', 'board'] }
    },
  },
  {
    name: 'a picture of which nobody knows',
    plant: draw => {
      const machine = altered(draw.tower, { processor: { picture: null } })
      return { machine, rule: 'fit/picture', verdict: 'measure', names: ['processor', 'board'] }
    },
  },
  {
    name: 'a firmware older than the processor',
    plant: draw => {
      const firmware = {
        ...{ version: `1.${draw.whole(1, 9)}`, flashes: false },
        knows: [{ processor: 'quillmark-t2-65', from: '2.0' }],
      }
      const machine = altered(draw.tower, { board: { firmware } })
      return { machine, rule: 'fit/firmware', verdict: 'stop', names: ['processor', 'board'] }
    },
  },
  {
    name: 'a standoff under the board where it has no hole',
    plant: draw => {
      const fitted = ['A', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M', 'S']
      const machine = altered(draw.tower, { case: { standoffs: { fitted } } })
      return { machine, rule: 'fit/standoff-stray', verdict: 'harm', names: ['board', 'case'] }
    },
  },
  {
    name: 'standoffs of which nobody knows',
    plant: draw => {
      const machine = altered(draw.tower, { case: { standoffs: { fitted: null } } })
      return { machine, rule: 'fit/standoff-stray', verdict: 'measure', names: ['board', 'case'] }
    },
  },
  {
    name: 'a tray deeper than the case promises',
    plant: draw => {
      const board = { form: 'E-ATX', depth: exact('mm', draw.between(257, 280)) }
      const tray = { ...(draw.tower['case']?.['tray'] as Fields | undefined), roomX: null }
      const machine = altered(draw.tower, { board, case: { boards: ['E-ATX', 'ATX'], tray } })
      return { machine, rule: 'fit/board-room', verdict: 'measure', names: ['board', 'case'] }
    },
  },
]
