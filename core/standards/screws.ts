// Which thread holds what, how long, how tight, and in whose bag it usually lies.
import { SOURCE } from './sources'

/** How long a screw is, mm; of a radiator, over the thickness of its fan. */
export const SCREW_LONG = {
  ...{ board: 6, disk35: 5, disk25: 3, optical: 5, fan: 10, radiatorOver: 5, m2: 3 },
  source: SOURCE.practice,
} as const
/** Snug, N·m. */
export const SNUG = { '6-32': 0.6, M3: 0.4, M2: 0.2, source: SOURCE.practice } as const

export const SCREW_USES = [
  'standoff',
  'board',
  'supply',
  'disk25',
  'disk35',
  'optical',
  'm2',
  'radiator',
  'fan',
  'card',
  'panel',
] as const
export type ScrewUse = (typeof SCREW_USES)[number]

export interface ScrewSort {
  readonly thread: '6-32 UNC' | 'M3' | 'M2' | 'self-tapping' | 'M3 or 6-32 UNC'
  /** How long, mm; null where its length hardly matters, or follows from what it goes through. */
  readonly long: number | null
  readonly what: 'screw' | 'standoff' | 'screw and spacer'
  /** What has to be looked at before it goes in. */
  readonly note: string
  /** What it usually comes with. */
  readonly bag: 'case' | 'board' | 'fan' | 'cooler'
}
type Usual = 'what' | 'note' | 'bag'
const sort = ({
  what = 'screw',
  note = '',
  bag = 'case',
  ...own
}: Omit<ScrewSort, Usual> & Partial<Pick<ScrewSort, Usual>>): ScrewSort => ({
  what,
  note,
  bag,
  ...own,
})

export const SCREWS: Record<ScrewUse, ScrewSort> = {
  standoff: sort({ thread: '6-32 UNC', long: null, what: 'standoff' }),
  board: sort({
    ...{ thread: 'M3', long: SCREW_LONG.board },
    note: 'some standoffs take 6-32: try one by hand',
  }),
  supply: sort({ thread: '6-32 UNC', long: SCREW_LONG.board }),
  disk25: sort({ thread: 'M3', long: SCREW_LONG.disk25 }),
  disk35: sort({ thread: '6-32 UNC', long: SCREW_LONG.disk35 }),
  optical: sort({ thread: 'M3', long: SCREW_LONG.optical }),
  m2: sort({ thread: 'M2', long: SCREW_LONG.m2, what: 'screw and spacer', bag: 'board' }),
  radiator: sort({
    ...{ thread: 'M3 or 6-32 UNC', long: null, bag: 'cooler' },
    note: `as its maker says, and no longer than the fan is thick and ${SCREW_LONG.radiatorOver} mm`,
  }),
  fan: sort({ thread: 'self-tapping', long: SCREW_LONG.fan, bag: 'fan' }),
  card: sort({ thread: '6-32 UNC', long: SCREW_LONG.board }),
  panel: sort({ thread: '6-32 UNC', long: SCREW_LONG.board, note: 'or the case’s own' }),
}

/**
 * How a screw of each thread looks, mm: across its thread and its head; of fans it cuts its own
 * thread. Threads by their standards, heads as usual.
 */
export const SCREW_LOOKS: Record<
  Exclude<ScrewSort['thread'], 'M3 or 6-32 UNC'>,
  { readonly across: number; readonly pitch: number; readonly head: number }
> = {
  '6-32 UNC': { across: 3.5, pitch: 0.79, head: 7 },
  M3: { across: 3, pitch: 0.5, head: 5.5 },
  M2: { across: 2, pitch: 0.4, head: 4 },
  'self-tapping': { across: 5, pitch: 1.6, head: 8 },
}
/** A standoff: across its flats, and how far it holds the board off, mm. */
export const STANDOFF_LOOKS = { flats: 5, high: 6.5 } as const

/** Screws of one use that are taken in hand; null where nobody can say how many. */
export interface Screws {
  readonly use: ScrewUse
  readonly count: number | null
}

const MANY: Record<ScrewSort['what'], string> = {
  screw: 'screws',
  standoff: 'standoffs',
  'screw and spacer': 'screws with spacers',
}

/** What is taken in hand: how many, of which thread, how long. */
export function screwLine({ use, count }: Screws): string {
  const { thread, long, what, note } = SCREWS[use]
  const called = count === 1 ? what : MANY[what]
  const size = `${thread}${long === null ? '' : ` × ${long} mm`}`
  return `${count === null ? '' : `${count} `}${called} ${size}${note === '' ? '' : ` (${note})`}`
}
