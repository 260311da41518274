// Does the board's firmware know this processor, and if not, can it be flashed without one that
// works?
import { plain } from '../finding'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import type { Processor } from '../../parts/processor'
import { rule } from '../rule'
import { joinedBy, type Situation } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export interface Firmware {
  readonly joint: string
  readonly processor: ItemOf<Processor>
  readonly board: ItemOf<Board>
}
export const firmwares = (s: Situation): readonly Firmware[] =>
  joinedBy(s, 'processor-socket', 'processor', 'board').flatMap(({ joint, plug, socket }) =>
    socket.part.firmware ? [{ joint: joint.id, processor: plug, board: socket }] : [],
  )

/**
 * Compares versions number by number: 1.4 is older than 1.10. Letters after a number count by the
 * alphabet.
 */
export function olderThan(a: string, b: string): boolean {
  const parts = (v: string): readonly string[] => v.toLowerCase().match(/\d+|[a-z]+/g) ?? []
  const [x, y] = [parts(a), parts(b)]
  for (let i = 0; i < Math.max(x.length, y.length); i++) {
    const [p = '', q = ''] = [x[i], y[i]]
    if (p === q) continue
    const [m, n] = [Number(p || 0), Number(q || 0)]
    return Number.isNaN(m) || Number.isNaN(n) ? p < q : m < n
  }
  return false
}

/**
 * The version to flash before the processor is seen; null when what is there will do or nothing is
 * known.
 */
export function flashTo({
  processor,
  board,
}: Pick<Firmware, 'processor' | 'board'>): string | null {
  const known = board.part.firmware
  const from = known?.knows.find(k => k.processor === processor.part.id)?.from
  return known?.version !== undefined && from !== undefined && olderThan(known.version, from)
    ? from
    : null
}

export const firmware = rule<Firmware>({
  id: 'fit/firmware',
  stage: 'fit',
  asks: 'Does the board’s firmware know this processor?',
  source: SOURCE.maker,
  needs: firmwares,
  judge({ joint, processor, board }) {
    const { version, flashes, knows } = board.part.firmware ?? {
      version: undefined,
      flashes: false,
      knows: [],
    }
    const from = knows.find(k => k.processor === processor.part.id)?.from
    const said = {
      rule: 'fit/firmware',
      stage: 'fit',
      about: [processor.id, board.id],
      joints: [joint],
      because: [
        {
          fact: `firmware on the ${board.name}`,
          value: version ?? '?',
          basis: version === undefined ? 'missing' : 'spec',
          source: SOURCE.maker,
        },
        {
          fact: `knows the ${processor.name} from`,
          value: from ?? '?',
          basis: from === undefined ? 'missing' : 'spec',
          source: SOURCE.maker,
        },
        {
          fact: 'takes new firmware without a working processor',
          value: flashes ? 'yes' : 'no',
          basis: 'spec',
          source: SOURCE.maker,
        },
      ],
    } as const
    if (version === undefined || from === undefined)
      return [
        plain(
          {
            ...said,
            sentence: `Whether the firmware of the ${board.name} knows the ${processor.name} is not stated`,
            wayOut:
              version === undefined
                ? 'Read the version on the sticker or the box; enter it with the board.'
                : 'Look the processor up in the board’s list; enter from which version on it is known.',
          },
          'measure',
        ),
      ]
    if (flashTo({ processor, board }) === null)
      return [
        plain(
          {
            ...said,
            sentence: `Firmware ${version} of the ${board.name} knows the ${processor.name}`,
          },
          'clear',
        ),
      ]
    return flashes
      ? [
          plain(
            {
              ...said,
              sentence: `Firmware ${version} of the ${board.name} is older than the ${processor.name}: known from ${from} on`,
              wayOut: `Flash ${from} or later before the first power-on: a stick and the board’s own button, about ten minutes.`,
            },
            'watch',
          ),
        ]
      : [
          plain(
            {
              ...said,
              sentence: `Firmware ${version} of the ${board.name} is older than the ${processor.name}: known from ${from} on`,
              wayOut:
                'Borrow a processor it knows to flash it, have the shop flash it, or another board.',
            },
            'stop',
          ),
        ]
  },
})
