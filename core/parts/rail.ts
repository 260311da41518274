// Rails, sleds and frames: they carry small drives in a larger bay.
import { words } from './facets'
import { z } from 'zod'
import { frame } from '../geometry/space'
import { DRIVE_SIZE, DRIVE_SIZES } from '../standards/modules'
import { PLATE, SUPPLY_FORMS, SUPPLY_SIZE } from '../standards/supplies'
import { figure } from '../figures/units'
import { railSolids } from './bodies/small'
import { base, defineKind, type Kind } from './kind'
import { blank } from './ask'
import { end, type End } from './end'

export const railSchema = z.looseObject({
  kind: z.literal('rail'),
  ...base,
  takes: z.enum(DRIVE_SIZES).nullish().describe('drives it carries'),
  fits: z.enum(DRIVE_SIZES).nullish().describe('bay it goes into'),
  holds: z.number().int().min(1).max(4).default(1).describe('how many drives'),
  front: z.boolean().default(false).describe('goes into a bay that is open to the front'),
  pin: z
    .boolean()
    .default(false)
    .describe('locates the drive by a pin in its middle side hole, which newer drives do not have'),
  plate: z
    .looseObject({ takes: z.enum(SUPPLY_FORMS), fits: z.enum(SUPPLY_FORMS) })
    .optional()
    .describe('a plate by which a smaller supply goes into a larger place'),
  thickest: figure(
    'mm',
    'thickest drive it takes',
    'Between its floor and its upper edge.',
    [5, 45],
  ),
})
export type Rail = z.infer<typeof railSchema>

export const rail: Kind<'rail', typeof railSchema> = defineKind({
  kind: 'rail',
  title: 'Rails and sleds',
  schema: railSchema,
  facets: [words('takes', 'takes'), words('fits', 'fits')],
  serves: ({ plate, takes, fits }) => `${plate?.takes ?? takes ?? ''} ${plate?.fits ?? fits ?? ''}`,
  bridges: 'adapter',
  asks: ({ part: p, name }) =>
    p.plate
      ? []
      : [
          ...blank(p.takes, 'takes', ['bay'], {
            question: `Which drives does the ${name} carry?`,
            take: 'Measure between its sides: 70 mm is for 2.5-inch, 102 mm for 3.5-inch.',
          }),
          ...blank(p.fits, 'fits', ['bay'], {
            question: `Which bay does the ${name} go into?`,
            take: 'Measure across it: 102 mm is for a 3.5-inch bay, 146 mm for 5.25-inch.',
          }),
        ],
  ends: ({ part: { takes, fits, plate, ...p } }) => {
    if (plate) return plateEnds(plate)
    if (!takes || !fits) return []
    return [
      end({
        key: 'bay',
        face: 'bay',
        sex: 'plug',
        label: 'mounting holes',
        traits: { size: [fits], face: [p.front ? 'front' : 'inside'] },
        need: 'should',
      }),
      ...Array.from({ length: p.holds }, (_, i) =>
        end({
          key: `drive-${i + 1}`,
          face: 'bay',
          sex: 'socket',
          label: p.holds === 1 ? 'sled' : `sled, place ${i + 1}`,
          traits: { size: [takes], face: p.front ? ['front', 'inside'] : ['inside'] },
          seat: frame([0, 0, i * DRIVE_SIZE[takes].height]),
          rank: i,
          follows: ['bay'],
        }),
      ),
    ]
  },
  solids: railSolids,
})

/** A plate is screwed where the larger supply would be; the smaller one sits in its middle. */
function plateEnds({ takes, fits }: NonNullable<Rail['plate']>): readonly End[] {
  const [own, large] = [SUPPLY_SIZE[takes], SUPPLY_SIZE[fits]]
  const middle = frame([PLATE.mm, (large.width - own.width) / 2, (large.height - own.height) / 2])
  const about = { face: 'supply-place', need: 'must' } as const
  return [
    end({ ...about, key: 'mount', sex: 'plug', label: 'plate', traits: { form: [fits] } }),
    end({
      ...{ ...about, key: 'supply', sex: 'socket', label: 'supply mount' },
      ...{ traits: { form: [takes] }, seat: middle, follows: ['mount'] },
    }),
  ]
}
