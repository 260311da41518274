// What comes with a part and is a part of its own: fans in a case, leads with a board.
import { KINDS, partSchema, type Part } from '.'

export interface Included {
  readonly count: number
  /** Costs nothing more; null where what is written of it makes no part. */
  readonly part: Part | null
  readonly name: string
  readonly title: string
}

/** What comes with a part, in the order in which it is written. */
export const includedIn = (part: Pick<Part, 'includes'>): readonly Included[] =>
  (part.includes ?? []).map(({ count, part: own }) => {
    const read = partSchema.safeParse({ ...own, price: 0 })
    const kind = own.kind in KINDS ? KINDS[own.kind as keyof typeof KINDS].title : own.kind
    return { count, part: read.success ? read.data : null, name: own.model, title: kind }
  })
