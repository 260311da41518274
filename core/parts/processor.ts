// The processor: its socket, whether it draws a picture, what it draws in watts.
import { amount, words } from './facets'
import { z } from 'zod'
import { of } from '../figures/quantity'
import { PROCESSOR_SHARE } from '../standards/draws'
import { figure, usual } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { written } from './ask'
import { end } from './end'

export const processorSchema = z.looseObject({
  kind: z.literal('processor'),
  ...base,
  socket: z.string().nullish(),
  contacts: z.enum(['pins on the processor', 'contacts in the socket']).optional(),
  coprocessor: z
    .boolean()
    .optional()
    .describe('calculates beside a processor: it goes into the socket for coprocessors'),
  cooling: z
    .enum(['cooler', 'none'])
    .optional()
    .describe('none: an old one that runs bare; a cooler where nothing is said'),
  picture: z.boolean().nullish().describe('draws a picture by itself'),
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
    work: figure('W', 'power at typical work', 'Read it from a meter at typical work.', [0.5, 300]),
    rest: figure('W', 'power at rest', 'Read it from a meter at rest.', [0.5, 80]),
  }),
  lidWidth: figure('mm', 'lid width', 'Across the metal lid.', [10, 90]),
})
export type Processor = z.infer<typeof processorSchema>

const faceOf = ({ coprocessor }: Processor) =>
  coprocessor ? ('coprocessor-socket' as const) : ('processor-socket' as const)

export const processor: Kind<'processor', typeof processorSchema> = defineKind({
  kind: 'processor',
  title: 'Processor (CPU)',
  schema: processorSchema,
  facets: [
    words('socket', 'socket'),
    words('memory', 'memory'),
    words('picture', 'draws a picture'),
    amount('power.sustained', 'sustained'),
  ],
  serves: p => `${p.socket ?? ''}${p.coprocessor ? ' beside' : ''}`,
  ends({ part: p }) {
    const socket = written(p.socket)
    if (socket === null) return []
    return [
      end({
        key: 'seat',
        face: faceOf(p),
        sex: 'plug',
        label: 'contacts',
        traits: { socket: [socket] },
        need: 'must',
      }),
    ]
  },
  asks: ({ part, name }) =>
    written(part.socket) === null
      ? [
          {
            path: 'socket',
            faces: [faceOf(part)],
            question: `Which socket is the ${name} made for?`,
            take: 'Read it on its box or in its sheet.',
            when: 'always',
          },
        ]
      : [],
  draws(item) {
    const full = processor.leaf(item, 'power.sustained')
    const share = (path: string, part: number) =>
      processor.leaf(item, path, full.figure ? usual(full.figure.value * part, 'W') : undefined)
    return [
      {
        rail: 'core',
        rest: of(share('power.rest', PROCESSOR_SHARE.rest)),
        work: of(share('power.work', PROCESSOR_SHARE.work)),
        worst: of(full),
        through: ['seat'],
      },
    ]
  },
})
