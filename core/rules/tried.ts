// What trying tells at the bench: a lead that reached, a part that went in.
import type { Finding, Tried } from './finding'

/** Where trying harms nothing: what does not reach or go in is taken back. */
const SAYS: Partial<Record<Finding['stage'], string>> = {
  routes: 'It reached',
  fit: 'It went in',
}

/** What trying settles of a finding that asks for a measurement; null where nothing does. */
export function whenTried({ verdict, stage, settles }: Finding): Tried | null {
  const says = SAYS[stage]
  const first = settles.find(s => s.passes !== null && s.unit === 'mm')
  if (verdict !== 'measure' || says === undefined || !first?.passes) return null
  return { says, settles: first, value: first.passes.value }
}
