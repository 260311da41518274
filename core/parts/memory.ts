// Memory: a kit of modules of one generation.
import { amount, words } from './facets'
import { z } from 'zod'
import { of, times } from '../figures/quantity'
import { DRAW, MEMORY_REST_SHARE } from '../standards/draws'
import { CHIPS_A_ROW, MEMORY_TYPES } from '../standards/modules'
import { figure, usual } from '../figures/units'
import { memorySolids } from './bodies/small'
import { base, defineKind, type Kind } from './kind'
import { blank } from './ask'
import { end } from './end'

export const memorySchema = z.looseObject({
  kind: z.literal('memory'),
  ...base,
  type: z.enum(MEMORY_TYPES).nullish(),
  modules: z
    .number()
    .int()
    .min(1)
    .max(72)
    .nullish()
    .describe('how many modules; of single chips, how many chips'),
  each: figure(
    'GB',
    'size of one module',
    'Read it on the label. Of single chips what a row of nine holds: of 256 kbit chips 256 kB.',
    [0.00003, 256],
  ),
  speed: figure('MTs', 'rated speed', 'Read it on the label.', [10, 12000]),
  base: figure(
    'MTs',
    'speed without a profile',
    'Read it in the module’s sheet: what it runs at until a profile is switched on.',
    [10, 12000],
  ),
  buffered: z
    .boolean()
    .nullish()
    .describe(
      'registered modules: the notch may agree with unbuffered ones, and they still do not run together',
    ),
  ranks: z.number().int().min(1).max(8).optional(),
  volts: figure('V', 'module voltage', 'Read it on the label.', [1, 5.5]),
  height: figure(
    'mm',
    'module height',
    'From the contact edge to the top of the spreader.',
    [18, 60],
  ),
  watts: figure('W', 'power of one module', 'Read it in the module’s sheet.', [0.2, 15]),
})
export type Memory = z.infer<typeof memorySchema>

/** What is put in by itself: each module, or each row of single chips. */
const piecesOf = (type: NonNullable<Memory['type']>, count: number): number =>
  type === 'chips' ? Math.ceil(count / CHIPS_A_ROW.pcs) : count
/** How many modules, or rows of chips, a kit has: one at least. */
export const piecesIn = ({ type, modules }: Memory): number =>
  piecesOf(type ?? UNKNOWN_AS, modules ?? 1)
/** How many of so many chips are in the row counted from 0; the last may be short of some. */
const chipsIn = (row: number, count: number): number =>
  Math.min(CHIPS_A_ROW.pcs, count - row * CHIPS_A_ROW.pcs)
const keyOfPiece = (index: number): string => `module-${index + 1}`
/** How many chips of a kit of so many are in the row of that end. */
export const rowOfChips = (key: string, count: number): number => {
  const rows = Array.from({ length: piecesOf('chips', count) }, (_, i) => i)
  return chipsIn(rows.find(i => keyOfPiece(i) === key) ?? 0, count)
}

/** Named choice: what a module whose generation is not known draws is taken from the newest. */
const UNKNOWN_AS = 'DDR5'

export const memory: Kind<'memory', typeof memorySchema> = defineKind({
  kind: 'memory',
  title: 'Memory (RAM)',
  schema: memorySchema,
  facets: [
    words('type', 'type'),
    amount('modules', 'modules'),
    amount('each', 'each'),
    amount('speed', 'speed'),
    amount('height', 'height'),
  ],
  serves: p => p.type ?? '',
  asks: ({ part: p, name }) => [
    ...blank(p.type, 'type', ['memory-slot'], {
      question: `Of which generation is the ${name}?`,
      take: 'Read it on its label: DDR4, DDR5 and so on.',
    }),
    ...blank(p.modules, 'modules', ['memory-slot'], {
      question: `How many modules are in the ${name}?`,
      take: 'Count them.',
    }),
  ],
  ends({ part: { type, modules } }) {
    if (!type) return []
    // One at least is in the box, where nobody counted them.
    return Array.from({ length: piecesOf(type, modules ?? 1) }, (_, i) =>
      end({
        key: keyOfPiece(i),
        face: 'memory-slot',
        sex: 'plug',
        label: type === 'chips' ? `row ${i + 1} of chips` : `module ${i + 1}`,
        traits: { type: [type] },
        count: type === 'chips' ? chipsIn(i, modules ?? 1) : 1,
        need: 'must',
      }),
    )
  },
  solids: memorySolids,
  draws(item) {
    const { type, modules } = item.part
    const watts = DRAW.memory[type ?? UNKNOWN_AS]
    const each = of(memory.leaf(item, 'watts', usual(watts, 'W')))
    const full = times(each, piecesOf(type ?? UNKNOWN_AS, modules ?? 1))
    return [
      {
        rail: '5',
        rest: times(full, MEMORY_REST_SHARE),
        work: full,
        worst: full,
        through: ['module-1'],
      },
    ]
  },
})
