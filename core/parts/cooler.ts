// The processor's cooler: what it clamps to, how high it stands, the lead of its fan; or pump,
// radiator, tubes and their fans.
import { amount, words } from './facets'
import { facesOn, type PlugFace } from '../connectors/connectors'
import { z } from 'zod'
import { converted, of, times, type Sum } from '../figures/quantity'
import { DRAW, FAN_VOLTS } from '../standards/draws'
import { usualLead } from '../connectors/leads'
import { FAN_FRAMES, RADIATORS } from '../standards/modules'
import { figure, usual } from '../figures/units'
import { base, defineKind, type Draw, type ItemOf, type Kind } from './kind'
import { blank, type Ask } from './ask'
import { end, type End } from './end'

const ofFan = {
  face: z.enum(facesOn('fan')).nullish(),
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
  memoryRoom: figure(
    'mm',
    'room over the memory',
    'From the board’s memory socket, where a module’s contact edge sits, up to the fan.',
    [20, 80],
  ),
  weight: figure('g', 'weight', 'On a kitchen scale, fans included.', [50, 2500]),
  cools: figure('W', 'heat it carries away', 'Read it in the cooler’s sheet.', [20, 500]),
  paste: z.enum(['applied', 'supplied', 'own']).default('supplied'),
  fan: z.looseObject(ofFan).nullish(),
  liquid: liquid.nullish().describe('pump, radiator and tubes, where it is one of those'),
})
export type Cooler = z.infer<typeof coolerSchema>

const fanAmps = (item: ItemOf<Cooler>, path: string): Sum =>
  of(cooler.leaf(item, path, usual(DRAW.fan120.W / FAN_VOLTS, 'A')))
const pumpAmps = (item: ItemOf<Cooler>): Sum =>
  of(cooler.leaf(item, 'liquid.pump.amps', usual(DRAW.pump.W / FAN_VOLTS, 'A')))
const watts = (amps: Sum): Sum => converted(amps, FAN_VOLTS, 'W')
const hanging = (item: ItemOf<Cooler>, path: string, face: PlugFace): End['lead'] => ({
  length: of(cooler.leaf(item, path, usualLead(face))),
  exit: [0, 0, 0],
})

export const cooler: Kind<'cooler', typeof coolerSchema> = defineKind({
  kind: 'cooler',
  title: 'Cooler',
  schema: coolerSchema,
  facets: [
    words('sockets', 'sockets'),
    words('liquid.radiator', 'radiator'),
    amount('height'),
    amount('cools', 'carries away'),
  ],
  filmed: true,
  asks: item => asksOf(item),
  ends: item => [
    ...(item.part.sockets && item.part.sockets.length > 0
      ? [
          end({
            key: 'mount',
            face: 'cooler-mount',
            sex: 'plug',
            label: 'mount',
            traits: { socket: item.part.sockets },
            need: 'must',
          }),
        ]
      : []),
    ...(item.part.fan?.face
      ? [
          end({
            key: 'fan',
            face: item.part.fan.face,
            sex: 'plug',
            label: 'fan lead',
            need: 'must',
            role: 'processor',
            lead: hanging(item, 'fan.lead', item.part.fan.face),
            takes: { amps: fanAmps(item, 'fan.amps') },
          }),
        ]
      : []),
    ...liquidEnds(item),
  ],
  body(item) {
    const [w, d, h] = ['width', 'depth', 'height'].map(
      path => cooler.leaf(item, path).figure?.value,
    )
    return w === undefined || d === undefined || h === undefined
      ? null
      : { min: [-d / 2, -w / 2, 0], max: [d / 2, w / 2, h] }
  },
  draws(item) {
    const { fan, liquid: wet } = item.part
    const turning = (amps: Sum, through: string): Draw => ({
      rail: '12',
      rest: times(watts(amps), 0.5),
      work: watts(amps),
      worst: watts(amps),
      through: [through],
    })
    return [
      ...(fan ? [turning(fanAmps(item, 'fan.amps'), 'fan')] : []),
      ...(wet
        ? [
            turning(pumpAmps(item), 'pump'),
            ...wet.fans.map((_, i) =>
              turning(fanAmps(item, `liquid.fans.${i}.amps`), `fan-${i + 1}`),
            ),
          ]
        : []),
    ]
  },
})

type Liquid = NonNullable<Cooler['liquid']>

const radiatorEnd = ({ radiator }: Liquid): readonly End[] =>
  radiator
    ? [
        end({
          key: 'radiator',
          face: 'radiator-place',
          sex: 'plug',
          label: 'radiator',
          traits: { size: [radiator] },
          need: 'must',
        }),
      ]
    : []

const pumpEnd = (item: ItemOf<Cooler>, { pump: { face } }: Liquid): readonly End[] =>
  face
    ? [
        end({
          key: 'pump',
          face,
          sex: 'plug',
          label: 'pump lead',
          need: 'must',
          role: 'pump',
          lead: hanging(item, 'liquid.pump.lead', face),
          takes: { amps: pumpAmps(item) },
        }),
      ]
    : []

/**
 * What liquid adds: a radiator at its place, the pump's lead, a lead for each fan on it, for many a
 * USB lead.
 */
function liquidEnds(item: ItemOf<Cooler>): readonly End[] {
  const wet = item.part.liquid
  if (!wet) return []
  return [
    ...radiatorEnd(wet),
    ...pumpEnd(item, wet),
    ...wet.fans.flatMap(({ face }, i) =>
      face
        ? [
            end({
              key: `fan-${i + 1}`,
              from: { list: 'liquid.fans', index: i },
              face,
              sex: 'plug',
              label: `radiator fan ${i + 1}`,
              need: 'must',
              role: 'processor',
              lead: hanging(item, `liquid.fans.${i}.lead`, face),
              takes: { amps: fanAmps(item, `liquid.fans.${i}.amps`) },
            }),
          ]
        : [],
    ),
    ...(wet.usb === undefined
      ? []
      : [
          end({
            key: 'usb',
            face: 'usb-2',
            sex: 'plug',
            label: 'USB lead',
            need: 'should',
            lead: hanging(item, 'liquid.usb', 'usb-2'),
          }),
        ]),
  ]
}

/** What is not known of a cooler and decides what it goes onto and where its leads go. */
function asksOf({ part: p, name }: ItemOf<Cooler>): readonly Ask[] {
  const { fan, liquid: wet } = p
  const inSheet = 'Read it in its sheet, or count the wires of its plug.'
  const plug = (face: PlugFace | null | undefined, path: string, of: string): readonly Ask[] =>
    blank(face, path, facesOn('fan'), {
      question: `Which plug does ${of} of the ${name} have?`,
      take: inSheet,
    })
  return [
    ...blank(p.sockets?.[0], 'sockets', ['cooler-mount'], {
      question: `For which sockets does the ${name} bring its mounting set?`,
      take: 'Read it on its box: the set of the board’s socket has to be in it.',
    }),
    ...(fan ? plug(fan.face, 'fan.face', 'the fan') : []),
    ...(fan === undefined && !wet ? plug(null, 'fan', 'the fan, if it has one,') : []),
    ...(wet
      ? [
          ...blank(wet.radiator, 'liquid.radiator', ['radiator-place'], {
            question: `Which radiator does the ${name} have?`,
            take: 'Count the fans along it: one, two or three of 120 or 140 mm.',
          }),
          ...plug(wet.pump.face, 'liquid.pump.face', 'the pump'),
          ...wet.fans.flatMap((f, i) =>
            plug(f.face, `liquid.fans.${i}.face`, `radiator fan ${i + 1}`),
          ),
        ]
      : []),
  ]
}
