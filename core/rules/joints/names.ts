// What one side of a joint is called.
import type { Situation } from '../../plan/situation'
import { isMechanical } from '../../connectors/connectors'
import type { EndOf } from '../../joining/joint'

export const nameOf = (s: Pick<Situation, 'names'>, item: string): string =>
  s.names.get(item) ?? item

/** What one side of a joint is called: the item, and which of its ends where it has several. */
export const sideOf = (name: string, end: EndOf): string =>
  end.end.label && !isMechanical(end.end.face) ? `${end.end.label} of the ${name}` : name
