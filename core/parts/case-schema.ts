// What is known of a case: the fields of its file.
import { facesOn } from '../connectors/connectors'
import { z } from 'zod'
import { AIR_WAYS, WALLS } from '../case/air'
import { ARCHETYPES } from '../case/layout'
import { figure } from '../figures/units'
import { AXES_PATTERN } from '../geometry/space'
import { BOARD_FORMS, HOLES } from '../standards/boards'
import { DRIVE_SIZES, FAN_FRAMES, RADIATORS } from '../standards/modules'
import { PIN_JOBS } from '../standards/panel'
import { SUPPLY_FORMS } from '../standards/supplies'
import { assumed, base, point, point2 } from './kind'

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
  'wall',
  'shelf',
] as const

const REACHES = 'where it lies in the case; what is left out reaches the wall'
/** Three faces of a piece, by where they are measured from. */
const faces = (where: 'begins' | 'ends') =>
  z.looseObject({
    x: figure('mm', `where it ${where}`, 'From the inside of the rear wall.', [0, 700]),
    y: figure('mm', `where it ${where}, up`, 'From the floor.', [0, 800]),
    z: figure('mm', `where it ${where}, across`, 'From the tray.', [-120, 400]),
  })

const lead = z.looseObject({
  key: z.string(),
  label: z.string(),
  face: z.enum(facesOn('case')),
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
  assumed,
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
  boards: z.array(z.enum(BOARD_FORMS)).nullish(),
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
        .describe(
          'where the board’s corner lies that is at its rear edge by the processor: x from the rear ' +
            'wall, y from the floor',
        ),
      axes: z
        .string()
        .regex(AXES_PATTERN, 'three axes such as "+x -y +z"')
        .optional()
        .describe(
          'where the board’s own axes point: from its rear edge inward, along that edge away from ' +
            'the processor, away from the tray; upright as usual where it is left out',
        ),
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
    fitted: z
      .array(z.enum(HOLES))
      .nullish()
      .describe('those that stand in the tray already; not stated means look'),
    own: z
      .array(
        z.looseObject({
          label: z.string(),
          at: point2.describe('from the rear wall inward, and down from the top of the board'),
          stands: z.boolean().nullish().describe('whether a standoff stands there already'),
          of: z
            .enum(['metal', 'plastic'])
            .optional()
            .describe('a thread for metal, or a slot for a plastic post, which cannot short'),
        }),
      )
      .optional()
      .describe('further threads of the tray, at places of their own'),
    pegs: z
      .array(z.string())
      .default([])
      .describe(
        'places where a guide peg without a thread stands: it holds the board, takes no screw',
      ),
    supplied: figure('pcs', 'loose standoffs supplied', 'Count those in the bag.', [0, 30]),
    posts: figure('pcs', 'loose plastic posts supplied', 'Count those in the bag.', [0, 30]),
  }),
  coolerRoom: figure(
    'mm',
    'cooler room',
    'From what the figure is counted from (lid, board or tray) to the inside of the near panel.',
    [30, 220],
  ),
  coolerRoomFrom: z.enum(['lid', 'board', 'tray']).nullish(),
  supply: z.looseObject({
    forms: z.array(z.enum(SUPPLY_FORMS)).nullish(),
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
  guides: z
    .enum(['fitted', 'none'])
    .optional()
    .describe('guides at the front wall for the far end of a full-length card'),
  profile: z
    .enum(['full', 'low'])
    .nullish()
    .describe('the height of the brackets that its slot covers give way to'),
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
  upright: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        at: point.describe('the outer face of the bracket, on the line of its first cover'),
        axes,
        slots: z.number().int().min(1).max(5).describe('covers that it has'),
      }),
    )
    .nullish()
    .describe('where a card stands upright behind the near panel, on a riser'),
  bays: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        size: z.enum(DRIVE_SIZES),
        cage: z.string().optional().describe('the removable piece it belongs to'),
        front: z.boolean().default(false).describe('open to the front of the case'),
        assumed,
        at: point.optional(),
        axes,
      }),
    )
    .nullish(),
  backplanes: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        bays: z.array(z.string()).describe('the bays before it: their drives plug into it'),
        inlets: z.array(
          z.looseObject({
            key: z.string(),
            label: z.string(),
            face: z.enum(facesOn('backplane')),
            need: z.enum(['must', 'should', 'may']).optional(),
          }),
        ),
      }),
    )
    .optional()
    .describe(
      'boards behind bays that drives plug into: they ask for leads and power of their own',
    ),
  fans: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        sizes: z.array(z.enum(FAN_FRAMES)),
        assumed,
        at: point.optional(),
        axes,
        air: z.enum(AIR_WAYS).optional().describe('which way air goes there'),
      }),
    )
    .nullish(),
  vents: z
    .array(z.enum(WALLS))
    .nullish()
    .describe('walls with openings for air, beside its fan places; not stated: as such cases have'),
  radiators: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        sizes: z.array(z.enum(RADIATORS)),
        assumed,
        instead: z.array(z.string()).default([]).describe('fan places that it takes'),
        at: point.optional(),
        axes,
        room: figure(
          'mm',
          'room for radiator and fans',
          'From the wall to the first thing in the way.',
          [25, 150],
        ),
        roomBeside: figure(
          'mm',
          'room for radiator and fans beside the board',
          'From the wall to what stands on the board there: modules, heat sinks.',
          [20, 150],
        ),
        memoryRoom: figure(
          'mm',
          'memory height under a radiator',
          'As the sheet has it: how high modules may be with a radiator here.',
          [15, 120],
        ),
      }),
    )
    .nullish(),
  pieces: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        piece: z.enum(PIECES),
        fixed: z.boolean().optional().describe('it does not come off: a wall, a riveted cage'),
        begins: faces('begins').optional().describe(REACHES),
        ends: faces('ends').optional().describe(REACHES),
        screws: figure('pcs', 'screws of a removable piece', 'Count them.', [0, 12]),
        opens: z.string().default('').describe('the way in that it opens: what passes there'),
        carries: z
          .array(z.string())
          .optional()
          .describe('the leads that hang on it, by their keys; not stated means look'),
      }),
    )
    .optional()
    .describe('what comes off, and the way in that it opens'),
  ties: z
    .array(z.looseObject({ label: z.string(), at: point.optional() }))
    .optional()
    .describe('points to tie leads to'),
  channels: z
    .array(
      z.looseObject({
        label: z.string(),
        at: point2.describe(
          'its corner by the rear and the floor: from the rear wall, from the floor',
        ),
        width: z.number().positive().describe('from the rear to the front, mm'),
        height: z.number().positive().describe('from the floor to the top, mm'),
        depth: figure(
          'mm',
          'depth of a cable channel',
          'Behind the tray, from the bottom of the channel to the panel that closes it.',
          [5, 150],
        ),
      }),
    )
    .optional()
    .describe('channels behind the tray in which leads are laid'),
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
  leads: z.array(lead).nullish().describe('the leads of its front; not stated means ask'),
  leadsFrom: point.optional().describe('where the front leads start'),
})
export type Case = z.infer<typeof caseSchema>
export type Backplane = NonNullable<Case['backplanes']>[number]
export type CaseLead = NonNullable<Case['leads']>[number]
