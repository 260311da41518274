// How a moment is told.
import type { Moment } from '../../power/flow'

export const inFirstSeconds = (when: Moment): string =>
  when === 'start' ? ' in the first seconds' : ''
