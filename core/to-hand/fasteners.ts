// The screws, standoffs and small parts that a plan takes, by thread, length and number, against what
// is known to be there.
import { counted, listed } from '../figures/format'
import { readFigure } from '../figures/units'
import { handId } from '../ids/ids'
import { AGAIN } from '../order/step'
import type { WordedStep } from '../order/plan'
import type { Standoffs } from '../plan/standoffs-to-fit'
import { SCREWS, type ScrewSort, type ScrewUse } from '../standards/screws'
import { isComing, isHere, sundries, toBuy, type HandRow, type Owned, type Ready } from './row'

interface Taken {
  readonly use: ScrewUse
  readonly count: number | null
}

/** Panels and pieces keep their own screws. */
const takenBy = (steps: readonly WordedStep[]): readonly Taken[] =>
  steps
    .filter(s => s.kind !== 'refit' && !s.label.endsWith(AGAIN))
    .flatMap(s => s.screws)
    .filter(({ use }) => use !== 'panel' && use !== 'standoff')

/** One row for each thread, with its lengths. */
export function screwRows(
  steps: readonly WordedStep[],
  items: readonly Owned[],
): readonly HandRow[] {
  const taken = takenBy(steps)
  const threads = [...new Set(taken.map(t => keyOf(SCREWS[t.use])))].sort()
  return threads.map(thread => {
    const own = taken.filter(t => keyOf(SCREWS[t.use]) === thread)
    const sorts = [...new Set(own.map(t => t.use))]
    const need = own.reduce((sum, t) => sum + (t.count ?? 0), 0)
    const isWhole = own.every(t => t.count !== null)
    return {
      id: handId(`screws:${thread}`),
      what: `Screws ${thread}`,
      need: `${sorts.length > 1 ? total(need, isWhole) : ''}${listed(sorts.map(use => ofUse(own, use)))}`,
      ...bagged(items, thread, { need, bag: bagsOf(sorts) }),
    }
  })
}
/** "12: "; nothing where no number is known. */
function total(need: number, isWhole: boolean): string {
  if (need === 0) return ''
  return `${isWhole ? '' : 'at least '}${need}: `
}
const keyOf = ({ thread }: ScrewSort): string => thread

/** "8 × 5 mm for 3.5-inch disks". */
function ofUse(taken: readonly Taken[], use: ScrewUse): string {
  const { long } = SCREWS[use]
  const own = taken.filter(t => t.use === use)
  const count = own.reduce((sum, t) => sum + (t.count ?? 0), 0)
  const size = long === null ? '' : ` × ${long} mm`
  return `${count === 0 ? 'some' : count}${size} ${FOR[use]}`
}
const FOR: Record<ScrewUse, string> = {
  standoff: 'for the board',
  board: 'for the board',
  supply: 'for the supply',
  disk25: 'for 2.5-inch disks',
  disk35: 'for 3.5-inch disks',
  optical: 'for disc drives',
  m2: 'for M.2 drives, each with its spacer',
  radiator: 'for the radiator',
  fan: 'for fans',
  card: 'for brackets of cards',
  panel: 'for panels',
}
const BAG: Record<ScrewSort['bag'], string> = {
  case: 'the case’s bag',
  board: 'the board’s box',
  fan: 'the fan’s box',
  cooler: 'the cooler’s box',
}
const bagsOf = (uses: readonly ScrewUse[]): string =>
  listed([...new Set(uses.map(use => BAG[SCREWS[use].bag]))])

/** Bags of that thread that are known; where they are not enough, the bag to look into. */
function bagged(
  items: readonly Owned[],
  thread: string,
  { need, bag }: { readonly need: number; readonly bag: string },
): Pick<HandRow, 'ready' | 'from' | 'buy'> {
  const bags = sundries(items, p => p.use === 'screw' && p.thread === thread)
  const here = sumOf(bags.filter(isHere))
  if (need > 0 && here >= need) return { ready: 'have', from: `${here} in bags`, buy: null }
  if (need > 0 && here + sumOf(bags.filter(isComing)) >= need)
    return { ready: 'coming', from: `${here} here, the rest on its way`, buy: null }
  return {
    ready: 'look',
    from: `count them in ${bag}`,
    buy: toBuy({
      ...{ id: `hand-screws-${slug(thread)}`, model: `Screws ${thread}`, use: 'screw', thread },
      count: need === 0 ? null : need,
    }),
  }
}
const sumOf = (owned: readonly Owned[]): number =>
  owned.reduce((sum, { part }) => {
    const count = part.kind === 'sundry' ? readFigure(part.count, 'pcs')?.value : null
    return sum + (count ?? 0)
  }, 0)
const slug = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]+/g, '-')

/** Standoffs to fit, against those that are supplied and bought. */
export const standoffRows = (
  plans: readonly Standoffs[],
  items: readonly Owned[],
): readonly HandRow[] =>
  plans
    .filter(p => p.fit > 0)
    .map(({ board, name, pc, fit, supplied, freed }) => {
      const bags = sundries(items, p => p.use === 'standoff')
      const here = supplied === null ? null : supplied + freed + sumOf(bags.filter(isHere))
      const coming = sumOf(bags.filter(isComing))
      return {
        id: handId(`standoffs:${board}`),
        what: 'Standoffs 6-32 UNC',
        need: `${fit} for the ${name}`,
        ready: standing(fit, here, coming),
        from:
          here === null
            ? `count them in the bag of the ${pc}`
            : `${counted(here, 'standoff')} there`,
        buy:
          here !== null && here >= fit
            ? null
            : toBuy({
                ...{ id: 'hand-standoffs', model: 'Standoffs 6-32 UNC, 6.5 mm' },
                ...{ use: 'standoff', count: fit - (here ?? 0) },
              }),
      }
    })
function standing(fit: number, here: number | null, coming: number): Ready {
  if (here === null) return 'look'
  if (here >= fit) return 'have'
  return here + coming >= fit ? 'coming' : 'missing'
}
