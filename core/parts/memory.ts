// Memory: a kit of modules of one generation.
import { amount, words } from './facets'
import { z } from 'zod'
import { of, times } from '../figures/quantity'
import { DRAW, MEMORY_REST_SHARE } from '../standards/draws'
import { DIMM, MEMORY_TYPES } from '../standards/modules'
import { figure, usual } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { blank } from './ask'
import { end } from './end'

export const memorySchema = z.looseObject({
  kind: z.literal('memory'),
  ...base,
  type: z.enum(MEMORY_TYPES).nullish(),
  modules: z.number().int().min(1).max(8).nullish(),
  each: figure('GB', 'size of one module', 'Read it on the label.', [0.001, 256]),
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
  watts: figure('W', 'power of one module', 'Read it in the module’s sheet.', [0.5, 15]),
})
export type Memory = z.infer<typeof memorySchema>

/** Named choice: what a module whose generation is not known draws is taken from the newest. */
const UNKNOWN_AS = 'DDR5'

export const memory: Kind<'memory', typeof memorySchema> = defineKind({
  kind: 'memory',
  title: 'Memory',
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
    return Array.from({ length: modules ?? 1 }, (_, i) =>
      end({
        key: `module-${i + 1}`,
        face: 'memory-slot',
        sex: 'plug',
        label: `module ${i + 1}`,
        traits: { type: [type] },
        need: 'must',
      }),
    )
  },
  body(item) {
    const height = memory.leaf(item, 'height').figure?.value ?? DIMM.bareHeight
    return {
      min: [-DIMM.length / 2, -DIMM.thickness / 2, 0],
      max: [DIMM.length / 2, DIMM.thickness / 2, height],
    }
  },
  draws(item) {
    const { type, modules } = item.part
    const watts = DRAW.memory[type ?? UNKNOWN_AS]
    const each = of(memory.leaf(item, 'watts', usual(watts, 'W')))
    const full = times(each, modules ?? 1)
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
