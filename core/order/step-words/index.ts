// The words of each kind of step.
import type { StepKind } from '../step'
import { ON_THE_CASE } from './case'
import { PUTTING_PARTS } from './parts'
import { PUTTING_PROCESSOR } from './processor'
import { PLUGGING } from './plugs'
import { TAKING_OUT } from './leaving'
import { POWERING_ON } from './power-on'
import type { StepWords } from './words'

export const STEP_WORDS: Record<StepKind, StepWords> = {
  ...ON_THE_CASE,
  ...PUTTING_PROCESSOR,
  ...PUTTING_PARTS,
  ...PLUGGING,
  ...TAKING_OUT,
  ...POWERING_ON,
}
