// Fan places told frame by frame, each line with the walls: "120 mm fan mounts | 3x front, 1x rear", then
// "140 mm fan mounts | 2x front". Together they are one statement, wall by wall.
import { groupBy } from '../collections/groups'
import type { Statement } from './statements'

const OF_A_FRAME = /^(40|60|80|92|120|140|200)\s*-?\s*mm fans?\b/i
const AT_WALL = /(\d)\s*[x×]?\s*(front|top|rear|bottom|side|roof)\b/gi

/** The statements of a sheet, those of one frame each put together where the first of them stands. */
export function byFrame(statements: readonly Statement[]): readonly Statement[] {
  const own = statements.filter(s => OF_A_FRAME.test(s.label) && s.value.search(AT_WALL) >= 0)
  const [first] = own
  if (!first) return statements
  const told = own.flatMap(s =>
    [...s.value.matchAll(AT_WALL)].map(m => ({
      wall: (m[2] ?? '').toLowerCase(),
      says: `${m[1]} x ${OF_A_FRAME.exec(s.label)?.[1] ?? ''} mm`,
    })),
  )
  const walls = [...groupBy(told, t => t.wall)].map(
    ([wall, each]) => `${wall}: ${each.map(t => t.says).join(' / ')}`,
  )
  const together: Statement = {
    ...first,
    label: 'Fan support',
    value: walls.join(', '),
    words: own.map(s => s.words).join('; '),
  }
  return statements.flatMap(s => {
    if (s === first) return [together]
    return own.includes(s) ? [] : [s]
  })
}
