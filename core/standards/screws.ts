// Which thread holds what, how long, how tight.
import { SOURCE } from './sources'

export const SCREW = {
  standoff: '6-32 UNC standoffs',
  boardOnStandoff: 'M3 screws (check: some standoffs take 6-32)',
  supply: '6-32 UNC screws',
  disk25: 'M3 screws',
  disk35: '6-32 UNC screws',
  m2: 'M2 screw and spacer',
  radiator: 'M3 or 6-32 UNC screws, as its maker says',
  fan: 'self-tapping fan screws, about 5 × 10 mm',
  panel: '6-32 UNC screws or the case’s own',
} as const

/** How long a screw is, mm; of a radiator, over the thickness of its fan. */
export const SCREW_LONG = {
  ...{ board: 6, disk35: 5, disk25: 3, optical: 5, fan: 10, radiatorOver: 5, m2: 3 },
  source: SOURCE.practice,
} as const
/** Snug, N·m. */
export const SNUG = { '6-32': 0.6, M3: 0.4, M2: 0.2, source: SOURCE.practice } as const
