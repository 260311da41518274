// Drives: M.2 sticks, 2.5-inch and 3.5-inch disks, what reads discs, floppies and memory cards.
import { amount, words } from './facets'
import { z } from 'zod'
import type { Box } from '../geometry/space'
import { of, times, type Sum } from '../figures/quantity'
import type { PlugFace } from '../connectors/connectors'
import { DRAW } from '../standards/draws'
import { lanesOfStick, paceOf } from '../standards/cards'
import { VOLTS } from '../standards/rails'
import { usualLead } from '../connectors/leads'
import { DRIVE_SIZE, DRIVE_SIZES, M2, notchesOf } from '../standards/modules'
import { figure, usual } from '../figures/units'
import { base, basisAt, defineKind, type Draw, type ItemOf, type Kind } from './kind'
import { blank, type Ask } from './ask'
import { end, type End } from './end'

export const driveSchema = z.looseObject({
  kind: z.literal('drive'),
  ...base,
  shape: z.enum(['M.2', ...DRIVE_SIZES]).nullish(),
  protocol: z.enum(['NVMe', 'SATA', 'USB', 'IDE', 'floppy']).nullish(),
  medium: z
    .enum(['disk', 'flash', 'optical', 'cards', 'floppy'])
    .optional()
    .describe('what it reads: a spinning disk, chips, discs, memory cards, floppies'),
  spins: z.boolean().default(false),
  m2: z
    .looseObject({
      keys: z.array(z.string()),
      length: z.string(),
      generation: z.number().optional(),
    })
    .optional(),
  usb: figure(
    'mm',
    'length of its USB lead',
    'From the back of the drive to the tip of the plug.',
    [100, 1200],
  ),
  length: figure('mm', 'length', 'From the face to the sockets, without plugs.', [40, 220]),
  thickness: figure('mm', 'thickness', 'Across the flat, without screws.', [1, 45]),
  busy: figure('W', 'power when busy', 'Read it on the drive’s label.', [0.5, 30]),
  rest: figure('W', 'power at rest', 'Read it in the drive’s sheet.', [0.1, 12]),
  start: z
    .looseObject({
      A12: figure('A', 'current from 12 V at spin-up', 'Read it in the drive’s sheet.', [0, 4]),
      A5: figure('A', 'current from 5 V at spin-up', 'Read it in the drive’s sheet.', [0, 3]),
    })
    .default({}),
  middleHoles: z
    .boolean()
    .optional()
    .describe('whether a 3.5-inch disk has the middle side holes that some sleds need'),
  wakes: z
    .boolean()
    .optional()
    .describe('false where it stays asleep while the third 3.3 V contact is live'),
  jumper: z
    .enum(['first', 'second', 'by cable'])
    .optional()
    .describe('of an old drive: how its place on the ribbon is set'),
  sequential: figure('MBs', 'sequential speed', 'Read it in the drive’s sheet.', [0.01, 16000]),
  gigabytes: z.number().positive().optional(),
})
export type Drive = z.infer<typeof driveSchema>

/** What reads discs or cards has its face in the front of the case. */
const facesOut = (p: Drive): boolean =>
  p.medium === 'optical' || p.medium === 'cards' || p.medium === 'floppy'
const isStick = (p: Drive): boolean => p.shape === 'M.2'

const DATA_FACE: Partial<Record<NonNullable<Drive['protocol']>, PlugFace>> = {
  IDE: 'ribbon-40',
  floppy: 'ribbon-34',
}
/** Old drives take the large plug, 3.5-inch floppy drives the small one. */
function powerFace(p: Drive): PlugFace {
  if (p.protocol === 'SATA') return 'sata-power'
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
  body: item => bodyOf(item),
  draws(item) {
    const p = item.part
    const typically = typical(p)
    const rest = of(drive.leaf(item, 'rest', usual(typically.rest, 'W')))
    const busy = of(drive.leaf(item, 'busy', usual(typically.busy, 'W')))
    const on = (rail: Draw['rail'], share: number, through: string): Draw => {
      const part = (s: Sum) => times(s, share)
      return { rail, rest: part(rest), work: part(busy), worst: part(busy), through: [through] }
    }
    if (isStick(p)) return [on('3.3', 1, 'seat')]
    if (p.protocol === 'USB') return [on('5', 1, 'usb')]
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
      ...on('5', two ? 1 - DRAW.disk35.share12 : 1, 'power'),
      ...spinUp('5', 'start.A5', usually.A5),
    }
    return two
      ? [
          { ...on('12', DRAW.disk35.share12, 'power'), ...spinUp('12', 'start.A12', usually.A12) },
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
  if (!protocol) return bay
  return [...bay, ...(protocol === 'USB' ? usbEnds(item) : cableEnds(p))]
}

/** Named choice: a drive whose size is not known is drawn as the small one. */
const UNKNOWN_AS = '2.5'
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

const cableEnds = (p: Drive): readonly End[] => [
  end({
    key: 'data',
    face: (p.protocol && DATA_FACE[p.protocol]) ?? 'sata-data',
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

function bodyOf(item: ItemOf<Drive>): Box {
  const p = item.part
  if (p.shape === 'M.2') {
    const length = Number((p.m2?.length ?? '2280').slice(2))
    return { min: [0, -M2.width / 2, 0], max: [length, M2.width / 2, M2.height] }
  }
  const size = DRIVE_SIZE[p.shape ?? UNKNOWN_AS]
  const thickness = drive.leaf(item, 'thickness').figure?.value ?? size.height
  return {
    min: [0, 0, 0],
    max: [drive.leaf(item, 'length').figure?.value ?? size.length, size.width, thickness],
  }
}

/** What is not known of a drive and decides where it goes and what it hangs on. */
function asksOf({ part: p, name }: ItemOf<Drive>): readonly Ask[] {
  const onLabel = 'Read it on its label, or look at its sockets.'
  const faces: readonly PlugFace[] = ['sata-data', 'sata-power', 'ribbon-40', 'drive-4']
  return [
    ...blank(p.shape, 'shape', ['bay', 'm2-slot'], {
      question: `Of which size is the ${name}?`,
      take: 'Measure it: 70 mm wide is 2.5-inch, 102 mm 3.5-inch; a bare stick is M.2.',
    }),
    ...blank(p.protocol, 'protocol', isStick(p) ? ['m2-slot'] : faces, {
      question: `Which sockets does the ${name} have: what does it speak?`,
      take: onLabel,
    }),
  ]
}
