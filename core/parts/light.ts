// A strip of lights: 12 V in one colour at a time, or 5 V with each light its own.
import { amount, words } from './facets'
import { facesOn } from '../connectors/connectors'
import { z } from 'zod'
import { converted, of } from '../figures/quantity'
import { usualLead } from '../connectors/leads'
import { DRAW } from '../standards/draws'
import { assume, figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { end, ownPlug } from './end'

/** A maker’s own plug carries 5 V unless the strip says otherwise: a named choice. */
const VOLTS = { 'light-12': 12, 'light-5': 5, 'light-own': 5 } as const

export const lightSchema = z.looseObject({
  kind: z.literal('light'),
  ...base,
  face: z.enum(facesOn('light')),
  own: z
    .string()
    .optional()
    .describe('name of the maker’s own plug: it joins only its own controller'),
  lights: z.number().int().min(1).max(600).describe('how many LEDs'),
  amps: figure('A', 'current at full white', 'Read it in the strip’s sheet.', [0.02, 6]),
  lead: figure('mm', 'lead length', 'From the strip to the tip of the plug.', [30, 1200]),
})
export type Light = z.infer<typeof lightSchema>

export const light: Kind<'light', typeof lightSchema> = defineKind({
  kind: 'light',
  title: 'Lights',
  schema: lightSchema,
  facets: [words('face', 'plug'), amount('lights', 'lights'), amount('amps', 'current')],
  serves: p => p.face,
  dispensable: true,
  step: 'strip',
  ends: item => [
    end({
      key: 'stick',
      face: 'spot',
      sex: 'plug',
      label: 'back',
      traits: { use: ['strip'] },
      need: 'may',
    }),
    end({
      key: 'lead',
      face: item.part.face,
      sex: 'plug',
      label: 'lights lead',
      need: 'should',
      lead: {
        length: of(light.leaf(item, 'lead', usualLead(item.part.face))),
        exit: [0, 0, 0],
      },
      takes: { amps: amps(item) },
      traits: ownPlug(item.part.own),
    }),
  ],
  draws(item) {
    const volts = VOLTS[item.part.face]
    const watts = converted(amps(item), volts, 'W')
    return [
      {
        rail: volts === 12 ? '12' : '5',
        rest: watts,
        work: watts,
        worst: watts,
        through: ['lead'],
      },
    ]
  },
})

const amps = (item: Parameters<typeof light.leaf>[0]) =>
  of(light.leaf(item, 'amps', assume((item.part.lights * DRAW.led.W) / VOLTS[item.part.face], 'A')))
