// The places of a case where air is moved: fan places, and those of radiators.
import { meantFor, type Air } from '../case/air'
import type { Part } from '.'

export interface BreathingPlace {
  readonly key: string
  readonly label: string
  /** What it is meant for. */
  readonly meant: Air
}

/** A radiator place breathes as the fan places that it takes. */
export function breathingPlaces(part: Part): readonly BreathingPlace[] {
  if (part.kind !== 'case') return []
  const fans = (part.fans ?? []).map(f => ({ key: f.key, label: f.label, meant: meantFor(f) }))
  const radiators = (part.radiators ?? []).map(({ key, label, axes, instead }) => ({
    ...{ key, label },
    meant: fans.find(f => instead.includes(f.key))?.meant ?? meantFor({ axes }),
  }))
  return [...fans, ...radiators]
}
