// The leads of a front of which nothing is stated.
import type { CaseLead } from '../parts/case-schema'
import { MAINS_AT_FRONT, type BoardForm } from '../standards/boards'

/**
 * Whether a case takes only boards of the age in which the switch at the front was a mains switch.
 */
export const hasMainsSwitch = (boards: readonly BoardForm[]): boolean =>
  boards.length > 0 && boards.every(form => MAINS_AT_FRONT.includes(form))

/**
 * The leads that nearly every front has, marked as assumed: nobody stated them. An AT case has no
 * switch lead for a board.
 */
export function usualLeads(boards: readonly BoardForm[] = []): CaseLead[] {
  const toSwitch = {
    key: 'power-switch',
    label: 'power switch',
    face: 'panel-lead',
    job: 'power-switch',
    wide: 2,
  } as const
  const leads: readonly CaseLead[] = [
    ...(hasMainsSwitch(boards) ? [] : [toSwitch]),
    { key: 'reset', label: 'reset switch', face: 'panel-lead', job: 'reset', wide: 2 },
    { key: 'power-light', label: 'power LED', face: 'panel-lead', job: 'power-light' },
    { key: 'disk-light', label: 'HDD LED', face: 'panel-lead', job: 'disk-light', wide: 2 },
    { key: 'audio-hd', label: 'front audio', face: 'audio-hd' },
  ]
  return leads.map(lead => ({ ...lead, assumed: true }))
}

/** How many sockets a front has; null where nobody counted them. */
export interface FrontPorts {
  readonly usbA: number | null
  readonly usbC: number | null
}

/**
 * The USB leads of so many sockets: two flat ones to a wide lead, though which plug they hang from
 * is assumed; each oval one has its own.
 */
export function usbLeads({ usbA, usbC }: FrontPorts): CaseLead[] {
  const flat = usbA ?? 0
  return [
    ...Array.from({ length: Math.ceil(flat / 2) }, (_, i): CaseLead => ({
      key: `usb-${i + 1}`,
      label: `front USB 3${flat > 2 ? `, pair ${i + 1}` : ''}`,
      face: 'usb-3',
      ports: Math.min(2, flat - i * 2),
      assumed: true,
    })),
    ...Array.from({ length: usbC ?? 0 }, (_, i): CaseLead => ({
      key: `usb-c-${i + 1}`,
      label: `front USB-C${(usbC ?? 0) > 1 ? ` ${i + 1}` : ''}`,
      face: 'usb-c',
      ports: 1,
    })),
  ]
}
