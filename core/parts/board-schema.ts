// What is known of a board: the fields of its file.
import { AXES_PATTERN } from '../geometry/space'
import { z } from 'zod'
import { PLUG_FACES } from '../connectors/connectors'
import { figure } from '../figures/units'
import { BOARD_FORMS, HOLES } from '../standards/boards'
import { ANY_SLOT, KEYED } from '../standards/cards'
import { JUMPER_JOBS, JUMPER_MEANINGS } from '../standards/jumpers'
import { MEMORY_TYPES } from '../standards/modules'
import { PIN_JOBS } from '../standards/panel'
import { assumed, base, point2 } from './kind'
import { outerSchema } from './outer'

/** How a header slows a fan. */
export const FAN_CONTROLS = ['pulses', 'voltage', 'automatic'] as const

const header = z.looseObject({
  key: z.string(),
  face: z.enum(PLUG_FACES),
  label: z.string(),
  at: point2.optional(),
  points: z
    .enum(['up', 'side'])
    .default('up')
    .describe('whether its plug stands up or leaves sideways over the edge'),
  role: z.string().optional(),
  need: z.enum(['must', 'should', 'may']).optional(),
  rank: z.number().optional(),
  own: z.string().optional().describe('name of the maker’s own plug'),
  assumed,
  control: z
    .enum(FAN_CONTROLS)
    .nullish()
    .describe(
      'how a fan header slows what is plugged there: by pulses on the fourth wire, by the voltage, ' +
        'or by whichever the plug has',
    ),
  amps: figure('A', 'current of the header', 'Read it in the board’s manual.', [0.5, 5]),
  lights: figure('pcs', 'LEDs that the header drives', 'Read it in the board’s manual.', [1, 500]),
  volts: figure(
    'V',
    'voltage of the battery',
    'Read it in the board’s manual: what an external battery must have.',
    [2, 9],
  ),
})

/** Ends that die when something is joined: always, or only with such a stick. */
const shuts = z
  .array(z.looseObject({ keys: z.array(z.string()), protocol: z.string().optional() }))
  .default([])

export const boardSchema = z.looseObject({
  kind: z.literal('board'),
  ...base,
  form: z.enum(BOARD_FORMS).nullish(),
  edge: figure(
    'mm',
    'rear edge',
    'Along the edge with the sockets, outside to outside.',
    [150, 360],
  ),
  depth: figure('mm', 'depth', 'From the rear edge to the opposite edge.', [150, 360]),
  holes: z
    .array(z.enum(HOLES))
    .optional()
    .describe('its own list of mounting holes, where it differs from the form'),
  ownHoles: z
    .array(z.looseObject({ label: z.string(), at: point2 }))
    .optional()
    .describe(
      'further holes at places of its own: from the rear edge inward, and from the processor’s end ' +
        'down, to the middle of the hole',
    ),
  shield: z
    .enum(['fixed', 'loose', 'none'])
    .default('loose')
    .describe('the plate around its rear sockets: fixed to the board, loose in the box, or none'),
  processor: z.looseObject({ socket: z.string().nullish(), at: point2.optional() }).prefault({}),
  coprocessor: z
    .looseObject({ socket: z.string(), at: point2.optional() })
    .optional()
    .describe('of an old board: the second socket, for a chip that calculates'),
  picture: z.boolean().nullish().describe('has video sockets of its own'),
  memory: z.looseObject({
    type: z.string().nullish(),
    most: figure('GB', 'largest memory', 'Read it in the board’s manual.', [0.001, 4096]),
    slots: z
      .array(
        z.looseObject({
          label: z.string(),
          at: point2.optional(),
          along: z.enum(['x', 'y']).default('y'),
          rank: z.number().default(0),
          type: z
            .enum(MEMORY_TYPES)
            .optional()
            .describe(
              'where it takes another sort than the other slots: `chips` is a row of nine sockets',
            ),
        }),
      )
      .nullish(),
    table: z
      .array(
        z.looseObject({
          modules: z.number().int(),
          slots: z.array(z.string()),
          speed: figure(
            'MTs',
            'memory speed for this number of modules',
            'Read it in the board’s manual.',
            [10, 12000],
          ),
        }),
      )
      .default([])
      .describe('which slots for how many modules, and how fast'),
    banks: z
      .array(z.array(z.string()))
      .optional()
      .describe('of old boards: the slots of each bank, which is filled completely or not at all'),
    buffered: z
      .enum(['never', 'only', 'either'])
      .nullish()
      .describe(
        'whether it takes registered modules: they hold a chip between board and memory and ' +
          'do not run beside plain ones',
      ),
  }),
  m2: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        at: point2.optional(),
        axes: z
          .string()
          .refine(a => AXES_PATTERN.test(a), 'three axes such as "+x +y +z"')
          .default('+x +y +z'),
        keys: z.array(z.string()),
        lengths: z.array(z.string()),
        protocols: z.array(z.string()),
        lanes: z.number().int().min(1).max(4).optional().describe('lanes that lead to it'),
        generation: z.number().optional(),
        rank: z.number().default(1),
        back: z.boolean().optional().describe('on the back of the board, toward the tray'),
        cover: z
          .enum(['fixed', 'removable', 'none'])
          .nullish()
          .describe('the board’s own heat sink over it'),
        takes: z
          .enum(['single-sided', 'double-sided'])
          .nullish()
          .describe(
            'how high its socket stands: under some a drive with chips below finds no room',
          ),
        assumed,
        shuts,
      }),
    )
    .nullish(),
  shares: z
    .array(
      z.looseObject({
        label: z.string().describe('what it is called: chipset uplink'),
        keys: z.array(z.string()).min(2).describe('sockets, slots and ports by their keys'),
        sharing: z
          .enum(['uplink', 'split'])
          .describe(
            'they share the speed of one uplink; or each gets fewer lanes when all are used',
          ),
        lanes: z.number().int().optional().describe('of the uplink'),
        generation: z.number().optional(),
        each: z.array(z.number().int()).optional().describe('lanes of each, when all are used'),
      }),
    )
    .nullish()
    .describe('what shares lanes with what'),
  slots: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        row: z
          .number()
          .int()
          .min(1)
          .max(9)
          .describe('which rear slot, counted from the processor’s end'),
        size: z.enum(ANY_SLOT),
        keyed: z
          .array(z.enum(KEYED))
          .optional()
          .describe('of a PCI or AGP slot: the voltage that its bar stands for'),
        lanes: z.number().optional(),
        generation: z.number().optional(),
        retainer: z
          .enum(['fitted', 'separate'])
          .optional()
          .describe('what holds a heavy card at its far end: there already, or a part by itself'),
        open: z.boolean().default(false).describe('open at its end: takes longer cards'),
        at: point2.optional(),
        graphics: z.boolean().default(false).describe('where the manual wants the graphics card'),
        assumed,
        shuts,
      }),
    )
    .nullish(),
  firmware: z
    .looseObject({
      version: z.string().optional().describe('what is on it'),
      flashes: z
        .boolean()
        .default(false)
        .describe('takes new firmware without a working processor'),
      knows: z
        .array(z.looseObject({ processor: z.string(), from: z.string() }))
        .default([])
        .describe('processors by the id of their part, from which version on'),
      history: z
        .array(
          z.looseObject({
            version: z.string(),
            on: z.string().optional(),
            brings: z.string().default(''),
          }),
        )
        .default([])
        .describe('the versions its maker lists, the oldest first'),
    })
    .optional(),
  headers: z.array(header).nullish(),
  without: z
    .array(z.enum(PLUG_FACES))
    .optional()
    .describe('headers that its sheet says it does not have'),
  panel: z
    .looseObject({
      at: point2,
      pins: z.array(
        z.looseObject({
          pin: z.number(),
          row: z.number(),
          col: z.number(),
          does: z.enum(PIN_JOBS),
        }),
      ),
    })
    .optional(),
  power: z
    .looseObject({
      W12: figure('W', '12 V draw', 'Read it in the board’s manual.', [1, 60]),
      W5: figure('W', '5 V draw', 'Read it in the board’s manual.', [1, 60]),
      W3: figure('W', '3.3 V draw', 'Read it in the board’s manual.', [1, 60]),
      standby: figure(
        'A',
        'standby draw',
        'Read it in the board’s manual: amps of 5 V while the machine is off.',
        [0.1, 5],
      ),
    })
    .optional(),
  lamp: z.string().optional().describe('the lamp that shows mains: where it is, what colour'),
  lamps: z
    .array(z.looseObject({ label: z.string(), means: z.string(), at: point2.optional() }))
    .optional()
    .describe('its other lamps and what each means when it stays lit'),
  beeps: z
    .array(z.looseObject({ signal: z.string(), means: z.string() }))
    .optional()
    .describe('its beep table'),
  codes: z
    .array(z.looseObject({ code: z.string(), means: z.string() }))
    .optional()
    .describe('what its two-digit display shows'),
  jumpers: z
    .array(
      z.looseObject({
        label: z.string(),
        sets: z.string(),
        job: z
          .enum(JUMPER_JOBS)
          .optional()
          .describe('where something in the machine decides how it must stand'),
        positions: z.array(
          z.looseObject({
            pins: z.string(),
            means: z.string(),
            is: z.enum(JUMPER_MEANINGS).optional().describe('the same, for a jumper with a job'),
          }),
        ),
        at: point2.optional(),
      }),
    )
    .optional()
    .describe('jumpers, small bridges over two pins: settings to clear, a clock, a display type'),
  tall: z
    .array(
      z.looseObject({
        label: z.string(),
        at: point2.describe('its corner nearest the rear edge and the processor’s end'),
        size: point2.describe('from the rear edge inward, and along the rear edge'),
        height: figure('mm', 'height', 'From the board’s surface up.', [2, 80]),
      }),
    )
    .optional()
    .describe('heat sinks and what else stands high on it, beside the sockets at the rear'),
  rear: z
    .array(
      outerSchema.extend({
        ofProcessor: z
          .boolean()
          .optional()
          .describe('dead without a processor that draws a picture'),
      }),
    )
    .nullish()
    .describe('sockets at the rear edge, in order'),
})
export type Board = z.infer<typeof boardSchema>
export type Header = NonNullable<Board['headers']>[number]
export type CardSlot = NonNullable<Board['slots']>[number]
export type M2Slot = NonNullable<Board['m2']>[number]
export type MemorySlot = NonNullable<Board['memory']['slots']>[number]
