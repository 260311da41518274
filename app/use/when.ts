// A stored time as the clock on the wall shows it: date and minutes, in the person's own time zone.
const two = (n: number): string => String(n).padStart(2, '0')

export function when(at: string): string {
  const d = new Date(at)
  return Number.isNaN(d.getTime())
    ? at
    : `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())} ${two(d.getHours())}:${two(d.getMinutes())}`
}
