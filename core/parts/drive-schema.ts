// What is known of a drive: the fields of its file.
import { z } from 'zod'
import { facesOn } from '../connectors/connectors'
import { DRIVE_SIZES } from '../standards/modules'
import { figure } from '../figures/units'
import { PLACES_ON_RIBBON } from '../standards/jumpers'
import { base } from './kind'

/** What a drive may have: data and power sockets, and leads of its own. */
export const DRIVE_FACES = facesOn('drive')

export const driveSchema = z.looseObject({
  kind: z.literal('drive'),
  ...base,
  shape: z.enum(['M.2', ...DRIVE_SIZES]).nullish(),
  protocol: z.enum(['NVMe', 'SATA', 'SAS', 'USB', 'IDE', 'floppy']).nullish(),
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
      heatSink: z.boolean().nullish().describe('whether it carries a heat sink of its own'),
      sides: z
        .enum(['one', 'both'])
        .nullish()
        .describe('whether chips sit on one side of it or on both'),
    })
    .optional(),
  plugs: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        face: z.enum(DRIVE_FACES),
        need: z.enum(['must', 'should', 'may']).optional(),
        lead: figure(
          'mm',
          'length of its lead',
          'From its back to the tip of the plug.',
          [50, 1200],
        ),
      }),
    )
    .optional()
    .describe(
      'all its sockets and leads, where they are not those usual for its protocol: a floppy drive ' +
        'with a card reader has three',
    ),
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
    .enum(PLACES_ON_RIBBON)
    .optional()
    .describe('of an old drive: how its place on the ribbon is set'),
  sequential: figure('MBs', 'sequential speed', 'Read it in the drive’s sheet.', [0.01, 16000]),
  gigabytes: z.number().positive().optional(),
})
export type Drive = z.infer<typeof driveSchema>

export type DrivePlug = NonNullable<Drive['plugs']>[number]
