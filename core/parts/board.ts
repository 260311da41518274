// The board: what can be joined to it, and where.
import { z } from 'zod'
import { frame, type Vec3 } from '../geometry/space'
import { fact, of } from '../figures/quantity'
import { BOARD_FORMS, BOARD_THICKNESS, FORM, HOLES, type HoleName } from '../standards/boards'
import { DRAW, FAN_HEADER, LIGHT_HEADER } from '../standards/draws'
import { STANDS } from '../connectors/leads'
import { ANY_SLOT, CARD_HEIGHT, cardsFor, FIRST_SLOT, SLOT_PITCH } from '../standards/cards'
import { CONNECTORS, isPower, OUTER, type PlugFace } from '../connectors/connectors'
import { jobOf, PIN_JOBS } from '../standards/panel'
import { SOURCE } from '../standards/sources'
import { assume, figure } from '../figures/units'
import {
  base,
  defineKind,
  end,
  isBoardSide,
  ownPlug,
  point2,
  type Draw,
  type End,
  type ItemOf,
  type Kind,
} from './kind'

const header = z.looseObject({
  key: z.string(),
  face: z.enum(Object.keys(CONNECTORS) as [PlugFace, ...PlugFace[]]),
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
  amps: figure('A', 'current of the header', 'Read it in the board’s manual.', [0.5, 5]),
})

/** Ends that die when something is joined: always, or only with such a stick. */
const shuts = z
  .array(z.looseObject({ keys: z.array(z.string()), protocol: z.string().optional() }))
  .default([])

export const boardSchema = z.looseObject({
  kind: z.literal('board'),
  ...base,
  form: z.enum(BOARD_FORMS),
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
  shield: z
    .enum(['fixed', 'loose', 'none'])
    .default('loose')
    .describe('the plate around its rear sockets: fixed to the board, loose in the box, or none'),
  processor: z.looseObject({ socket: z.string().min(1), at: point2 }),
  picture: z.boolean().default(true).describe('has video sockets of its own'),
  memory: z.looseObject({
    type: z.string().min(1),
    most: figure('GB', 'largest memory', 'Read it in the board’s manual.', [0.001, 4096]),
    slots: z.array(
      z.looseObject({
        label: z.string(),
        at: point2,
        along: z.enum(['x', 'y']).default('y'),
        rank: z.number().default(0),
      }),
    ),
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
      .optional()
      .describe(
        'whether it takes registered modules: they hold a chip between board and memory and do not run beside plain ones',
      ),
  }),
  m2: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        at: point2,
        axes: z.string().default('+x +y +z'),
        keys: z.array(z.string()),
        lengths: z.array(z.string()),
        protocols: z.array(z.string()),
        generation: z.number().optional(),
        rank: z.number().default(1),
        shuts,
      }),
    )
    .default([]),
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
        lanes: z.number().optional(),
        generation: z.number().optional(),
        open: z.boolean().default(false).describe('open at its end: takes longer cards'),
        at: point2.optional(),
        graphics: z.boolean().default(false).describe('where the manual wants the graphics card'),
        shuts,
      }),
    )
    .default([]),
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
  headers: z.array(header),
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
        positions: z.array(z.looseObject({ pins: z.string(), means: z.string() })),
        at: point2.optional(),
      }),
    )
    .optional()
    .describe('jumpers, small bridges over two pins: settings to clear, a clock, a display type'),
  rear: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        face: z.enum(OUTER),
        speed: z.string().optional(),
        ofProcessor: z
          .boolean()
          .optional()
          .describe('dead without a processor that draws a picture'),
      }),
    )
    .optional()
    .describe('sockets at the rear edge, in order'),
})
export type Board = z.infer<typeof boardSchema>

const on = ([x, y]: readonly [number, number]): Vec3 => [x, y, 0]

export const board: Kind<'board', typeof boardSchema> = defineKind({
  kind: 'board',
  title: 'Board',
  schema: boardSchema,

  ends(item) {
    const p = item.part
    return [
      end({
        key: 'mount',
        face: 'tray',
        sex: 'plug',
        label: 'mounting holes',
        traits: { form: [p.form] },
        count: holesOf(item).holes?.length ?? 1,
        need: 'must',
      }),
      ...(p.shield === 'loose'
        ? [end({ key: 'shield', face: 'aperture', sex: 'plug', label: 'shield', need: 'should' })]
        : []),
      end({
        key: 'processor',
        face: 'processor-socket',
        sex: 'socket',
        label: p.processor.socket,
        at: on(p.processor.at),
        seat: frame(on(p.processor.at)),
        traits: { socket: [p.processor.socket] },
        need: 'must',
      }),
      end({
        key: 'cooler',
        face: 'cooler-mount',
        sex: 'socket',
        label: `${p.processor.socket} mount`,
        at: on(p.processor.at),
        seat: frame(on(p.processor.at)),
        traits: { socket: [p.processor.socket] },
        need: 'must',
      }),
      ...p.memory.slots.map(slot =>
        end({
          key: `memory-${slot.label}`,
          face: 'memory-slot',
          sex: 'socket',
          label: slot.label,
          at: on(slot.at),
          traits: { type: [p.memory.type] },
          rank: slotRank(p, slot),
          stands: STANDS.module,
          seat: frame(on(slot.at), slot.along === 'y' ? '+y +x +z' : '+x +y +z'),
          need: 'must',
          among: { group: 'memory slots', how: 'any-of' },
        }),
      ),
      ...p.m2.map(slot =>
        end({
          key: slot.key,
          face: 'm2-slot',
          sex: 'socket',
          label: slot.label,
          at: on(slot.at),
          seat: frame(on(slot.at), slot.axes),
          rank: slot.rank,
          traits: { key: slot.keys, length: slot.lengths, protocol: slot.protocols },
          stands: STANDS.module,
          shuts: slot.shuts.map(shutOf),
        }),
      ),
      ...p.slots.map(slot =>
        end({
          key: slot.key,
          face: 'slot',
          sex: 'socket',
          label: slot.label,
          at: on(slotAt(slot)),
          seat: frame(on(slotAt(slot))),
          rank: slot.row,
          role: slot.graphics ? 'graphics' : 'other',
          traits: { size: cardsFor(slot.size, slot.open) },
          stands: CARD_HEIGHT.low,
          shuts: slot.shuts.map(shutOf),
        }),
      ),
      ...p.headers.map((h, i) => headerEnd(item, h, i)),
      ...panelEnds(p),
      ...(p.rear ?? []).map((socket, i) =>
        end({
          key: socket.key,
          face: socket.face,
          sex: 'socket',
          label: socket.label,
          at: [0, 20, 10],
          rank: i,
        }),
      ),
    ]
  },

  body(item) {
    const form = FORM[item.part.form]
    const edge = board.leaf(item, 'edge').figure?.value ?? form.edge
    const depth = board.leaf(item, 'depth').figure?.value ?? form.depth
    return { min: [0, 0, -BOARD_THICKNESS.mm], max: [depth, edge, 0] }
  },

  draws(item) {
    const rail = (path: string, watts: number, name: '12' | '5' | '3.3'): Draw => {
      const full = of(board.leaf(item, path, assume(watts, 'W')))
      const restShare = DRAW.board.rest / (DRAW.board.W12 + DRAW.board.W5 + DRAW.board.W3)
      return {
        rail: name,
        rest: { unit: 'W', terms: full.terms.map(t => ({ ...t, times: restShare })) },
        work: full,
        worst: full,
        through: ['main'],
      }
    }
    return [
      rail('power.W12', DRAW.board.W12, '12'),
      rail('power.W5', DRAW.board.W5, '5'),
      rail('power.W3', DRAW.board.W3, '3.3'),
    ]
  },

  inlets(item, key) {
    const of = (faces: readonly PlugFace[]): readonly string[] =>
      item.part.headers.filter(h => faces.includes(h.face)).map(h => h.key)
    const own = key === 'processor' ? of(['cpu-4', 'cpu-8']) : []
    // An old processor has no plug of its own: it is fed by the board's.
    return own.length > 0 ? own : of(['main-24', 'main-20', 'board-pair'])
  },
})

type Slot = Board['slots'][number]

/** Where a slot's centre line meets the rear edge: as stated, else by its row. */
export const slotAt = (slot: Slot): readonly [number, number] =>
  slot.at ?? [0, FIRST_SLOT.y + (slot.row - 1) * SLOT_PITCH.mm]

const shutOf = ({ keys, protocol }: Slot['shuts'][number]): End['shuts'][number] => ({
  keys,
  when: protocol === undefined ? null : ['protocol', protocol],
})

/**
 * How early a memory slot is filled: by the first row of the board's table that names it, else as
 * the slot says.
 */
function slotRank(p: Board, slot: Board['memory']['slots'][number]): number {
  const rows = [...p.memory.table].sort((a, b) => a.modules - b.modules)
  const first = rows.findIndex(row => row.slots.includes(slot.label))
  return first < 0
    ? slot.rank + rows.length * p.memory.slots.length
    : first * p.memory.slots.length + (rows[first]?.slots.indexOf(slot.label) ?? 0) + 1
}

function headerEnd(item: ItemOf<Board>, h: Board['headers'][number], i: number): End {
  const isLight = h.face === 'light-12' || h.face === 'light-5'
  const isFan = h.face === 'fan-3' || h.face === 'fan-4'
  const ports = CONNECTORS[h.face].limit
  return end({
    key: h.key,
    face: h.face,
    sex: 'socket',
    label: h.label,
    at: h.at ? on(h.at) : null,
    stands: h.points === 'side' ? 0 : STANDS.plug,
    role: h.role ?? null,
    traits: isBoardSide(h.face) ? { side: ['board'] } : ownPlug(h.own),
    rank: h.rank ?? i,
    need: h.need ?? (isPower(h.face) ? 'must' : 'may'),
    gives:
      isFan || isLight
        ? {
            amps: of(
              board.leaf(item, `headers.${i}.amps`, {
                value: isFan ? FAN_HEADER.A : LIGHT_HEADER.A,
                basis: 'standard',
                tol: 0,
              }),
            ),
          }
        : ports && 'ports' in ports
          ? {
              ports: of(
                fact(`ports:${h.face}`, `ports of a ${CONNECTORS[h.face].name}`, 'pcs', {
                  value: ports.ports,
                  basis: 'standard',
                  tol: 0,
                }),
              ),
            }
          : {},
  })
}

/**
 * What a front-panel block offers: one end a job, however many pins it has; or the whole block to
 * one plug, and then nothing else.
 */
function panelEnds(p: Board): End[] {
  if (!p.panel) return []
  const jobs = [...new Set(p.panel.pins.flatMap(pin => jobOf(pin.does) ?? []))].sort()
  const about = { sex: 'socket', at: on(p.panel.at), stands: STANDS.plug } as const
  const loose = jobs.map(job =>
    end({
      ...about,
      key: `panel-${job}`,
      face: 'panel-lead',
      label: job.replace('-', ' '),
      traits: { job: [job] },
    }),
  )
  return [
    ...loose,
    end({
      ...about,
      key: 'panel-block',
      face: 'panel-block',
      label: 'front-panel block',
      shuts: [{ keys: loose.map(e => e.key), when: null }],
    }),
  ]
}

/**
 * The board’s mounting holes: its own list, else its form’s; null where neither says. A smaller
 * board than its form without a list is not known.
 */
export function holesOf(item: ItemOf<Board>): {
  readonly holes: readonly HoleName[] | null
  readonly source: string
} {
  const { part } = item
  if (part.holes) return { holes: part.holes, source: SOURCE.maker }
  const form = FORM[part.form]
  const full = (path: 'edge' | 'depth'): boolean => {
    const value = board.leaf(item, path).figure?.value
    return value === undefined || value >= form[path] - 1
  }
  return { holes: full('edge') && full('depth') ? form.holes : null, source: form.source }
}
