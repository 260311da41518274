// A boot stick: plugged at the rear, or inside where there is a socket for it.
import { amount } from './facets'
import { z } from 'zod'
import { figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { end } from './end'

export const stickSchema = z.looseObject({
  kind: z.literal('stick'),
  ...base,
  face: z.enum(['usb-a', 'usb-c-socket']).default('usb-a'),
  gigabytes: figure('GB', 'size', 'Read it on the stick.', [0.1, 4096]),
  sticksOut: figure(
    'mm',
    'how far it sticks out',
    'From the socket to its end: a long one is broken off sooner or later.',
    [3, 120],
  ),
})
export type Stick = z.infer<typeof stickSchema>

export const stick: Kind<'stick', typeof stickSchema> = defineKind({
  kind: 'stick',
  title: 'Boot stick',
  schema: stickSchema,
  facets: [amount('gigabytes', 'size'), amount('sticksOut', 'sticks out')],
  ends: item => [
    end({ key: 'plug', face: item.part.face, sex: 'plug', label: 'plug', need: 'should' }),
  ],
})
