// A strip of lights: 12 V in one colour at a time, or 5 V with each light its own.
import { amount, words } from './facets'
import { facesOn } from '../connectors/connectors'
import { z } from 'zod'
import { converted, fact, of, type Sum } from '../figures/quantity'
import { usualLead } from '../connectors/leads'
import { DRAW } from '../standards/draws'
import { figure, usual } from '../figures/units'
import { base, defineKind, type ItemOf, type Kind } from './kind'
import { blank } from './ask'
import { end, ownPlug, type End } from './end'

/** A maker’s own plug carries 5 V unless the strip says otherwise: a named choice. */
const VOLTS = { 'light-12': 12, 'light-5': 5, 'light-own': 5 } as const

export const lightSchema = z.looseObject({
  kind: z.literal('light'),
  ...base,
  face: z.enum(facesOn('light')).nullish(),
  own: z
    .string()
    .optional()
    .describe('name of the maker’s own plug: it joins only its own controller'),
  lights: z.number().int().min(1).max(600).nullish().describe('how many LEDs'),
  amps: figure('A', 'current at full white', 'Read it in the strip’s sheet.', [0.02, 6]),
  lead: figure('mm', 'lead length', 'From the strip to the tip of the plug.', [30, 1200]),
})
export type Light = z.infer<typeof lightSchema>

export const light: Kind<'light', typeof lightSchema> = defineKind({
  kind: 'light',
  title: 'LEDs',
  schema: lightSchema,
  facets: [words('face', 'plug'), amount('lights', 'lights'), amount('amps', 'current')],
  serves: p => p.face ?? '',
  asks: ({ part: p, name }) =>
    blank(p.face, 'face', facesOn('light'), {
      question: `Which plug does the ${name} have?`,
      take: 'Look at it: four holes are 12 V, three in a row of four 5 V. The wrong one destroys it.',
    }),
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
    ...(item.part.face ? [leadOf(item, item.part.face)] : []),
  ],
  draws(item) {
    const volts = VOLTS[item.part.face ?? 'light-5']
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

type Face = NonNullable<Light['face']>

const leadOf = (item: ItemOf<Light>, face: Face): End =>
  end({
    key: 'lead',
    face,
    sex: 'plug',
    label: 'lights lead',
    need: 'should',
    lead: { length: of(light.leaf(item, 'lead', usualLead(face))), exit: [0, 0, 0] },
    takes: {
      amps: amps(item),
      ...(item.part.lights ? { lights: count(item, item.part.lights) } : {}),
    },
    traits: ownPlug(item.part.own),
  })

/** How many LEDs it has. */
const count = (item: ItemOf<Light>, value: number): Sum =>
  of(fact(`${item.id}:lights`, `LEDs of the ${item.name}`, 'pcs', { value, basis: 'spec', tol: 0 }))

/** Its current: as stated, else by the LEDs; not known where nobody counted them. */
function amps(item: ItemOf<Light>): Sum {
  const { lights, face } = item.part
  const each = DRAW.led.W / VOLTS[face ?? 'light-5']
  return of(light.leaf(item, 'amps', lights ? usual(lights * each, 'A') : undefined))
}
