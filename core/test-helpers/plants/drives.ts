// For tests: drives that do not go into their sled, are not seen on their lead, or sleep.
import { altered, stated, type Draw, type Fields, type Machine } from '../planted-machine'
import { short, type Plant } from './plant'

const DISK: Fields = {
  ...{ kind: 'drive', id: 'disk', model: 'Disk', shape: '3.5', protocol: 'SATA', spins: true },
}
const LEAD: Fields = {
  ...{ kind: 'lead', id: 'data', model: 'Data lead', face: 'sata-data', length: 600 },
}
const SLED: Fields = {
  ...{ kind: 'rail', id: 'sled', model: 'Sled', takes: '3.5', fits: '3.5', pin: true },
}
const IN_SLED = { 'disk/bay': 'sled/drive-1' }
const inSled = ({ tower }: Draw, disk: Fields, sled: Fields = {}): Machine =>
  altered(tower, { disk: { ...DISK, ...disk }, lead: LEAD, sled: { ...SLED, ...sled } })

/** Two old drives on one ribbon, set so. */
const onRibbon = (draw: Draw, first: string | undefined, second: string | undefined): Machine => {
  const headers = draw.tower['board']?.['headers'] as readonly Fields[]
  const old = { kind: 'drive', shape: '3.5', protocol: 'IDE', model: 'Old disk' }
  const branches = [{ label: 'second drive' }, { label: 'first drive' }]
  return altered(draw.tower, {
    board: { headers: [...headers, { key: 'ide', face: 'ribbon-40', label: 'IDE1' }] },
    one: { ...old, id: 'one', jumper: first },
    two: { ...old, id: 'two', jumper: second },
    ribbon: { kind: 'lead', id: 'ribbon', model: 'Ribbon', face: 'ribbon-40', branches },
  })
}
/** Old drives want the large plug, which not every supply has. */
const OLD_POWER = ['joints/unmet', 'joints/known']

export const DRIVES: readonly Plant[] = [
  {
    name: 'a sled’s pin and a disk without the hole for it',
    plant: draw => ({
      ...{ machine: inSled(draw, { middleHoles: false }), pins: IN_SLED },
      ...{ rule: 'fit/sled-pin', verdict: 'stop', names: ['disk', 'sled'] },
    }),
  },
  {
    name: 'a sled’s pin and a disk whose holes nobody knows',
    plant: draw => ({
      ...{ machine: inSled(draw, {}), pins: IN_SLED },
      ...{ rule: 'fit/sled-pin', verdict: 'measure', names: ['disk', 'sled'] },
    }),
  },
  {
    name: 'a disk too thick for its sled',
    plant: draw => {
      const most = draw.whole(20, 26)
      const { by, verdict } = short(draw, 1.5)
      const disk = { thickness: stated('mm', most + by, 1) }
      const sled = { pin: false, thickest: stated('mm', most, 0.5) }
      const names = ['disk', 'sled']
      const machine = inSled(draw, disk, sled)
      return { machine, pins: IN_SLED, rule: 'fit/sled-thickness', verdict, names }
    },
  },
  {
    name: 'two drives set alike on one ribbon',
    plant: draw => {
      const set = draw.isWithin ? 'first' : 'second'
      const names = ['one', 'two']
      const machine = onRibbon(draw, set, set)
      return { machine, rule: 'joints/ribbon-order', verdict: 'stop', names, also: OLD_POWER }
    },
  },
  {
    name: 'a drive on a ribbon whose jumper nobody knows',
    plant: draw => {
      const machine = onRibbon(draw, 'first', undefined)
      const names = ['one', 'two']
      return { machine, rule: 'joints/ribbon-order', verdict: 'measure', names, also: OLD_POWER }
    },
  },
  {
    name: 'a data lead longer than its standard',
    plant: draw => {
      const lead = { ...LEAD, length: stated('mm', draw.whole(1010, 1800), 1) }
      const machine = altered(draw.tower, { disk: DISK, lead })
      return { machine, rule: 'routes/longest-lead', verdict: 'watch', names: ['lead'] }
    },
  },
  {
    name: 'a disk that may stay asleep',
    plant: draw => {
      const machine = altered(draw.tower, { disk: { ...DISK, wakes: false }, lead: LEAD })
      return { machine, rule: 'power/sleeping-disk', verdict: 'measure', names: ['disk'] }
    },
  },
  {
    name: 'a stick of four lanes where two lead',
    plant: draw => {
      const m2 = [
        {
          ...{ key: 'm', label: 'M2_1', keys: ['M'], lengths: ['2280'], protocols: ['NVMe'] },
          ...{ lanes: draw.whole(1, 2), generation: 4 },
        },
      ]
      const stick = {
        ...{ kind: 'drive', id: 'stick', model: 'Stick', shape: 'M.2', protocol: 'NVMe' },
        m2: { keys: ['M'], length: '2280', generation: 4 },
      }
      const machine = altered(draw.tower, { board: { m2 }, stick })
      return { machine, rule: 'fit/link', verdict: 'watch', names: ['stick', 'board'] }
    },
  },
]
