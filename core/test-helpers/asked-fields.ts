// For tests: the fields of a kind that a person is asked to fill in, and those of them that are to be
// heard of.
import { UNREAD } from '../analysis/unread-fields'
import { specOf, type PartKind } from '../parts'
import { fieldsOfKind } from './variations'

/** What every part says of itself is shown with it. */
const OF_EVERY_PART = [
  ...['pack', 'includes', 'includes.*.count', 'includes.*.part.kind', 'includes.*.part.model'],
  'includes.*.fitted',
  'kind',
  'id',
  'maker',
  'model',
  'price',
  'note',
  'software',
  'pages',
  'pages.*.id',
  'pages.*.title',
  'assumed',
  'partly',
  'read',
  'read.in',
  'read.title',
  'read.on',
  'reads',
]

/** What a person is asked of a kind; what it is chosen by is shown with it. */
export function askedOf(kind: PartKind): readonly string[] {
  const chosenBy = specOf(kind).facets.map(f => f.path)
  return fieldsOfKind(kind).filter(f => !OF_EVERY_PART.includes(f) && !chosenBy.includes(f))
}

/** The fields that stand in the list of those that nothing hears of. */
export const listedOf = (kind: PartKind): readonly string[] =>
  Object.values(UNREAD[kind] ?? {}).flat()

/** The fields of a kind that are to be heard of. */
export const toBeHeardOf = (kind: PartKind): readonly string[] =>
  askedOf(kind).filter(f => !listedOf(kind).includes(f))
