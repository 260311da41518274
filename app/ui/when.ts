// A stored time as the clock on the wall shows it: date and minutes, in the person's own time zone.
const two = (n: number): string => String(n).padStart(2, '0')

export function when(at: string): string {
  const d = new Date(at)
  return Number.isNaN(d.getTime())
    ? at
    : `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())} ${two(d.getHours())}:${two(d.getMinutes())}`
}

/** The minutes of a stored time alone, for something of today; an older one with its day. */
export function clockOf(at: string): string {
  const full = when(at)
  return full.slice(0, 10) === when(new Date().toISOString()).slice(0, 10) ? full.slice(11) : full
}
