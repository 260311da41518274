// How long a careful person takes for a step, and how much longer the first time. All assumed; the
// last row are named choices in their kind.
export const MINUTES = {
  bench: 10,
  processor: 4,
  memory: 3,
  pushPinCooler: 6,
  screwedCooler: 12,
  chips: 4,
  m2: 5,
  jumpers: 4,
  mainsSwitch: 6,
  standoffs: 5,
  shield: 3,
  boardIn: 10,
  supplyIn: 8,
  drive: 5,
  plug: 2,
  unplug: 1,
  throughHole: 0.5,
  looseLeads: 8,
  fan: 5,
  firstPower: 10,
  panels: 4,
  piece: 1,
  pieceScrew: 0.5,
  record: 5,
  card: 6,
  supplyCables: 6,
  radiator: 13,
  covers: 2,
  takeOut: 3,
  coolerOff: 5,
  stick: 2,
  layLead: 3,
  firmware: 10,
  tableStart: 20,
  tableClear: 8,
  milestone: 6,
} as const

/**
 * Dressing takes longer with every lead, tie and hole. Named choices: 25 in a usual machine of twenty
 * leads, five ties and five holes.
 */
export const DRESSING = { begin: 3, lead: 0.75, tie: 0.8, hole: 0.6 } as const

export const FIRST_TIME_FACTOR = 1.8
