// The rails of a power supply, and the voltage of each.

export const RAILS = ['12', '5', '3.3'] as const
export type Rail = (typeof RAILS)[number]
export const VOLTS: Readonly<Record<Rail, number>> = { '12': 12, '5': 5, '3.3': 3.3 }
/** What stays on while the machine is off. */
export const STANDBY_VOLTS = 5
