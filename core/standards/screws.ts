// Which thread holds what.
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
