// What is known of a cooler: the fields of its file.
import { facesOn } from '../connectors/connectors'
import { z } from 'zod'
import { FAN_FRAMES, RADIATORS } from '../standards/modules'
import { figure } from '../figures/units'
import { base } from './kind'
import { litSchema } from './lit'

/** On which side of its radiator a fan stands. */
export const FAN_SIDES = ['inside', 'outside', 'beyond the wall'] as const

/** How a mounting lets its cooler be turned. */
export const COOLER_TURNS = ['quarters', 'half', 'none'] as const

const ofFan = {
  face: z.enum(facesOn('fan')).nullish(),
  flow: figure('m3h', 'rated flow', 'Read it in the fan’s sheet: in free air.', [5, 400]),
  amps: figure('A', 'fan current', 'Read it on the fan’s label.', [0.02, 3]),
  lead: figure('mm', 'fan lead length', 'From the frame to the tip of the plug.', [50, 1200]),
}

const liquid = z.looseObject({
  radiator: z.enum(RADIATORS).nullish().describe('its class, by the fans along it'),
  length: figure('mm', 'radiator length', 'End to end, tanks included.', [120, 520]),
  width: figure('mm', 'radiator width', 'Across, without fans.', [110, 160]),
  thickness: figure('mm', 'radiator thickness', 'The radiator alone, without fans.', [15, 70]),
  tube: figure(
    'mm',
    'tube length',
    'From the pump’s fitting to the radiator’s, along the tube.',
    [200, 600],
  ),
  pump: z.looseObject({
    face: z.enum(facesOn('fan')).nullish(),
    amps: figure('A', 'pump current', 'Read it on the pump’s label.', [0.05, 3]),
    lead: figure('mm', 'pump lead length', 'From the block to the tip of the plug.', [50, 1200]),
  }),
  fans: z
    .array(
      z.looseObject({
        size: z.enum(FAN_FRAMES).nullish(),
        thickness: figure(
          'mm',
          'thickness of a radiator fan',
          'Across the frame, without screws.',
          [10, 45],
        ),
        side: z
          .enum(FAN_SIDES)
          .optional()
          .describe(
            'where it stands: on the machine’s side of the radiator, between it and the wall, or beyond the wall',
          ),
        ...ofFan,
      }),
    )
    .default([]),
  usb: figure(
    'mm',
    'length of its USB lead',
    'From the block to the tip of the plug.',
    [100, 1200],
  ),
})

export const coolerSchema = z.looseObject({
  kind: z.literal('cooler'),
  ...base,
  sockets: z.array(z.string()).nullish().describe('sockets whose mounting set is in the box'),
  fastening: z.enum(['pins', 'screws', 'clip']).nullish(),
  bracket: z
    .enum(['keeps the board’s', 'removes the board’s', 'brings its own'])
    .optional()
    .describe('what happens to the bracket that came with the board'),
  height: figure(
    'mm',
    'height',
    'From the processor’s lid to the highest point, fan and clips included.',
    [20, 200],
  ),
  width: figure(
    'mm',
    'width along the rear edge',
    'Across, along the rear edge, fan included.',
    [40, 200],
  ),
  depth: figure('mm', 'depth', 'From rear to front, fan included.', [40, 200]),
  over: figure(
    'mm',
    'reach towards the memory',
    'From the middle of the processor to the outer face of the fan over the memory.',
    [20, 120],
  ),
  under: figure(
    'mm',
    'room under the fins',
    'From the processor’s lid up to the lowest fin.',
    [0, 90],
  ),
  turns: z
    .enum(COOLER_TURNS)
    .nullish()
    .describe('how its mounting lets it be turned on the socket: by quarters, by half, or not'),
  memoryRoom: figure(
    'mm',
    'room over the memory',
    'From the board’s memory socket, where a module’s contact edge sits, up to the fan.',
    [20, 80],
  ),
  weight: figure('g', 'weight', 'On a kitchen scale, fans included.', [50, 2500]),
  cools: figure('W', 'heat it carries away', 'Read it in the cooler’s sheet.', [5, 500]),
  paste: z.enum(['applied', 'supplied', 'own']).default('supplied'),
  fan: z.looseObject(ofFan).nullish(),
  moreFans: z
    .array(z.looseObject(ofFan))
    .max(2)
    .optional()
    .describe('the second and third fan, where it carries more than one'),
  lights: z
    .array(
      litSchema.extend({
        label: z.string().optional(),
        at: z.enum(['block', 'radiator']).optional().describe('of a liquid cooler: where they are'),
      }),
    )
    .max(6)
    .optional()
    .describe('its lights, each with a lead of their own'),
  liquid: liquid.nullish().describe('pump, radiator and tubes, where it is one of those'),
})
export type Cooler = z.infer<typeof coolerSchema>
