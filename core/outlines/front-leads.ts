// The leads of a front of which nothing is stated.
import type { Case } from '../parts/case-schema'
import { MAINS_AT_FRONT, type BoardForm } from '../standards/boards'

/**
 * Whether a case takes only boards of the age in which the switch at the front was a mains switch.
 */
export const hasMainsSwitch = (boards: readonly BoardForm[]): boolean =>
  boards.length > 0 && boards.every(form => MAINS_AT_FRONT.includes(form))

/**
 * The leads that nearly every front has: lengths are assumed by the kind of lead. An AT case has no
 * switch lead for a board.
 */
export function usualLeads(boards: readonly BoardForm[] = []): Case['leads'] {
  const toSwitch = {
    key: 'power-switch',
    label: 'power switch',
    face: 'panel-lead',
    job: 'power-switch',
    wide: 2,
  } as const
  return [
    ...(hasMainsSwitch(boards) ? [] : [toSwitch]),
    { key: 'reset', label: 'reset switch', face: 'panel-lead', job: 'reset', wide: 2 },
    { key: 'power-light', label: 'power light', face: 'panel-lead', job: 'power-light', wide: 2 },
    { key: 'disk-light', label: 'disk light', face: 'panel-lead', job: 'disk-light', wide: 2 },
    { key: 'usb', label: 'front USB 3', face: 'usb-3', ports: 2 },
    { key: 'audio-hd', label: 'front audio', face: 'audio-hd' },
  ]
}
