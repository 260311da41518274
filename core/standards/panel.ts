// The front-panel block: what a pin of it may be for, and the order in which most boards have them.
import { SOURCE } from './sources'

export const PIN_JOBS = [
  'disk-light+',
  'disk-light-',
  'power-light+',
  'power-light-',
  'reset',
  'power-switch',
  'key-lock',
  'turbo-switch',
  'turbo-light+',
  'turbo-light-',
  'speaker+',
  'speaker-',
  'free',
  'none',
] as const
export type PinJob = (typeof PIN_JOBS)[number]

/** What a pin serves, its sign left off; null for a free pin and for the missing one. */
export const jobOf = (does: PinJob): string | null =>
  does === 'none' || does === 'free' ? null : does.replace(/[+-]$/, '')

/** The usual order, row by row; a board’s own map rules. */
export const USUAL_BLOCK = {
  rows: [
    ['disk-light+', 'disk-light-', 'reset', 'reset', 'free'],
    ['power-light+', 'power-light-', 'power-switch', 'power-switch', 'none'],
  ],
  source: SOURCE.panel,
} as const satisfies { readonly rows: readonly (readonly PinJob[])[]; readonly source: string }
