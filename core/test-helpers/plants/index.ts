// For tests: faults to plant in a sound machine, a class each. Need and have are worked out here, by
// hand; nothing of the program's own rules, joining or power is asked.
import { CARDS } from './cards'
import { CHOICES } from './choices'
import { DRIVES } from './drives'
import { LENGTHS } from './lengths'
import { LINES } from './lines'
import { PLACES } from './places'
import { PLACING } from './placing'
import { PARTNERS } from './partners'
import { MEMORY } from './memory'
import { OLD_MACHINES } from './old'
import type { Plant } from './plant'
import { RAILS } from './rails'
import { SPACE } from './space'
import { SUPPLIES } from './supplies'
import { WAYS } from './ways'

/** Every class of fault that can be planted. */
export const PLANTS: readonly Plant[] = [
  ...LENGTHS,
  ...LINES,
  ...CARDS,
  ...RAILS,
  ...PARTNERS,
  ...CHOICES,
  ...MEMORY,
  ...SPACE,
  ...PLACING,
  ...SUPPLIES,
  ...WAYS,
  ...DRIVES,
  ...PLACES,
  ...OLD_MACHINES,
]
