// What ships with the app: the made-up shelf and the demo builds, read from their files in the open format.
import { fileSchema } from '../../core/exchange/file'
import { PART_KINDS } from '../../core/parts'

const read = (files: Record<string, unknown>) => Object.values(files).map(f => fileSchema.parse(f))

export const shelf = read(
  import.meta.glob('../../shelf/*.json', { eager: true, import: 'default' }),
)
  .flatMap(f => f.parts)
  .sort((a, b) => PART_KINDS.indexOf(a.kind) - PART_KINDS.indexOf(b.kind))
export const demos = read(
  import.meta.glob('../../demo/*.json', { eager: true, import: 'default' }),
).flatMap(f => f.builds)
