// A board from what its sheet said: through the outline, as the entry by a few numbers goes.
import { boardOf } from '../../outlines/board'
import type { BoardOutline } from '../../outlines/board-outline'
import type { Board, M2Slot } from '../../parts/board-schema'
import { BOARD_FORMS, type BoardForm } from '../../standards/boards'
import { ANY_SLOT, type AnySlot } from '../../standards/cards'
import {
  count,
  counts,
  eachPlug,
  flag,
  given,
  hasAny,
  indexed,
  list,
  text,
  WITH_SATA,
  type About,
  type Assumed,
  type Fields,
  type Made,
} from './fields'

export function boardFrom(f: Fields, about: About): Made {
  const own = boardForm(text(f, 'form'))
  const board = boardOf(outlineOf(f, own), about)
  const m2 = board.m2?.map((m, i) => ({ ...m, shuts: shutsOf(f, `m2.${i}.shuts`) ?? m.shuts }))
  return {
    part: { ...board, ...(own ? {} : { form: null }), m2, rear: rearOf(f) },
    assumed: assumedOf(f, own),
  }
}

export const boardForm = (v: string | undefined): BoardForm | null =>
  BOARD_FORMS.find(b => b === v) ?? null

function outlineOf(f: Fields, own: BoardForm | null): BoardOutline {
  return {
    form: own ?? 'ATX',
    edge: count(f, 'edge'),
    depth: count(f, 'depth'),
    socket: text(f, 'processor.socket') ?? '',
    memory: {
      type: text(f, 'memory.type') ?? '',
      slots: count(f, 'memory.slots'),
      most: count(f, 'memory.most'),
      speed: count(f, 'memory.speed'),
    },
    m2: listOf(count(f, 'm2'), i => ({
      ...given('keys', list(f, `m2.${i}.keys`)),
      ...given('lengths', list(f, `m2.${i}.lengths`)),
      ...given('protocols', list(f, `m2.${i}.protocols`)),
      ...given('lanes', count(f, `m2.${i}.lanes`)),
      ...given('generation', count(f, `m2.${i}.generation`)),
    })),
    ...given(
      'slots',
      listOf(indexed(f, 'slots') || null, i => ({
        size: slotSize(text(f, `slots.${i}.size`)),
        ...given('lanes', count(f, `slots.${i}.lanes`)),
        ...given('generation', count(f, `slots.${i}.generation`)),
      })),
    ),
    headers: headersOf(f),
    usual: 'what every board has',
    ...given('picture', hasAny(f, ...PICTURE_SOCKETS) ? true : undefined),
    ...given('flashes', flag(f, 'firmware.flashes')),
    shield: text(f, 'shield') === 'fixed' ? 'fixed' : 'loose',
  }
}
const PICTURE_SOCKETS = ['rear.hdmi', 'rear.displayport', 'rear.vga']
const slotSize = (size: string | undefined): AnySlot => ANY_SLOT.find(s => s === size) ?? 'x16'

/** So many of something; null where their number is not known. */
const listOf = <T>(length: number | null, make: (i: number) => T): readonly T[] | null =>
  length === null ? null : Array.from({ length }, (_, i) => make(i))

/** What a sheet counts; what it does not list is not known. */
const headersOf = (f: Fields): BoardOutline['headers'] => counts(f, 'headers.')

/** What nobody stated, each with what it was taken as. */
function assumedOf(f: Fields, own: BoardForm | null): readonly Assumed[] {
  const open: readonly (readonly [stated: boolean, path: string, why: string])[] = [
    [
      own !== null,
      'form',
      'not stated; sockets lie as on an ATX board until you choose and derive anew',
    ],
    [false, 'headers', 'where each header lies is derived from the form'],
    [count(f, 'headers.main-24') !== null, 'headers.main-24', 'not stated; no board goes without'],
  ]
  return open.flatMap(([stated, path, why]) => (stated ? [] : [[path, why] as const]))
}

/** What a socket switches off; only with a SATA stick where the sheet says so. */
function shutsOf(f: Fields, path: string): M2Slot['shuts'] | null {
  const keys = list(f, path)
  if (!keys) return null
  const withSata = WITH_SATA.test(f.get(path)?.words ?? '')
  return [{ keys: [...keys], ...(withSata ? { protocol: 'SATA' } : {}) }]
}

const SHOWS_PICTURE = ['hdmi', 'displayport', 'vga']
function rearOf(f: Fields): Board['rear'] {
  const rear = eachPlug(f, 'rear.', ({ face, label, n }) => ({
    key: `rear-${face}-${n}`,
    label,
    face: face as NonNullable<Board['rear']>[number]['face'],
    ...(SHOWS_PICTURE.includes(face) ? { ofProcessor: true } : {}),
  }))
  return rear.length > 0 ? rear : null
}
