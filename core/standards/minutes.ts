// How long a careful person takes for a step, and how much longer the first time. All assumed.
export const MINUTES = {
  bench: 10, processor: 4, memory: 3, pushPinCooler: 6, screwedCooler: 12, m2: 5, standoffs: 5, shield: 3, boardIn: 10,
  supplyIn: 8, drive: 5, plug: 2, looseLeads: 8, fan: 5, firstPower: 10, dress: 25, panels: 4, record: 5,
} as const

export const FIRST_TIME_FACTOR = 1.8
