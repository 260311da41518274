// Does the board's firmware know this processor, and if not, can it be flashed without one that
// works?
import { plain, type Because } from '../finding'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import type { Processor } from '../../parts/processor'
import { rule } from '../rule'
import { JOINED, type Joined, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export interface Firmware {
  readonly joint: string
  readonly processor: ItemOf<Processor>
  readonly board: ItemOf<Board>
}
export const firmwares = (s: Joined): readonly Firmware[] =>
  joinedBy(s, 'processor-socket', 'processor', 'board').flatMap(({ joint, plug, socket }) =>
    isOld(socket.part.form) ? [] : [{ joint: joint.id, processor: plug, board: socket }],
  )
/** Boards of these forms are set to their processor by jumpers. */
const isOld = (form: Board['form']): boolean => form === 'AT' || form === 'Baby-AT'

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

export const fitFirmware = rule({
  id: 'fit/firmware',
  stage: 'fit',
  question: 'Does the board’s firmware know this processor?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: firmwares,
  judge(firmware) {
    const { processor, board } = firmware
    const { version, flashes, knows } = board.part.firmware ?? UNKNOWN
    const from = knows.find(k => k.processor === processor.part.id)?.from
    const about = aboutFirmware(firmware, { version, from, flashes })
    const loaded = `Firmware ${version ?? '?'} of the ${board.name}`
    if (version === undefined || from === undefined)
      return [plain(notStated(about, version), 'measure')]
    if (flashTo(firmware) === null)
      return [plain({ ...about, sentence: `${loaded} knows the ${processor.name}` }, 'clear')]
    const sentence = `${loaded} is older than the ${processor.name}: known from ${from} on`
    const wayOut = flashes
      ? `Flash ${from} or later before the first power-on: ` +
        'a USB stick and the board’s own button, about ten minutes.'
      : 'Borrow a processor it knows to flash it, have the shop flash it, or another board.'
    return [plain({ ...about, sentence, wayOut }, flashes ? 'watch' : 'stop')]
  },
})

const UNKNOWN = { version: undefined, flashes: false, knows: [] } as const

/** What the rule knows of a pair: each is asked for by the sentence that waits for it. */
interface Known {
  readonly version: string | undefined
  readonly from: string | undefined
  readonly flashes: boolean
}

function aboutFirmware({ joint, processor, board }: Firmware, { version, from, flashes }: Known) {
  const stated = (fact: string, value: string | undefined): Because => ({
    fact,
    value: value ?? '?',
    basis: value === undefined ? 'missing' : 'spec',
    source: SOURCE.maker,
  })
  return {
    rule: 'fit/firmware',
    stage: 'fit',
    about: [processor.id, board.id],
    joints: [joint],
    processor: processor.name,
    board: board.name,
    because: [
      stated(`firmware on the ${board.name}`, version),
      stated(`knows the ${processor.name} from`, from),
      stated('takes new firmware without a working processor', flashes ? 'yes' : 'no'),
    ],
  } as const
}

const notStated = (about: ReturnType<typeof aboutFirmware>, version: string | undefined) => ({
  ...about,
  sentence: `Whether the firmware of the ${about.board} knows the ${about.processor} is not stated`,
  wayOut:
    version === undefined
      ? 'Read the version on the sticker or the box; enter it with the board.'
      : 'Look the processor up in the board’s list; enter from which version on it is known.',
})
