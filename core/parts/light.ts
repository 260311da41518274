// A strip of lights: 12 V in one colour at a time, or 5 V with each light its own.
import { z } from 'zod'
import { end } from './end'
import { amount, words } from './facets'
import { base, defineKind, type ItemOf, type Kind } from './kind'
import { litAsks, litDraw, litEnds, litFields, type LitOf } from './lit'

export const lightSchema = z.looseObject({ kind: z.literal('light'), ...base, ...litFields })
export type Light = z.infer<typeof lightSchema>

export const light: Kind<'light', typeof lightSchema> = defineKind({
  kind: 'light',
  title: 'LEDs',
  schema: lightSchema,
  facets: [words('face', 'plug'), amount('lights', 'lights'), amount('amps', 'current')],
  serves: p => p.face ?? '',
  asks: ({ part: p, name }) => litAsks(p, '', name),
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
    ...litEnds(item.part, litOf(item)),
  ],
  draws: item => [litDraw(item.part, litOf(item))],
})

const litOf = (item: ItemOf<Light>): LitOf => ({
  ...{ item, path: '', key: 'lead', label: 'lights lead', exit: [0, 0, 0] },
  leaf: (path, fallback) => light.leaf(item, path, fallback),
})
