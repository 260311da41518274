// Drives: M.2 sticks, 2.5-inch and 3.5-inch disks, what reads discs, floppies and memory cards.
import { amount, words } from './facets'
import type { Vec3 } from '../geometry/space'
import { of, times, type Sum } from '../figures/quantity'
import { isData, isPower, type PlugFace } from '../connectors/connectors'
import { DRAW } from '../standards/draws'
import { lanesOfStick, paceOf } from '../standards/cards'
import { VOLTS } from '../standards/rails'
import { usualLead } from '../connectors/leads'
import { DRIVE_SIZE, M2, notchesOf } from '../standards/modules'
import { usual } from '../figures/units'
import { driveSolids, facesOut, UNKNOWN_AS } from './bodies/drive'
import { driveSchema, type Drive, type DrivePlug } from './drive-schema'
import { basisAt, defineKind, type Draw, type ItemOf, type Kind } from './kind'
import { blank, type Ask } from './ask'
import { end, type End } from './end'

const isStick = (p: Drive): boolean => p.shape === 'M.2'

const DATA_FACE: Partial<Record<NonNullable<Drive['protocol']>, PlugFace>> = {
  SAS: 'sas-drive',
  IDE: 'ribbon-40',
  floppy: 'ribbon-34',
}
/** Large floppy drives have their contacts on the edge of their own board. */
const dataFace = ({ protocol, shape }: Drive): PlugFace =>
  protocol === 'floppy' && shape === '5.25'
    ? 'floppy-edge'
    : ((protocol && DATA_FACE[protocol]) ?? 'sata-data')
/** Old drives take the large plug, 3.5-inch floppy drives the small one. */
function powerFace(p: Drive): PlugFace {
  if (p.protocol === 'SATA' || p.protocol === 'SAS') return 'sata-power'
  return p.protocol === 'floppy' && p.shape === '3.5' ? 'drive-small-4' : 'drive-4'
}

/** What such a drive usually draws, W. */
function typical(p: Drive): { rest: number; busy: number } {
  if (p.protocol === 'NVMe') return DRAW.nvme
  if (p.medium === 'optical') return DRAW.optical
  if (p.medium === 'cards') return DRAW.reader
  if (p.medium === 'floppy') return DRAW.floppy
  if (!p.spins) return DRAW.sataSsd
  return p.shape === '3.5' ? DRAW.disk35 : DRAW.disk25
}

export const drive: Kind<'drive', typeof driveSchema> = defineKind({
  kind: 'drive',
  title: 'Drive',
  schema: driveSchema,
  facets: [
    words('shape', 'size'),
    words('protocol', 'protocol'),
    words('medium', 'medium'),
    amount('gigabytes', 'capacity', 'GB'),
  ],
  serves: p => `${p.shape ?? ''} ${p.medium ?? p.protocol ?? ''}`,
  dispensable: true,
  filmed: true,
  asks: item => asksOf(item),
  ends: item => (isStick(item.part) ? stickEnds(item.part) : bayEnds(item)),
  solids: driveSolids,
  draws(item) {
    const p = item.part
    const typically = typical(p)
    const rest = of(drive.leaf(item, 'rest', usual(typically.rest, 'W')))
    const busy = of(drive.leaf(item, 'busy', usual(typically.busy, 'W')))
    const on = (rail: Draw['rail'], share: number, through: readonly string[]): Draw => {
      const part = (s: Sum) => times(s, share)
      return { rail, rest: part(rest), work: part(busy), worst: part(busy), through }
    }
    if (isStick(p)) return [on('3.3', 1, ['seat'])]
    const fed = p.plugs?.filter(plug => isPower(plug.face)).map(plug => plug.key)
    if (p.plugs && fed?.length === 0)
      return [
        on(
          '5',
          1,
          p.plugs.map(plug => plug.key),
        ),
      ]
    if (p.protocol === 'USB' && !p.plugs) return [on('5', 1, ['usb'])]
    const power = fed ?? ['power']
    const two = p.shape !== '2.5'
    const spinUp = (
      rail: '12' | '5',
      path: 'start.A12' | 'start.A5',
      amps: number,
    ): { readonly start?: Sum } =>
      p.spins
        ? {
            start: {
              unit: 'W',
              terms: times(of(drive.leaf(item, path, usual(amps, 'A'))), VOLTS[rail]).terms,
            },
          }
        : {}
    const usually = (p.shape === '3.5' ? DRAW.disk35 : DRAW.disk25).start
    const five: Draw = {
      ...on('5', two ? 1 - DRAW.disk35.share12 : 1, power),
      ...spinUp('5', 'start.A5', usually.A5),
    }
    return two
      ? [
          { ...on('12', DRAW.disk35.share12, power), ...spinUp('12', 'start.A12', usually.A12) },
          five,
        ]
      : [five]
  },
})

const stickEnds = (p: Drive): readonly End[] => (p.protocol ? [seatOf(p, p.protocol)] : [])

const seatOf = (p: Drive, protocol: string): End =>
  end({
    key: 'seat',
    face: 'm2-slot',
    sex: 'plug',
    label: 'contact edge',
    need: 'must',
    pace:
      protocol === 'NVMe' ? paceOf(lanesOfStick(p.m2?.keys ?? []), p.m2?.generation ?? null) : null,
    assumed: ['m2.keys', 'm2.length'].some(path => basisAt(p, path) === 'assumed'),
    traits: {
      key: notchesOf(p.m2?.keys ?? ['M']),
      length: [p.m2?.length ?? '2280'],
      protocol: [protocol],
    },
  })

function bayEnds(item: ItemOf<Drive>): readonly End[] {
  const p = item.part
  const { shape, protocol } = p
  const bay = shape
    ? [
        end({
          key: 'bay',
          face: 'bay',
          sex: 'plug',
          label: 'mounting holes',
          traits: { size: [shape], face: [facesOut(p) ? 'front' : 'inside'] },
          need: 'should',
        }),
      ]
    : []
  if (p.plugs) return [...bay, ...p.plugs.map((plug, i) => listedEnd(item, plug, i))]
  if (!protocol) return bay
  return [...bay, ...(protocol === 'USB' ? usbEnds(item) : cableEnds(p))]
}

const widthOf = ({ shape }: Drive): number =>
  shape === 'M.2' ? M2.width : DRIVE_SIZE[shape ?? UNKNOWN_AS].width

const usbEnds = (item: ItemOf<Drive>): readonly End[] => [
  end({
    key: 'usb',
    face: 'usb-2',
    sex: 'plug',
    label: 'USB lead',
    need: 'must',
    lead: {
      length: of(drive.leaf(item, 'usb', usualLead('usb-2'))),
      exit: [0, widthOf(item.part) * 0.5, 3],
    },
  }),
]

/** One of its sockets or leads, as its list has it. */
function listedEnd(item: ItemOf<Drive>, plug: DrivePlug, index: number): End {
  const { key, label, face, need = 'must' } = plug
  const about = { key, label, face, need, rank: index, from: { list: 'plugs', index } }
  const width = widthOf(item.part)
  const at: Vec3 = [0, (width * (index + 1)) / ((item.part.plugs?.length ?? 0) + 1), 3]
  if (isPower(face)) return end({ ...about, sex: 'socket', at })
  if (isData(face)) return end({ ...about, sex: 'socket', at, traits: { side: ['device'] } })
  const length = of(drive.leaf(item, `plugs.${index}.lead`, usualLead(face)))
  return end({ ...about, sex: 'plug', lead: { length, exit: at } })
}

const cableEnds = (p: Drive): readonly End[] => [
  end({
    key: 'data',
    face: dataFace(p),
    sex: 'socket',
    label: 'data',
    traits: { side: ['device'] },
    at: [0, widthOf(p) * 0.35, 3],
    need: 'must',
  }),
  end({
    key: 'power',
    face: powerFace(p),
    sex: 'socket',
    label: 'power',
    at: [0, widthOf(p) * 0.6, 3],
    need: 'must',
  }),
]

/** What is not known of a drive and decides where it goes and what it hangs on. */
function asksOf({ part: p, name }: ItemOf<Drive>): readonly Ask[] {
  const onLabel = 'Read it on its label, or look at its sockets.'
  const faces: readonly PlugFace[] = ['sata-data', 'sata-power', 'ribbon-40', 'drive-4']
  return [
    ...blank(p.shape, 'shape', ['bay', 'm2-slot'], {
      question: `Of which size is the ${name}?`,
      take: 'Measure it: 70 mm wide is 2.5-inch, 102 mm 3.5-inch; a bare board is M.2.',
    }),
    ...blank(p.plugs ?? p.protocol, 'protocol', isStick(p) ? ['m2-slot'] : faces, {
      question: `Which sockets does the ${name} have: what does it speak?`,
      take: onLabel,
    }),
  ]
}
