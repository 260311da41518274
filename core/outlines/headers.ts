// A board's headers from their counts: labels as such boards print them, places as they usually lie.
import { connector, type PlugFace } from '../connectors/connectors'
import type { Header } from '../parts/board-schema'

type Counts = Partial<Record<PlugFace, number>>

/**
 * The headers of a board of this size, mm: those that are stated, and of other faces as many as
 * usual, marked as assumed. Every place lies on it; what is printed beside them nobody knows.
 */
export function headersOf(
  stated: Counts,
  usual: Counts,
  [edge, depth]: readonly [edge: number, depth: number],
): Header[] {
  const counts = { ...usual, ...stated }
  const places = placesOn(edge, depth)
  const inside = (at: readonly [number, number]): [number, number] => [
    Math.max(4, Math.min(depth, at[0])),
    Math.max(4, Math.min(edge, at[1])),
  ]
  const first = (counts['fan-4'] ?? 0) > 0 ? 'fan-4' : 'fan-3'
  const header = (face: PlugFace, i: number, count: number): Header => ({
    key: `${face}-${i + 1}`,
    face,
    ...(face.startsWith('fan')
      ? fanHeader(i, i === 0 && face === first)
      : { label: headerLabel(face, i, count) }),
    at: inside(places[face]?.(i) ?? [depth * 0.6, edge - 8]),
    points: face === 'sata-data' ? 'side' : 'up',
    rank: i + 1,
    ...(face in stated ? {} : { assumed: true }),
    ...(face === 'cpu-8' && i > 0 ? { need: 'may' as const } : {}),
  })
  return (Object.entries(counts) as [PlugFace, number][]).flatMap(([face, count]) =>
    Array.from({ length: count }, (_, i) => header(face, i, count)),
  )
}

const fanHeader = (i: number, isProcessors: boolean): Pick<Header, 'label' | 'role'> =>
  isProcessors
    ? { label: 'processor’s fan header', role: 'processor' }
    : { label: `fan header ${i}`, role: 'case' }
const headerLabel = (face: PlugFace, i: number, count: number): string => {
  const name = face === 'sata-data' ? 'SATA port' : connector(face).name
  return count > 1 || face === 'sata-data' ? `${name} ${i + 1}` : name
}

/**
 * Where headers usually lie, by their face: power and wide leads at the front edge, small ones
 * along the lower edge.
 */
const placesOn = (
  edge: number,
  depth: number,
): Partial<Record<PlugFace, (i: number) => readonly [number, number]>> => ({
  'main-24': () => [depth - 6, Math.min(110, edge * 0.55)],
  'main-20': () => [depth - 6, 110],
  'board-pair': () => [depth - 30, 20],
  'cpu-8': i => [20 + i * 25, 8],
  'cpu-4': i => [45 + i * 15, 8],
  'fan-4': i => {
    if (i === 0) return [130, 6]
    if (i % 2 === 1) return [depth - 6, edge * (i < 3 ? 0.2 : 0.85)]
    return i < 4 ? [20, edge * 0.43] : [depth - 60, edge - 8]
  },
  'fan-3': i => [depth - 18, edge * 0.2 + i * 20],
  'sata-data': i => [depth, edge * 0.67 + Math.floor(i / 2) * 20],
  'usb-3': i => [depth - 6, Math.min(edge * 0.46, 140) + i * 30],
  'usb-c': i => [depth - 6, Math.min(edge * 0.52, 158) + i * 20],
  'usb-2': i => [depth * 0.55 + i * 23, edge - 7],
  'audio-hd': () => [15, edge - 7],
  'light-5': i => (i === 0 ? [70, edge - 7] : [depth - 20, 6]),
  'light-12': () => [95, edge - 7],
  firewire: i => [depth * 0.45 + i * 23, edge - 18],
  serial: i => [45 + i * 23, edge - 18],
  speaker: () => [depth - 60, edge - 18],
  probe: i => [depth - 12, edge * 0.35 + i * 8],
  'mini-sas': i => [depth - 4, edge * 0.6 + i * 25],
  'ribbon-40': i => [depth - 12, edge * 0.35 + i * 12],
  'ribbon-34': () => [depth - 12, edge * 0.6],
})
