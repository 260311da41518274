// What comes with a part and is a part of its own: fans in a case, leads with a board.
import { partSchema, type Part } from '.'
import type { Fitted } from './kind'

export interface Included {
  readonly part: Part
  readonly count: number
  /** Whether it sits in its place when it comes. */
  readonly fitted: Fitted
}

/** How what comes with a part is called beside it: its holder's name is not said again. */
export const nameBeside = ({ model }: Pick<Part, 'model'>, holder: string): string =>
  model.replace(` of the ${holder}`, '')

/**
 * What comes with so many of a part, with each or with each pack, in the order in which it is
 * written. It costs nothing more; what is written so that it makes no part is left out.
 */
export function includedWith(
  { includes = [], pack }: Pick<Part, 'includes' | 'pack'>,
  pieces: number,
): readonly Included[] {
  const packs = Math.ceil(pieces / (pack ?? 1))
  return includes.flatMap(({ count, part, fitted = false }) => {
    const read = partSchema.safeParse({ ...part, price: 0 })
    return read.success ? [{ part: read.data, count: count * packs, fitted }] : []
  })
}
