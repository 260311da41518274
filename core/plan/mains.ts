// Which machines have their mains switch at the front: an old case, and no supply with a soft switch.
import type { Item } from '../parts'
import type { Case } from '../parts/case-schema'
import { MAINS_AT_FRONT } from '../standards/boards'

/**
 * Whether the power switch of a case is a mains switch: it takes only boards that know no soft
 * switch, or an AT supply is in the machine; a supply known to be of another form makes it an
 * ordinary one.
 */
export function isMainsCase(
  { part }: { readonly part: Pick<Case, 'boards'> },
  items: readonly Pick<Item, 'part'>[],
): boolean {
  const forms = items.flatMap(i => (i.part.kind === 'supply' && i.part.form ? [i.part.form] : []))
  if (forms.length > 0) return forms.includes('AT')
  const boards = part.boards ?? []
  return boards.length > 0 && boards.every(form => MAINS_AT_FRONT.includes(form))
}
