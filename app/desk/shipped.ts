// What ships with the app: the made-up shelf and the demo builds, read from their files in the open
// format.
import { isProblem } from '../../core/document/command'
import type { FileContent } from '../../core/document/file'
import { openFile } from '../../core/document/open'
import { PART_KINDS } from '../../core/parts'

const read = (files: Record<string, unknown>): readonly FileContent[] =>
  Object.entries(files).map(([name, file]) => {
    const content = openFile(JSON.stringify(file), name)
    if (isProblem(content)) throw new Error(content.problem)
    return content
  })

export const shelf = read(
  import.meta.glob('../../shelf/*.json', { eager: true, import: 'default' }),
)
  .flatMap(f => f.parts)
  .sort((a, b) => PART_KINDS.indexOf(a.kind) - PART_KINDS.indexOf(b.kind))
export const demos = read(import.meta.glob('../../demo/*.json', { eager: true, import: 'default' }))
  .flatMap(f => f.builds)
  .map(({ build }) => build)
