// The parts of the work in words, as the seam and its charts show them.
import type { StepGroup } from '../../core/order/step'

export const GROUP_WORD: Readonly<Record<StepGroup, string>> = {
  ...{ table: 'table', case: 'case', cables: 'cables', cards: 'cards', test: 'test, close' },
}
