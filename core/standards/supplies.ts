// Power supplies: their outer forms, and how much room each school leaves.
import { SOURCE } from './sources'

export const SUPPLY_FORMS = ['ATX', 'SFX', 'SFX-L', 'TFX', 'Flex'] as const
export type SupplyForm = (typeof SUPPLY_FORMS)[number]

/** Width × height × length, mm. ATX supplies are 125 to 220 long: the length is the part's own. */
export const SUPPLY_SIZE: Record<SupplyForm, { readonly width: number; readonly height: number; readonly length: number | null }> = {
  ATX: { width: 150, height: 86, length: null },
  SFX: { width: 125, height: 63.5, length: 100 },
  'SFX-L': { width: 125, height: 63.5, length: 130 },
  TFX: { width: 85, height: 65, length: 175 },
  Flex: { width: 81.5, height: 40.5, length: 150 },
}

/** What the plugs of a modular supply add to its length, mm. */
export const MODULAR_PLUGS = { mm: 30, source: SOURCE.assumed } as const

export const SCHOOLS = ['lean', 'roomy', 'quiet'] as const
export type School = (typeof SCHOOLS)[number]

/** Lean and roomy ask for the label to exceed the worst sustained load by a factor; quiet wants typical work inside a band of the label. */
export const SCHOOL: Record<School, { readonly label: string; readonly factor: number | null; readonly band: readonly [number, number] | null; readonly says: string }> = {
  lean: { label: 'Lean', factor: 1.15, band: null, says: 'what the sum needs and a little more' },
  roomy: { label: 'Roomy', factor: 1.33, band: null, says: 'a third more, so that it runs cool' },
  quiet: { label: 'Quiet', factor: null, band: [0.4, 0.6], says: 'typical work at 40 to 60 % of the label' },
}
