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

/** What a job is called on plugs and boards. */
const JOB_NAME: Readonly<Record<string, string>> = {
  ...{ 'disk-light': 'HDD LED', 'power-light': 'power LED', 'turbo-light': 'turbo LED' },
  ...{ reset: 'reset switch', 'power-switch': 'power switch', 'turbo-switch': 'turbo switch' },
  ...{ 'key-lock': 'key lock', speaker: 'speaker' },
}
export const jobName = (job: string): string => JOB_NAME[job] ?? job
/** What a pin is for as it is printed: its job with its sign. */
export function pinName(does: PinJob): string {
  const job = jobOf(does)
  if (job === null) return does === 'none' ? 'no pin' : does
  return jobName(job) + does.slice(job.length).replace('-', '−')
}

/** The usual order, row by row; a board’s own map rules. */
export const USUAL_BLOCK = {
  rows: [
    ['disk-light+', 'disk-light-', 'reset', 'reset', 'free'],
    ['power-light+', 'power-light-', 'power-switch', 'power-switch', 'none'],
  ],
  source: SOURCE.panel,
} as const satisfies { readonly rows: readonly (readonly PinJob[])[]; readonly source: string }
