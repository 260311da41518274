// The power supply: its label, its rails, its body, and its cables with a plug at each distance.
import { amount, words } from './facets'
import { z } from 'zod'
import { fact, of, plus, type Sum } from '../figures/quantity'
import { usualLead, usualToNext } from '../connectors/leads'
import { CLASS_BY_ONE_SOCKET, PROTECTIONS, SUPPLY_FORMS, SUPPLY_SIZE } from '../standards/supplies'
import { connector, facesOn } from '../connectors/connectors'
import { figure } from '../figures/units'
import { base, defineKind, type ItemOf, type Kind } from './kind'
import { end, type End } from './end'
import { isOpen, type Ask } from './ask'

export const supplySchema = z.looseObject({
  kind: z.literal('supply'),
  ...base,
  form: z.enum(SUPPLY_FORMS).nullish(),
  watts: figure('W', 'rated power', 'Read it on the label: the sum of all rails.', [60, 2000]),
  rails: z
    .looseObject({
      W12: figure('W', '12 V limit', 'Read it on the label, watts of 12 V.', [50, 2000]),
      W5: figure('W', '5 V limit', 'Read it on the label: 5 V amps times 5.', [20, 250]),
      W3: figure('W', '3.3 V limit', 'Read it on the label: 3.3 V amps times 3.3.', [20, 150]),
      combined: figure(
        'W',
        '5 V and 3.3 V together',
        'Read it on the label: the combined limit.',
        [20, 250],
      ),
      standby: figure(
        'A',
        '5 V standby',
        'Read it on the label: the amps of 5 V that stay on while the machine is off.',
        [0.5, 6],
      ),
    })
    .default({}),
  length: figure(
    'mm',
    'length',
    'From the wall it is screwed to, to its far end, without plugs.',
    [80, 230],
  ),
  modular: z.enum(['fixed', 'part', 'full']).default('fixed'),
  efficiency: z.enum(['white', 'bronze', 'silver', 'gold', 'platinum', 'titanium']).optional(),
  guide: z
    .enum(['newer', 'older'])
    .nullish()
    .describe('the design guide it was built to: what surges it rides through'),
  pfc: z
    .enum(['active', 'passive', 'none'])
    .optional()
    .describe('power-factor correction: how evenly the supply draws from the wall'),
  protections: z
    .array(z.enum(PROTECTIONS))
    .optional()
    .describe('what it switches off for; not stated means ask'),
  year: z
    .number()
    .int()
    .min(1980)
    .max(2100)
    .optional()
    .describe('year it was made, on its label: capacitors age'),
  fanMode: z.enum(['always', 'stops at low load']).optional(),
  sockets: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        for: z.array(z.enum(facesOn('supply'))),
      }),
    )
    .optional()
    .describe('of a modular one: the sockets on it, and which cables each takes'),
  cables: z
    .array(
      z.looseObject({
        key: z.string(),
        socket: z
          .string()
          .optional()
          .describe('of a modular one: the socket of the supply that it belongs in'),
        sockets: z
          .number()
          .int()
          .min(0)
          .max(2)
          .optional()
          .describe(
            'of a modular one: how many sockets of the supply it takes; 0 where it is fixed, 1 where ' +
              'nothing is stated',
          ),
        gauge: z
          .union([z.literal(16), z.literal(18), z.literal(20), z.literal(22), z.literal(24)])
          .nullish()
          .describe('wire thickness in AWG, printed along the wires: a smaller number is thicker'),
        length: figure(
          'mm',
          'cable length to its first plug',
          'From the supply’s wall to the tip of the first plug.',
          [100, 1200],
        ),
        plugs: z
          .array(
            z.looseObject({
              face: z.enum(facesOn('supply')),
              label: z.string().optional(),
              split: z.array(z.enum(facesOn('supply'))).optional(),
              class: figure(
                'W',
                'power class of a 16-contact plug',
                'Printed on it, set by its two sense contacts: 150, 300, 450 or 600 W. Both open: ' +
                  '150 on a plug of the first generation, 0 on one of the second.',
                [0, 600],
              ),
              after: figure(
                'mm',
                'distance to the next plug',
                'From tip to tip along the cable.',
                [20, 400],
              ),
            }),
          )
          .min(1),
      }),
    )
    .nullish()
    .describe('its cables and the plugs on each; not stated means ask'),
})
export type Supply = z.infer<typeof supplySchema>
export type Cable = NonNullable<Supply['cables']>[number]
type Plug = Cable['plugs'][number]

/** Length of the supply without plugs, for sums. */
export const lengthOfSupply = (item: ItemOf<Supply>) => {
  const standard = item.part.form ? SUPPLY_SIZE[item.part.form].length : null
  return supply.leaf(
    item,
    'length',
    standard === null ? undefined : { value: standard, basis: 'standard', tol: 0.25 },
  )
}

export const supply: Kind<'supply', typeof supplySchema> = defineKind({
  kind: 'supply',
  title: 'Power supply',
  schema: supplySchema,
  facets: [
    words('form', 'form'),
    words('modular', 'modular'),
    words('efficiency', 'class'),
    amount('watts', 'rated'),
    amount('length'),
  ],
  ends: item => [
    ...mountOf(item.part),
    ...(item.part.cables ?? []).flatMap((cable, c) =>
      cable.plugs.flatMap((plug, n) => plugEnds(item, { cable, c, plug, n })),
    ),
  ],
  asks: item => asksOf(item),
  body(item) {
    if (!item.part.form) return null
    const size = SUPPLY_SIZE[item.part.form]
    const length = lengthOfSupply(item).figure?.value
    return length === undefined ? null : { min: [0, 0, 0], max: [length, size.width, size.height] }
  },
})

const mountOf = ({ form }: Supply): readonly End[] =>
  form
    ? [
        end({
          key: 'mount',
          face: 'supply-place',
          sex: 'plug',
          label: 'mounting holes',
          traits: { form: [form] },
          need: 'must',
        }),
      ]
    : []

const asksOf = ({ part, name }: ItemOf<Supply>): readonly Ask[] => [
  ...(part.form
    ? []
    : [
        {
          path: 'form',
          faces: ['supply-place'],
          question: `Of which form is the ${name}?`,
          take: 'Measure its back: 150 × 86 mm is ATX, 125 × 63.5 is SFX.',
          when: 'always',
        } as const,
      ]),
  ...(isOpen(part, 'cables', part.cables)
    ? [
        {
          path: 'cables',
          faces: facesOn('supply'),
          question: `Which plugs does the ${name} have?`,
          take: 'Count them on its cables, or read its sheet.',
          when: 'always',
        } as const,
      ]
    : []),
]

interface PlugOnCable {
  readonly cable: Cable
  /** The number of the cable, and of the plug on it, counted from 0. */
  readonly c: number
  readonly plug: Plug
  readonly n: number
}

/**
 * The ends of the n-th plug of a cable: the plug, and its halves where it splits. All hang at one
 * distance.
 */
function plugEnds(item: ItemOf<Supply>, { cable, c, plug, n }: PlugOnCable): End[] {
  const key = `${cable.key}.${n + 1}`
  const lead = {
    length: lengthTo(item, c, n),
    exit: supply.body?.(item)?.max ?? [0, 0, 0],
    chain: cable.key,
    shared: cable.plugs.length > 1,
    atSupply: atSupply(item.part, cable),
  } as const
  const name = plug.label ?? connector(plug.face).name
  const from = { list: 'cables', index: c }
  const whole = end({
    key,
    from,
    face: plug.face,
    sex: 'plug',
    label: name,
    lead,
    rank: n,
    gives: plug.face === 'card-16' ? { class: classOf(item, c, n) } : {},
    among: plug.split ? { group: key, how: 'whole-or-split', whole: true } : null,
  })
  const halves = (plug.split ?? []).map((face, i) =>
    end({
      key: `${key}${'ab'.charAt(i)}`,
      from,
      face,
      sex: 'plug',
      label: `${name}, half ${i + 1}`,
      lead,
      rank: n,
      among: { group: key, how: 'whole-or-split', whole: false },
    }),
  )
  return [whole, ...halves]
}

/**
 * The sockets that a cable may go into; undefined where it is fixed, or where nobody stated the
 * sockets.
 */
export function atSupply(
  { modular, sockets }: Supply,
  cable: Cable,
): NonNullable<End['lead']>['atSupply'] {
  const takes = cable.sockets ?? 1
  if (modular === 'fixed' || !sockets || takes === 0) return undefined
  if (cable.socket !== undefined) return { into: [cable.socket], takes }
  const into = sockets.filter(s => cable.plugs.some(p => s.for.includes(p.face))).map(s => s.key)
  // Of a supply some of whose cables are fixed, that is one of them.
  return into.length === 0 && modular === 'part' ? undefined : { into, takes }
}

/** The class of a 16-contact plug: as stated, and no more than the sockets of its cable give. */
function classOf(item: ItemOf<Supply>, c: number, n: number): Sum {
  const leaf = supply.leaf(item, `cables.${c}.plugs.${n}.class`)
  const { sockets = [], cables } = item.part
  const cable = cables?.[c]
  const own = cable && atSupply(item.part, cable)
  const isShared = own?.into.every(key => {
    const socket = sockets.find(s => s.key === key)
    return socket?.for.some(face => face === 'cpu-8' || face === 'card-8')
  })
  const most = CLASS_BY_ONE_SOCKET.W
  if (own?.takes !== 1 || !isShared || (leaf.figure && leaf.figure.value <= most)) return of(leaf)
  return of(
    fact(`${item.id}:cables.${c}.by-one-socket`, 'class by one socket of eight contacts', 'W', {
      value: most,
      basis: 'standard',
      tol: 0,
    }),
  )
}

/** Length along the cable to its n-th plug, as the sum of its stretches. */
function lengthTo(item: ItemOf<Supply>, c: number, n: number) {
  const cable = item.part.cables?.[c]
  const first = supply.leaf(
    item,
    `cables.${c}.length`,
    usualLead(cable?.plugs[0]?.face ?? 'drive-4'),
  )
  const steps = Array.from({ length: n }, (_, i) =>
    of(supply.leaf(item, `cables.${c}.plugs.${i}.after`, usualToNext())),
  )
  return plus(of(first), ...steps)
}
