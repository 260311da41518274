// Sockets on the outside: at a board's rear edge, on a card's bracket, on a bracket by itself.
import { z } from 'zod'
import { connector, REAR_FACES } from '../connectors/connectors'
import { fact, of } from '../figures/quantity'
import type { Vec3 } from '../geometry/space'
import { end, type End } from './end'

export const outerSchema = z.looseObject({
  key: z.string(),
  label: z.string(),
  face: z.enum(REAR_FACES),
  gigabits: z.number().positive().optional().describe('its speed, Gb/s'),
})
export type OuterSocket = z.infer<typeof outerSchema>

/** From this speed on a socket counts as fast: old devices may misbehave there, Gb/s. */
export const FAST = 5
/** Gb/s on the wire for each GB/s of data. */
export const WIRE = 10

/** The ends of such sockets, in their order; `follows` what has to be joined before they work. */
export const outerEnds = (
  sockets: readonly OuterSocket[],
  at: Vec3,
  follows: readonly string[] = [],
): readonly End[] =>
  sockets.map(({ key, label, face, gigabits }, index) =>
    end({
      ...{ key, face, label, at, follows },
      from: { list: 'rear', index },
      sex: 'socket',
      rank: index,
      pace: gigabits === undefined ? null : gigabits / WIRE,
      ...(gigabits !== undefined && gigabits >= FAST && isUsb(face) ? FAST_PORT : {}),
    }),
  )

/** A fast port may be asked for more than a slow one. */
const FAST_PORT: Pick<End, 'role' | 'limits'> = {
  role: 'fast port',
  limits: {
    '5': of(
      fact('usb-fast-port', 'current of a fast USB port', 'A', {
        value: 0.9,
        basis: 'standard',
        tol: 0,
      }),
    ),
  },
}

export const isUsb = (face: OuterSocket['face']): boolean =>
  face === 'usb-a' || face === 'usb-c-socket'
export const showsPicture = ({ face }: Pick<OuterSocket, 'face'>): boolean =>
  connector(face).video === true
