// Memory: a kit of modules of one generation.
import { amount, words } from './facets'
import { z } from 'zod'
import { of, times } from '../figures/quantity'
import { DRAW, MEMORY_REST_SHARE } from '../standards/draws'
import { DIMM, MEMORY_TYPES } from '../standards/modules'
import { assume, figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { end } from './end'

export const memorySchema = z.looseObject({
  kind: z.literal('memory'),
  ...base,
  type: z.enum(MEMORY_TYPES),
  modules: z.number().int().min(1).max(8),
  each: figure('GB', 'size of one module', 'Read it on the label.', [0.001, 256]),
  speed: figure('MTs', 'rated speed', 'Read it on the label.', [10, 12000]),
  buffered: z
    .boolean()
    .default(false)
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
  serves: p => p.type,
  ends: item =>
    Array.from({ length: item.part.modules }, (_, i) =>
      end({
        key: `module-${i + 1}`,
        face: 'memory-slot',
        sex: 'plug',
        label: `module ${i + 1}`,
        traits: { type: [item.part.type] },
        need: 'must',
      }),
    ),
  body(item) {
    const height = memory.leaf(item, 'height').figure?.value ?? DIMM.bareHeight
    return {
      min: [-DIMM.length / 2, -DIMM.thickness / 2, 0],
      max: [DIMM.length / 2, DIMM.thickness / 2, height],
    }
  },
  draws(item) {
    const each = of(memory.leaf(item, 'watts', assume(DRAW.memory[item.part.type], 'W')))
    const full = times(each, item.part.modules)
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
