// Every field earns its place: what a person is asked to fill in changes what is said of some build,
// or stands in one list with the reason. The list may only shrink.
import { PART_KINDS } from '../parts'
import { askedOf, listedOf, toBeHeardOf } from '../test-helpers/asked-fields'
import { searched, trialsOf, unheard } from '../test-helpers/heard'
import { runs } from '../test-helpers/runs'

/** That what is listed is truly unread takes minutes: it is looked at in `npm run deep`. */
const isWhole = runs(5) === 5
/** How many parts of a kind show that a field of the list is still unread. */
const FEW = 12

test.each(PART_KINDS)('every field of a %s is read, or is in the list with its reason', kind => {
  expect(listedOf(kind).filter(f => !askedOf(kind).includes(f))).toEqual([])
  expect(unheard(kind, toBeHeardOf(kind))).toEqual([])
  if (isWhole)
    expect([...searched(trialsOf(kind).slice(0, FEW), listedOf(kind)).keys()]).toEqual([])
})
