// The processor: its socket, whether it draws a picture, what it draws in watts.
import { amount, words } from './facets'
import { z } from 'zod'
import { of, times } from '../figures/quantity'
import { DRAW, PROCESSOR_SHARE } from '../standards/draws'
import { assume, figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { end } from './end'

export const processorSchema = z.looseObject({
  kind: z.literal('processor'),
  ...base,
  socket: z.string().min(1),
  contacts: z.enum(['pins on the processor', 'contacts in the socket']).optional(),
  picture: z.boolean().describe('draws a picture by itself'),
  memory: z.array(z.string()).default([]).describe('memory generations it takes'),
  speeds: z
    .array(
      z.looseObject({
        modules: z.number().int().min(1),
        speed: figure(
          'MTs',
          'memory speed it promises for this number of modules',
          'Read it in the processor’s sheet.',
          [10, 12000],
        ),
      }),
    )
    .default([]),
  lanes: z
    .number()
    .int()
    .min(0)
    .max(256)
    .optional()
    .describe('lanes it gives to slots and M.2: pairs of wires that carry data'),
  power: z.looseObject({
    sustained: figure(
      'W',
      'sustained power limit',
      'Read it in the processor’s sheet: the limit, not the cooling class.',
      [2, 400],
    ),
    work: figure('W', 'power at typical work', 'Read it from a meter at typical work.', [3, 300]),
    rest: figure('W', 'power at rest', 'Read it from a meter at rest.', [1, 80]),
  }),
  lidWidth: figure('mm', 'lid width', 'Across the metal lid.', [10, 90]),
})
export type Processor = z.infer<typeof processorSchema>

export const processor: Kind<'processor', typeof processorSchema> = defineKind({
  kind: 'processor',
  title: 'Processor',
  schema: processorSchema,
  facets: [
    words('socket', 'socket'),
    words('memory', 'memory'),
    words('picture', 'draws a picture'),
    amount('power.sustained', 'sustained'),
  ],
  serves: p => p.socket,
  ends: item => [
    end({
      key: 'seat',
      face: 'processor-socket',
      sex: 'plug',
      label: 'contacts',
      traits: { socket: [item.part.socket] },
      need: 'must',
    }),
  ],
  draws(item) {
    const full = processor.leaf(item, 'power.sustained')
    const share = (path: string, part: number) =>
      processor.leaf(item, path, full.figure ? assume(full.figure.value * part, 'W') : undefined)
    const through12V = (leaf: ReturnType<typeof processor.leaf>) =>
      times(of(leaf), 1 / DRAW.converter.share)
    return [
      {
        rail: '12',
        rest: through12V(share('power.rest', PROCESSOR_SHARE.rest)),
        work: through12V(share('power.work', PROCESSOR_SHARE.work)),
        worst: through12V(full),
        through: ['seat'],
      },
    ]
  },
})
