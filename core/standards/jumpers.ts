// Jumpers of boards that what else is in the machine decides: what they may stand for, and what a
// wrong one costs.
import type { Verdict } from '../figures/verdict'

export const JUMPER_JOBS = ['display', 'coprocessor', 'battery'] as const
export type JumperJob = (typeof JUMPER_JOBS)[number]

export const JUMPER_MEANINGS = ['mono', 'colour', 'present', 'absent', 'own', 'external'] as const
export type JumperMeaning = (typeof JUMPER_MEANINGS)[number]

/** How the one jumper of an old drive may stand. */
export const PLACES_ON_RIBBON = ['first', 'second', 'by cable'] as const

/** What a meaning is called, in a sentence. */
export const MEANING: Readonly<Record<JumperMeaning, string>> = {
  mono: 'monochrome',
  colour: 'colour',
  present: 'a coprocessor',
  absent: 'no coprocessor',
  own: 'the board’s own cell',
  external: 'an external battery',
}

export const WRONG_JUMPER: Readonly<
  Record<JumperJob, { readonly verdict: Verdict; readonly costs: string }>
> = {
  display: { verdict: 'stop', costs: 'the board beeps and no picture comes' },
  coprocessor: { verdict: 'watch', costs: 'the coprocessor is not found, or one is waited for' },
  battery: { verdict: 'watch', costs: 'the clock stops, or a cell is charged that must not be' },
}
