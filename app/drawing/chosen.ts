// Where what is chosen is on a drawing, and from which side its distance can be seen.
import type { Drawing } from '../../core/drawing/drawing'
import type { Rect } from '../../core/drawing/rect'
import type { View } from '../../core/drawing/views'

interface Chosen {
  readonly finding: string
  readonly items: readonly string[]
}
/** What is everywhere in a machine tells nothing about where to look. */
const EVERYWHERE: readonly string[] = [
  'case',
  'vents',
  'opening',
  'channel',
  'board',
  'socket',
  'zone',
]

const distanceIn = (drawing: Drawing, finding: string) =>
  [...drawing.dimensions, ...drawing.others].find(d => d.finding === finding)

/** All that is chosen on a view: its distance, else its parts; none where none of it is seen. */
export function chosenIn(drawing: Drawing, { finding, items }: Chosen): readonly Rect[] {
  const distance = distanceIn(drawing, finding)
  if (distance) return [pointAt(distance.from), pointAt(distance.to)]
  return [...drawing.shapes, ...drawing.hidden]
    .filter(s => items.includes(s.id) || isChosen(s, items))
    .map(s => s.rect)
}
const isChosen = (
  { item, kind }: Pick<Drawing['shapes'][number], 'item' | 'kind'>,
  items: readonly string[],
): boolean => item !== null && items.includes(item) && !EVERYWHERE.includes(kind)
const pointAt = ([x, y]: readonly [number, number]): Rect => ({ x, y, w: 0, h: 0 })

/** From where a finding's distance is seen, the present side first; null where it has none. */
export function viewOfDistance(
  drawings: readonly Drawing[],
  finding: string,
  present: View,
): View | null {
  const seen = drawings.filter(d => distanceIn(d, finding)).map(d => d.view)
  return seen.includes(present) ? present : (seen[0] ?? null)
}
