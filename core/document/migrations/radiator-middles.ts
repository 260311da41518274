// From version 6 to 7: a radiator place lies where its middle is, no longer where its first fan is.

type Fields = Readonly<Record<string, unknown>>
type Point = readonly number[]

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const list = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : [])
const isPoint = (value: unknown): value is Point =>
  Array.isArray(value) && value.length === 3 && value.every(n => typeof n === 'number')

/** A place that names the fan places it takes, and lies at the first of them, lies between them. */
export function radiatorMiddles(part: Fields): Fields {
  if (part['kind'] !== 'case' || !Array.isArray(part['radiators'])) return part
  const fans = new Map(
    list(part['fans']).flatMap(fan =>
      isFields(fan) && isPoint(fan['at']) ? [[fan['key'], fan['at']] as const] : [],
    ),
  )
  return { ...part, radiators: list(part['radiators']).map(place => moved(place, fans)) }
}

function moved(place: unknown, fans: ReadonlyMap<unknown, Point>): unknown {
  if (!isFields(place) || !isPoint(place['at'])) return place
  const own = list(place['instead']).flatMap(key => {
    const at = fans.get(key)
    return at ? [at] : []
  })
  const [first] = own
  const isAtFirst = first !== undefined && place['at'].every((n, axis) => n === first[axis])
  if (!isAtFirst || own.length < 2) return place
  const middle = [0, 1, 2].map(axis => {
    const all = own.map(at => at[axis] ?? 0)
    return (Math.min(...all) + Math.max(...all)) / 2
  })
  return { ...place, at: middle }
}
