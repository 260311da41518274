// What hangs behind one uplink shares its speed: is that enough for what is used together?
import { asking, plain, type Asked, type Because } from '../finding'
import { number } from '../../figures/format'
import { joinedBy, JOINED, socketIn, every, type Joined } from '../../plan/situation'
import type { Board, M2Slot } from '../../parts/board-schema'
import type { Drive } from '../../parts/drive-schema'
import type { Card } from '../../parts/card-schema'
import type { ItemOf } from '../../parts/kind'
import { rule } from '../rule'
import { lanesOf, lanesOfStick, paceOf, SATA_PORT } from '../../standards/cards'
import { SOURCE } from '../../standards/sources'
import { labelOf, usedOf, type UsedKey } from './shared-lanes'

type Share = NonNullable<Board['shares']>[number]
interface Sharing {
  readonly board: { readonly id: string; readonly name: string }
  readonly label: string
  readonly path: string
  /** All that share it. */
  readonly all: readonly string[]
  readonly used: readonly (UsedKey & { readonly pace: number | null })[]
  /** What the uplink carries, GB/s one way. */
  readonly carries: number | null
}

export const fitUplink = rule({
  id: 'fit/uplink',
  stage: 'fit',
  question: 'Does one uplink carry what is used together behind it?',
  source: SOURCE.pcie,
  needs: JOINED,
  inputs: sharing,
  judge({ board, label, path, all, used, carries }) {
    const said = {
      rule: 'fit/uplink',
      stage: 'fit',
      about: [board.id],
      with: used.map(u => u.by),
      joints: used.map(u => u.joint),
      part: label,
    } as const
    const names = used.map(u => u.label).join(', ')
    if (carries === null)
      return [
        asking(said, {
          item: board.id,
          path: `${path}.lanes`,
          question: `How many lanes of which generation has the ${label} of the ${board.name}, which ${names} share?`,
          take: 'Read it in the block diagram of the board’s manual.',
        }),
      ]
    const sum = used.reduce((total, u) => total + (u.pace ?? 0), 0)
    const because: readonly Because[] = [
      { fact: label, value: `${number(carries)} GB/s`, basis: 'spec', source: SOURCE.maker },
      { fact: 'share it', value: all.join(', '), basis: 'spec', source: SOURCE.maker },
      ...used.map((u): Because => ({
        fact: u.label,
        value: u.pace === null ? 'speed not known' : `${number(u.pace)} GB/s`,
        basis: u.pace === null ? 'missing' : 'spec',
        source: SOURCE.maker,
      })),
    ]
    const unknown = used.find(u => u.pace === null)
    if (sum <= carries && unknown)
      return [asking({ ...said, because }, speedOf(board, unknown.label, path))]
    return [
      sum <= carries
        ? plain(
            {
              ...said,
              because,
              sentence: `${names} of the ${board.name} share the ${label}: ${number(sum)} of ${number(carries)} GB/s`,
            },
            'clear',
          )
        : plain(
            {
              ...said,
              because,
              sentence:
                `${names} of the ${board.name} share the ${label}: used together they get ` +
                `${number(carries)} of ${number(sum)} GB/s`,
              wayOut: 'Put the fastest of them into a socket of the processor, where one is free.',
            },
            'watch',
          ),
    ]
  },
})

const speedOf = (board: Sharing['board'], label: string, path: string): Asked => ({
  item: board.id,
  path,
  question: `How fast is what ${label} of the ${board.name} is used for? It shares an uplink`,
  take: 'Enter lanes and generation of the socket and of what sits there.',
})

/** Each uplink behind which two or more things are in use. */
function sharing(s: Joined): readonly Sharing[] {
  return every(s, 'board').flatMap(board =>
    (board.part.shares ?? []).flatMap((share, i) => {
      if (share.sharing !== 'uplink') return []
      const used = usedOf(s, board, share.keys)
      return used.length < 2
        ? []
        : [
            {
              board: { id: board.id, name: board.name },
              label: share.label,
              path: `shares.${i}`,
              all: share.keys.map(key => labelOf(board.part, key)),
              used: used.map(u => ({ ...u, pace: paceAt(s, board, u) })),
              carries: carriedBy(share),
            },
          ]
    }),
  )
}

const carriedBy = ({ lanes, generation }: Share): number | null =>
  paceOf(lanes ?? null, generation ?? null)

/** What is there can ask for at most: by the slower of the two sides; null where nobody says. */
function paceAt(s: Joined, board: ItemOf<Board>, { joint, key }: UsedKey): number | null {
  const { headers, m2, slots } = board.part
  const stick = joinedBy(s, 'm2-slot', 'drive', 'board').find(j => j.joint.id === joint)
  if (stick) return paceOfStick(stick.plug.part, socketIn(stick.joint, 'm2', m2))
  const card = joinedBy(s, 'slot', 'card', 'board').find(j => j.joint.id === joint)
  const slot = slots?.find(one => one.key === key)
  if (card && slot) return slower(paceBy(card.plug.part), paceBy(slot))
  return headers?.some(h => h.key === key && isSata(h)) ? SATA_PORT.pace : null
}

function paceOfStick({ protocol, m2 }: Drive, socket: M2Slot | undefined): number | null {
  if (protocol === 'SATA') return SATA_PORT.pace
  const own = paceOf(lanesOfStick(m2?.keys ?? []), m2?.generation ?? null)
  return slower(own, paceOf(socket?.lanes ?? null, socket?.generation ?? null))
}

const isSata = ({ face }: { readonly face: string }): boolean => face === 'sata-data'
type Linked = Pick<Card, 'size' | 'lanes' | 'generation'>
const paceBy = ({ size, lanes, generation }: Linked): number | null =>
  paceOf(lanes ?? (size ? lanesOf(size) : null), generation ?? null)
const slower = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.min(a, b)
