// A stored time as the clock on the wall shows it: date and minutes in the person's own time zone and
// in the form that is usual where the person is.
const DAY = { year: 'numeric', month: '2-digit', day: '2-digit' } as const
const MINUTE = { hour: '2-digit', minute: '2-digit' } as const

const written = (at: string, how: Intl.DateTimeFormatOptions, locale?: string): string => {
  const time = new Date(at)
  return Number.isNaN(time.getTime()) ? at : new Intl.DateTimeFormat(locale, how).format(time)
}

/** Date and minutes; what is no time stays as it is. */
export const when = (at: string, locale?: string): string =>
  written(at, { ...DAY, ...MINUTE }, locale)

/** The date alone. */
export const dayOf = (at: string, locale?: string): string => written(at, DAY, locale)

/** The minutes of a stored time alone, for something of today; an older one with its day. */
export const clockOf = (at: string, locale?: string): string =>
  dayOf(at) === dayOf(new Date().toISOString()) ? written(at, MINUTE, locale) : when(at, locale)
