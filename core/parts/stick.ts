// A boot stick: plugged at the rear, or inside where there is a socket for it.
import { amount } from './facets'
import { z } from 'zod'
import { converted, of } from '../figures/quantity'
import { DRAW } from '../standards/draws'
import { VOLTS } from '../standards/rails'
import { figure, usual } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { fromPort } from './device'
import { end } from './end'

export const stickSchema = z.looseObject({
  kind: z.literal('stick'),
  ...base,
  face: z.enum(['usb-a', 'usb-c-socket']).default('usb-a'),
  gigabytes: figure('GB', 'size', 'Read it on the stick.', [0.1, 4096]),
  amps: figure('A', 'current', 'Read it in the stick’s sheet.', [0.01, 2]),
  sticksOut: figure(
    'mm',
    'how far it sticks out',
    'From the socket to its end: a long one is broken off sooner or later.',
    [3, 120],
  ),
})
export type Stick = z.infer<typeof stickSchema>

/** Named choice: what sticks out farther is knocked against sooner or later, mm. */
export const STICKS_OUT = 20

export const stick: Kind<'stick', typeof stickSchema> = defineKind({
  kind: 'stick',
  title: 'USB stick',
  schema: stickSchema,
  facets: [amount('gigabytes', 'size'), amount('sticksOut', 'sticks out')],
  ends: item => [
    end({
      ...{ key: 'plug', face: item.part.face, sex: 'plug', label: 'plug', need: 'should' },
      role:
        (stick.leaf(item, 'sticksOut').figure?.value ?? 0) > STICKS_OUT
          ? 'inner socket'
          : 'outside',
    }),
  ],
  draws(item) {
    const amps = stick.leaf(item, 'amps', usual(DRAW.usbPort.W / VOLTS['5'], 'A'))
    return [fromPort('plug', converted(of(amps), VOLTS['5'], 'W'))]
  },
})
