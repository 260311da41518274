// A loose lead with a plug at each end, or a fan-out and a ribbon with several plugs at one of
// them.
import { amount, words } from './facets'
import { connector, facesOn, type PlugFace } from '../connectors/connectors'
import { z } from 'zod'
import { of, plus, type Sum } from '../figures/quantity'
import { usualLead, usualToNext } from '../connectors/leads'
import { figure } from '../figures/units'
import { base, defineKind, type ItemOf, type Kind } from './kind'
import { blank } from './ask'
import { end, type End } from './end'

export const leadSchema = z.looseObject({
  kind: z.literal('lead'),
  ...base,
  face: z.enum(facesOn('lead')).nullish().describe('the plug at the board’s end'),
  to: z
    .enum(facesOn('lead'))
    .optional()
    .describe('the plug at the device’s end, where it is another'),
  branches: z
    .array(
      z.looseObject({
        label: z.string(),
        face: z.enum(facesOn('lead')).optional().describe('its plug, where it is another one'),
        past: z
          .boolean()
          .optional()
          .describe('of a floppy ribbon: past the twist, or before it; one drive at each'),
        after: figure(
          'mm',
          'distance from the plug before it',
          'From tip to tip along the lead; of the first one from the board’s end.',
          [20, 1000],
        ),
      }),
    )
    .optional()
    .describe('the device’s plugs, where there are several: a fan-out’s four, a ribbon’s two'),
  direction: z
    .enum(['forward', 'reverse'])
    .nullish()
    .describe(
      'of a fan-out: forward from one controller to four drives, or reverse from four ports to one ' +
        'backplane; they look alike',
    ),
  wires: z.number().int().optional().describe('of a ribbon: 40 or 80'),
  angled: z.boolean().default(false).describe('one of its plugs leaves sideways'),
  length: figure('mm', 'length', 'From tip to tip, straightened.', [80, 1000]),
})
export type Lead = z.infer<typeof leadSchema>

export const lead: Kind<'lead', typeof leadSchema> = defineKind({
  kind: 'lead',
  title: 'Lead',
  schema: leadSchema,
  facets: [words('face', 'plug'), amount('length')],
  serves: p => `${p.face ?? ''} ${p.to ?? ''}`,
  asks: ({ part: p, name }) => [
    ...blank(p.face, 'face', facesOn('lead'), {
      question: `Which plugs does the ${name} have?`,
      take: 'Look at both of its ends.',
    }),
    ...(p.face && p.branches && connector(p.face).fansOut === true
      ? blank(p.direction, 'direction', [p.face], {
          question: `Is the ${name} a forward or a reverse fan-out?`,
          take:
            'Read it on the bag or in its sheet: forward goes from a controller to four drives, ' +
            'reverse from four ports to a backplane. They look alike.',
        })
      : []),
  ],
  dispensable: true,
  bridges: 'lead',
  ends(item) {
    const { face, branches } = item.part
    if (!face) return []
    const to = item.part.to ?? face
    const length = of(lead.leaf(item, 'length', usualLead(face)))
    const plug = (key: string, about: Partial<End> & Pick<End, 'face' | 'label' | 'traits'>): End =>
      end({ key, sex: 'plug', lead: { length, exit: [0, 0, 0] }, ...about })
    if (!branches) {
      return [
        plug('board', {
          face,
          label: 'board end',
          traits: { side: ['board'] },
          among: { group: 'lead', how: 'both' },
        }),
        plug('device', {
          face: to,
          label: 'device end',
          traits: { side: ['device'] },
          among: { group: 'lead', how: 'both' },
        }),
      ]
    }
    const [near, far] = item.part.direction === 'reverse' ? REVERSED : FORWARD
    return [
      plug('board', { face, label: near.label, traits: { side: [near.side] } }),
      ...branches.map((branch, i) =>
        plug(`device-${i + 1}`, {
          from: { list: 'branches', index: i },
          face: branch.face ?? to,
          label: branch.label,
          traits: { side: [far.side] },
          // Of a ribbon the plug at its end comes first: a lone drive belongs there.
          rank: connector(face).fansOut ? i : branches.length - 1 - i,
          among: atTwist(branch.past),
          follows: ['board'],
          lead: { length: lengthTo(item, face, i), exit: [0, 0, 0] },
        }),
      ),
    ]
  },
})

/** Of the plugs on one side of a twist only one is used. */
const atTwist = (past: boolean | undefined): End['among'] =>
  past === undefined ? null : { group: past ? 'past the twist' : 'before the twist', how: 'one-of' }

const [BOARD, DEVICE] = [
  { side: 'board', label: 'board end' },
  { side: 'device', label: 'device end' },
] as const
/** Which end goes where: the one plug, and its branches. */
const FORWARD = [BOARD, DEVICE] as const
const REVERSED = [{ side: 'device', label: 'backplane end' }, BOARD] as const

/**
 * From the board's end to the i-th plug. The branches of a fan-out all start there; the plugs of a
 * ribbon follow one another.
 */
function lengthTo(item: ItemOf<Lead>, face: PlugFace, i: number): Sum {
  const whole = lead.leaf(item, 'length', usualLead(face))
  const toNext = usualToNext()
  const toFirst = usualLead(face, (whole.figure?.value ?? 0) - toNext.value)
  const step = (k: number): Sum =>
    of(lead.leaf(item, `branches.${k}.after`, k === 0 ? toFirst : toNext))
  if (connector(face).fansOut) return of(whole)
  return plus(...(Array.from({ length: i + 1 }, (_, k) => step(k)) as [Sum, ...Sum[]]))
}
