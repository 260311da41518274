// The buying: what to buy next, what is on its way, what arrived and is still to be looked at, what
// is left to pay.
import { specOf } from '../parts'
import { compareBy } from '../collections/compare'
import { ARRIVAL_CHECKS, type ArrivalCheck, type StoredItem } from '../document/build'
import type { Step } from '../order/step'
import { packsOf } from './costs'
import { parts, type PartRow, type PartsSection } from './parts'
import { rounded } from '../figures/rounded'
import { stepPlan } from '../order/section'
import { storedItems } from '../plan/given'
import { stage } from '../pipeline/stage'

export interface BuyingRow {
  readonly id: string
  readonly name: string
  readonly title: string
  readonly price: number | null
  readonly shop: string | null
  /** Bought as soon as it costs so much or less. */
  readonly from: number | null
  /** Whether it does. */
  readonly isReached: boolean
  /** Whether it is here, and could go back. */
  readonly isHere: boolean
  /** How many packs of how many are bought for all of its sort; null where it is sold singly. */
  readonly packs: { readonly count: number; readonly of: number } | null
  /** Why the last copy went back to the shop; null where none did. */
  readonly sentBack: string | null
  readonly arrives: string | null
  readonly returnBy: string | null
  /** The first step that cannot be done without it. */
  readonly neededAt: {
    readonly step: string
    readonly number: number
    readonly title: string
  } | null
  readonly checks: readonly {
    readonly check: ArrivalCheck
    readonly question: string
    readonly seen: string | null
  }[]
}

export interface BuyingSection {
  /** In the order in which the work needs them; what comes later stands last. */
  readonly next: readonly BuyingRow[]
  readonly later: readonly BuyingRow[]
  /** On its way, the earliest first. */
  readonly coming: readonly BuyingRow[]
  /** Here, and not yet looked at in all respects. */
  readonly arrived: readonly BuyingRow[]
  /** May still go back, the earliest last day first. */
  readonly returns: readonly BuyingRow[]
  readonly left: number
  readonly unpriced: number
  readonly budget: PartsSection['budget']
}

const QUESTIONS: Record<ArrivalCheck, string> = {
  kind: 'Is it the kind that was ordered? Read the label, not the box.',
  damage: 'Is it whole? Bent pins, dents, broken seals.',
  film: 'Is the protective film still on? It comes off before use.',
  contents: 'Is everything in the box that should be?',
}

/** What buying asks of a part. */
export type Offer = Pick<PartRow, 'id' | 'name' | 'kind' | 'title' | 'state' | 'price' | 'paid'> &
  Pick<StoredItem, 'purchase'> & { readonly packs: BuyingRow['packs'] }

/** The parts as buying looks at them, in the order of the rows. */
const offers = stage('offers', { storedItems, parts }, ({ storedItems, parts }) => {
  const items = new Map(storedItems.map(i => [i.id, i]))
  const packs = (item: StoredItem | undefined): BuyingRow['packs'] => {
    const count = item ? packsOf(storedItems, item.part) : null
    return count !== null && item?.part.pack ? { count, of: item.part.pack } : null
  }
  return parts.rows.map(({ id, name, kind, title, state, price, paid }): Offer => ({
    id,
    name,
    kind,
    title,
    state,
    price,
    paid,
    purchase: items.get(id)?.purchase,
    packs: packs(items.get(id)),
  }))
})
const sums = stage('sums', { parts }, ({ parts: { left, unpriced, budget } }) => ({
  ...{ left, unpriced, budget },
}))

export const buying = stage('buying', { offers, plan: stepPlan, sums }, values =>
  rounded(buyingOf(values.offers, values.plan.steps, values.sums)),
)

function buyingOf(
  offers: readonly Offer[],
  steps: readonly Pick<Step, 'id' | 'title' | 'items' | 'demand'>[],
  left: Pick<BuyingSection, 'left' | 'unpriced' | 'budget'>,
): BuyingSection {
  const all = offers.map(item => ({ item, row: buyingRow(item, steps) }))
  const of = (
    keep: (item: Offer) => boolean,
    by: (row: BuyingRow) => string,
  ): readonly BuyingRow[] =>
    all
      .filter(x => keep(x.item))
      .map(x => x.row)
      .sort(compareBy(by))
  return {
    next: of(i => i.state === 'wanted', stepKey),
    later: of(i => i.state === 'later', stepKey),
    coming: of(
      i => i.state === 'ordered',
      r => r.arrives ?? LAST,
    ),
    arrived: of(
      i => i.state === 'have' && i.purchase?.arrives !== undefined,
      r => r.arrives ?? LAST,
    ).filter(r => r.checks.some(c => c.seen === null)),
    returns: of(
      i => i.purchase?.returnBy !== undefined && i.state !== 'wanted' && i.state !== 'later',
      r => r.returnBy ?? LAST,
    ),
    ...left,
  }
}

/** Sorts after every date and every number. */
const LAST = '~'
const DIGITS = 6
const stepKey = (row: BuyingRow): string =>
  row.neededAt ? String(row.neededAt.number).padStart(DIGITS, '0') : LAST

/** What is noted of a purchase. */
function noted(purchase: StoredItem['purchase'] = {}) {
  const { shop, from, arrives, returnBy, sentBack } = purchase
  return {
    ...{ shop: shop ?? null, from: from ?? null },
    ...{ arrives: arrives ?? null, returnBy: returnBy ?? null },
    sentBack: sentBack?.at(-1)?.why ?? null,
  }
}

function buyingRow(
  { id, name, kind, title, state, price, paid, purchase, packs }: Offer,
  steps: readonly Pick<Step, 'id' | 'title' | 'items' | 'demand'>[],
): BuyingRow {
  // What an open place asks is settled before anything is bought for it.
  const at = steps.findIndex(s => s.demand === null && s.items.includes(id))
  const step = steps[at]
  const { checked } = purchase ?? {}
  return {
    id,
    name,
    title,
    price: paid ?? price,
    ...noted(purchase),
    isHere: state === 'have' || state === 'spare',
    isReached: paid === null && price !== null && price <= (purchase?.from ?? -1),
    packs,
    neededAt: step ? { step: step.id, number: at + 1, title: step.title } : null,
    checks: ARRIVAL_CHECKS.filter(c => c !== 'film' || specOf(kind).filmed).map(check => ({
      check,
      question: QUESTIONS[check],
      seen: checked?.[check] ?? null,
    })),
  }
}
