// A case fan: its frame, its lead, which way it blows.
import { amount, words } from './facets'
import { facesOn, isPower, type PlugFace } from '../connectors/connectors'
import { z } from 'zod'
import { converted, of, times, type Sum } from '../figures/quantity'
import type { Vec3 } from '../geometry/space'
import { DRAW, FAN_VOLTS } from '../standards/draws'
import { usualLead } from '../connectors/leads'
import { FAN_FRAMES } from '../standards/modules'
import { figure, usual } from '../figures/units'
import { fanSolids } from './bodies/small'
import { hullOf } from './bodies/solid'
import { base, defineKind, type ItemOf, type Kind } from './kind'
import { blank } from './ask'
import { end, type End } from './end'
import { litAsks, litDraw, litEnds, litInlets, litSchema, type LitOf } from './lit'

export const fanSchema = z.looseObject({
  kind: z.literal('fan'),
  ...base,
  size: z.enum(FAN_FRAMES).nullish(),
  thickness: figure('mm', 'thickness', 'Across the frame, without screws.', [8, 45]),
  face: z.enum(facesOn('fan')).nullish(),
  flow: figure('m3h', 'rated flow', 'Read it in the fan’s sheet: in free air.', [5, 400]),
  amps: figure('A', 'current', 'Read it on the fan’s label.', [0.02, 3]),
  startAmps: figure(
    'A',
    'current at the start',
    'Read it in the fan’s sheet: what it takes in its first second.',
    [0.02, 4],
  ),
  lead: figure('mm', 'lead length', 'From the frame to the tip of the plug.', [50, 900]),
  through: z
    .boolean()
    .optional()
    .describe('its drive-power plug hands on: the next plug of the cable goes into its back'),
  other: z
    .looseObject({
      plug: z.enum(facesOn('fan')),
      lead: figure(
        'mm',
        'length of the second lead',
        'From the frame to the tip of the plug.',
        [50, 900],
      ),
    })
    .nullish()
    .describe('a second plug beside the first: exactly one of the two is used'),
  lights: litSchema.nullish().describe('its lights, which have a lead of their own'),
})
export type Fan = z.infer<typeof fanSchema>

/** Named choice: power from a drive's plug comes after every header there is. */
const AFTER_ALL_HEADERS = 40

/** Where its leads leave: on the side of the machine, away from the wall. */
const inside = (item: ItemOf<Fan>): Vec3 => [
  0,
  0,
  hullOf(fanSolids(item, fan.measures(item)))?.max[2] ?? 0,
]

/** One of its plugs; a plug for drive power is a socket, which the supply's cable goes into. */
function leadOf(item: ItemOf<Fan>, key: 'lead' | 'other', face: PlugFace): End {
  const length = of(fan.leaf(item, key === 'lead' ? 'lead' : 'other.lead', usualLead(face)))
  const { other } = item.part
  return end({
    key,
    face,
    label: key === 'lead' ? 'lead' : 'second lead',
    need: 'must',
    role: 'case',
    lead: { length, exit: inside(item) },
    takes: { amps: amps(item) },
    among: other ? { group: 'leads', how: 'one-of' } : null,
    ...(isPower(face)
      ? { sex: 'socket', at: inside(item), rank: AFTER_ALL_HEADERS }
      : { sex: 'plug' }),
  })
}

/** What goes on from the back of its drive-power plug. */
function onwards(item: ItemOf<Fan>): readonly End[] {
  const found = plugsOf(item).find(([, face]) => isPower(face))
  if (item.part.through !== true || !found) return []
  const [key, face] = found
  return [
    end({
      key: 'through',
      face,
      sex: 'plug',
      label: 'plug behind its own',
      lead: {
        length: of(fan.leaf(item, key === 'lead' ? 'lead' : 'other.lead', usualLead(face))),
        exit: inside(item),
      },
      follows: [key],
      rank: 1,
    }),
  ]
}

/** Its plugs, by the key of their end. */
const plugsOf = ({
  part: { face, other },
}: ItemOf<Fan>): readonly (readonly ['lead' | 'other', PlugFace])[] => [
  ...(face ? [['lead', face] as const] : []),
  ...(other ? [['other', other.plug] as const] : []),
]

const amps = (item: ItemOf<Fan>): Sum =>
  of(fan.leaf(item, 'amps', usual(DRAW.fan120.W / FAN_VOLTS, 'A')))

export const fan: Kind<'fan', typeof fanSchema> = defineKind({
  kind: 'fan',
  title: 'Fan',
  schema: fanSchema,
  facets: [
    words('size', 'frame'),
    words('face', 'plug'),
    amount('thickness'),
    amount('flow'),
    amount('amps', 'current'),
  ],
  dispensable: true,
  asks: ({ part: p, name }) => [
    ...blank(p.size, 'size', ['fan-place'], {
      question: `How large is the frame of the ${name}?`,
      take: 'Measure its side: 120, 140 mm and so on.',
    }),
    ...blank(p.face, 'face', facesOn('fan'), {
      question: `Which plug does the ${name} have?`,
      take: 'Count the wires of its plug: three or four; a large plug takes a drive’s power.',
    }),
    ...(p.lights ? litAsks(p.lights, 'lights', name) : []),
  ],
  ends(item) {
    const { size } = item.part
    const frame = end({
      key: 'frame',
      face: 'fan-place',
      sex: 'plug',
      label: 'frame',
      traits: size ? { size: [size] } : {},
      // One that came in its place sits at that wall.
      role: typeof item.fitted === 'string' ? item.fitted : null,
      // A radiator must have its place; a fan that would stand there can do without.
      need: 'should',
    })
    return [
      ...(size ? [frame] : []),
      ...plugsOf(item).map(([key, face]) => leadOf(item, key, face)),
      ...onwards(item),
      ...(item.part.lights ? litEnds(item.part.lights, litOf(item)) : []),
    ]
  },
  inlets: (_, key) => (key === 'through' ? ['lead', 'other'] : litInlets(['lights'], key)),
  solids: fanSolids,
  draws(item) {
    const watts = converted(amps(item), FAN_VOLTS, 'W')
    const first = fan.leaf(item, 'startAmps')
    return [
      {
        rail: '12',
        rest: times(watts, 0.5),
        work: watts,
        worst: watts,
        ...(first.figure ? { start: converted(of(first), FAN_VOLTS, 'W') } : {}),
        through: ['lead', 'other'],
      },
      ...(item.part.lights ? [litDraw(item.part.lights, litOf(item))] : []),
    ]
  },
})

const litOf = (item: ItemOf<Fan>): LitOf => ({
  ...{ item, path: 'lights', key: 'lights', label: 'lights lead', exit: inside(item) },
  leaf: (path, fallback) => fan.leaf(item, path, fallback),
})
