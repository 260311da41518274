// The case: what it holds, where, and which leads hang from its front.
import { z } from 'zod'
import { ARCHETYPES, layoutOf } from '../case/layout'
import { frame, AXES_PATTERN, type Vec3 } from '../geometry/space'
import { fact, of } from '../figures/quantity'
import { BOARD_FORMS, HOLES } from '../standards/boards'
import { FIRST_SLOT, SLOT_PITCH } from '../standards/cards'
import { LEAD_LENGTH, ASSUMED_LEAD_TOLERANCE } from '../connectors/leads'
import { PIN_JOBS } from '../standards/panel'
import { DRIVE_SIZES, FAN_FRAMES, RADIATORS } from '../standards/modules'
import { SUPPLY_FORMS } from '../standards/supplies'
import { assume, figure } from '../figures/units'
import { base, defineKind, end, isBoardSide, point, type End, type ItemOf, type Kind } from './kind'

const axes = z.string().regex(AXES_PATTERN, 'three axes such as "+x +y +z"').default('+x +y +z')
export const SPOT_USES = ['hub', 'strip'] as const
export const PIECES = [
  'panel',
  'shroud',
  'top',
  'front',
  'cage',
  'slot lock',
  'supply bracket',
  'tray',
] as const

const lead = z.looseObject({
  key: z.string(),
  label: z.string(),
  face: z.enum([
    'panel-lead',
    'panel-block',
    'usb-2',
    'usb-3',
    'usb-c',
    'audio-hd',
    'audio-97',
    'firewire',
    'sata-data',
    'light-5',
    'light-12',
  ]),
  job: z.string().optional().describe('what a loose front-panel lead is for'),
  wide: z
    .number()
    .optional()
    .describe('contacts side by side of a loose lead: 2, or 3 with an empty middle'),
  pins: z
    .array(z.looseObject({ row: z.number().int(), col: z.number().int(), does: z.enum(PIN_JOBS) }))
    .optional()
    .describe('of a block plug: which contact is for what; the usual order where it is not stated'),
  plus: z
    .string()
    .optional()
    .describe('the colour of the plus wire: a light works only one way round'),
  ports: z.number().optional(),
  among: z
    .string()
    .optional()
    .describe('leads of one cable of which exactly one is used share a name'),
  need: z.enum(['must', 'should', 'may']).optional(),
  length: figure(
    'mm',
    'lead length',
    'From where it leaves the front to the tip of its plug, straightened.',
    [100, 1200],
  ),
})

export const caseSchema = z.looseObject({
  kind: z.literal('case'),
  ...base,
  archetype: z.enum(ARCHETYPES),
  boards: z.array(z.enum(BOARD_FORMS)).min(1),
  outer: z
    .looseObject({
      x: figure(
        'mm',
        'outer length',
        'Outside, from rear to front, feet and handles left out.',
        [150, 900],
      ),
      y: figure(
        'mm',
        'outer height',
        'Outside, from the floor to the top, feet left out.',
        [80, 900],
      ),
      z: figure('mm', 'outer width', 'Outside, across.', [60, 500]),
    })
    .optional(),
  inner: z.looseObject({
    x: figure('mm', 'inner length', 'Inside, from the rear wall to the front wall.', [150, 700]),
    y: figure('mm', 'inner height', 'Inside, from the floor to the top.', [80, 800]),
    z: figure('mm', 'inner depth', 'Inside, from the tray to the near panel.', [60, 400]),
    behind: figure(
      'mm',
      'room behind the tray',
      'From the back of the tray to the far panel.',
      [0, 120],
    ),
  }),
  tray: z
    .looseObject({
      at: z
        .tuple([z.number(), z.number()])
        .optional()
        .describe('where the board’s top rear corner lies: x from the rear wall, y from the floor'),
      roomX: figure(
        'mm',
        'tray room along the depth',
        'From the rear wall to the first thing that stands in the board’s way.',
        [150, 500],
      ),
      roomY: figure(
        'mm',
        'tray room along the rear edge',
        'From the top of the tray down to the first obstacle.',
        [150, 500],
      ),
    })
    .default({}),
  standoffs: z.looseObject({
    threads: z
      .array(z.enum(HOLES))
      .optional()
      .describe('where the tray has threads; otherwise those of the forms it takes'),
    fitted: z.array(z.enum(HOLES)).default([]),
    supplied: figure('pcs', 'loose standoffs supplied', 'Count those in the bag.', [0, 30]),
  }),
  coolerRoom: figure(
    'mm',
    'cooler room',
    'From what the figure is counted from (lid, board or tray) to the inside of the near panel.',
    [30, 220],
  ),
  coolerRoomFrom: z.enum(['lid', 'board', 'tray']).nullish(),
  supply: z.looseObject({
    forms: z.array(z.enum(SUPPLY_FORMS)),
    at: point.optional(),
    axes,
    room: figure(
      'mm',
      'supply room',
      'From the wall the supply is screwed to, to the first obstacle.',
      [80, 300],
    ),
    roomMeans: z.enum(['supply', 'supply and plugs']).default('supply and plugs'),
  }),
  slots: z.number().int().min(0).max(9).optional().describe('covers at the rear for cards'),
  cardRoomFrom: z
    .enum(['rear wall', 'bracket'])
    .nullish()
    .describe('what the card room is counted from'),
  cardRoomMeans: z
    .enum(['front empty', 'fans at the front', 'radiator at the front'])
    .nullish()
    .describe('what stands at the front when the card room is as stated'),
  cardRoom: figure(
    'mm',
    'card room',
    'From the inside of the rear wall to the first thing in a long card’s way.',
    [150, 500],
  ),
  bays: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        size: z.enum(DRIVE_SIZES),
        cage: z.string().optional().describe('the removable piece it belongs to'),
        front: z.boolean().default(false).describe('open to the front of the case'),
        at: point.optional(),
        axes,
      }),
    )
    .default([]),
  fans: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        sizes: z.array(z.enum(FAN_FRAMES)),
        at: point.optional(),
        axes,
        air: z.enum(['in', 'out']).optional(),
      }),
    )
    .default([]),
  radiators: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        sizes: z.array(z.enum(RADIATORS)),
        instead: z.array(z.string()).default([]).describe('fan places that it takes'),
        at: point.optional(),
        axes,
        room: figure(
          'mm',
          'room for radiator and fans',
          'From the wall to the first thing in the way.',
          [25, 150],
        ),
      }),
    )
    .default([]),
  pieces: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        piece: z.enum(PIECES),
        screws: figure('pcs', 'screws of a removable piece', 'Count them.', [0, 12]),
        opens: z.string().default('').describe('the way in that it opens: what passes there'),
      }),
    )
    .optional()
    .describe('what comes off, and the way in that it opens'),
  ties: z
    .array(z.looseObject({ label: z.string(), at: point.optional() }))
    .optional()
    .describe('points to tie leads to'),
  filters: z
    .array(
      z.looseObject({
        label: z.string(),
        over: z.array(z.string()).default([]).describe('the fan places behind it'),
        slides: z.string().default('').describe('which way it comes out'),
      }),
    )
    .optional(),
  spots: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        takes: z.array(z.enum(SPOT_USES)).default([...SPOT_USES]),
        at: point.optional(),
        axes,
      }),
    )
    .default([])
    .describe('where a hub or a strip of lights is stuck'),
  rooms: z.array(z.looseObject({ key: z.string(), min: point, max: point })).optional(),
  openings: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        at: point,
        joins: z.tuple([z.string(), z.string()]),
        width: z.number(),
        height: z.number(),
      }),
    )
    .optional(),
  leads: z.array(lead).default([]),
  leadsFrom: point.optional().describe('where the front leads start'),
})
export type Case = z.infer<typeof caseSchema>

const ASSUMED_LENGTH: Record<Case['leads'][number]['face'], number> = {
  'panel-lead': LEAD_LENGTH.panel,
  'panel-block': LEAD_LENGTH.panel,
  'usb-2': LEAD_LENGTH.usb,
  'usb-3': LEAD_LENGTH.usb,
  'usb-c': LEAD_LENGTH.usb,
  'audio-hd': LEAD_LENGTH.audio,
  'audio-97': LEAD_LENGTH.audio,
  firewire: LEAD_LENGTH.usb,
  'sata-data': LEAD_LENGTH.sataData,
  'light-5': LEAD_LENGTH.light,
  'light-12': LEAD_LENGTH.light,
}

export const pcCase: Kind<'case', typeof caseSchema> = defineKind({
  kind: 'case',
  title: 'Case',
  schema: caseSchema,

  ends(item) {
    const p = item.part
    const layout = layoutOf(p)
    const seat = (at: Vec3 | undefined, axesText: string) => (at ? frame(at, axesText) : null)
    return [
      end({
        key: 'tray',
        face: 'tray',
        sex: 'socket',
        label: 'tray',
        seat: frame(layout.tray, '+x -y +z'),
        traits: { form: p.boards },
        need: 'must',
      }),
      end({ key: 'aperture', face: 'aperture', sex: 'socket', label: 'rear opening' }),
      end({
        key: 'supply',
        face: 'supply-place',
        sex: 'socket',
        label: 'supply mount',
        seat: seat(layout.supply, p.supply.axes),
        traits: { form: p.supply.forms },
        need: 'must',
      }),
      ...p.bays.map((bay, i) =>
        end({
          key: bay.key,
          face: 'bay',
          sex: 'socket',
          label: bay.label,
          seat: seat(bay.at, bay.axes),
          traits: { size: [bay.size], face: bay.front ? ['front', 'inside'] : ['inside'] },
          rank: bay.front ? p.bays.length + i : i,
        }),
      ),
      ...p.fans.map((fan, i) =>
        end({
          key: fan.key,
          face: 'fan-place',
          sex: 'socket',
          label: fan.label,
          seat: seat(fan.at, fan.axes),
          traits: { size: fan.sizes },
          rank: i,
        }),
      ),
      ...p.radiators.map((r, i) =>
        end({
          key: r.key,
          face: 'radiator-place',
          sex: 'socket',
          label: r.label,
          seat: seat(r.at, r.axes),
          traits: { size: r.sizes },
          rank: i,
          shuts: r.instead.length > 0 ? [{ keys: r.instead, when: null }] : [],
        }),
      ),
      ...covers(p, layout.tray),
      ...p.spots.map((spot, i) =>
        end({
          key: spot.key,
          face: 'spot',
          sex: 'socket',
          label: spot.label,
          seat: seat(spot.at, spot.axes),
          traits: { use: spot.takes },
          rank: i,
        }),
      ),
      ...p.leads.map((l, i) => leadEnd(item, l, i, layout.leadsFrom)),
    ]
  },

  body(item) {
    const { inner } = layoutOf(item.part)
    return { min: [0, 0, -inner.behind], max: [inner.x, inner.y, inner.z] }
  },
})

/**
 * Slot covers at the rear, for brackets: the one farthest from the processor first, where it is
 * least missed.
 */
function covers(p: Case, tray: Vec3): readonly End[] {
  const count = p.slots ?? 0
  return Array.from({ length: count }, (_, i) =>
    end({
      key: `cover-${i + 1}`,
      face: 'rear-cover',
      sex: 'socket',
      label: `slot cover ${i + 1}`,
      rank: count - i,
      seat: frame([0, tray[1] - FIRST_SLOT.y - i * SLOT_PITCH.mm, tray[2]], '+x -y +z'),
    }),
  )
}

function leadEnd(item: ItemOf<Case>, l: Case['leads'][number], i: number, exit: Vec3): End {
  return end({
    key: l.key,
    face: l.face,
    sex: 'plug',
    label: l.label,
    need: l.need ?? (l.job === 'power-switch' || l.face === 'panel-block' ? 'must' : 'should'),
    lead: {
      length: of(
        pcCase.leaf(
          item,
          `leads.${i}.length`,
          assume(ASSUMED_LENGTH[l.face], 'mm', ASSUMED_LEAD_TOLERANCE),
        ),
      ),
      exit,
    },
    traits: l.job ? { job: [l.job] } : isBoardSide(l.face) ? { side: ['board'] } : {},
    takes:
      l.ports === undefined
        ? {}
        : {
            ports: of(
              fact(`${item.id}:${l.key}.ports`, `ports on the ${l.label} lead`, 'pcs', {
                value: l.ports,
                basis: 'spec',
                tol: 0,
              }),
            ),
          },
    among: l.among ? { group: l.among, how: 'one-of' } : null,
  })
}
