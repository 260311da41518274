// The format's two documents, made from the schemas: a JSON Schema for programs and a page for
// people.
import { readFileSync } from 'node:fs'
import { z } from 'zod'
import { FORMAT, VERSION, fileSchema } from '../core/document/file'
import { limitLines } from '../core/document/limits'
import { KINDS, PART_KINDS, type PartKind } from '../core/parts'

/** Path → text of each document. */
export function formatDocuments(): Readonly<Record<string, string>> {
  const schema = z.toJSONSchema(fileSchema, { io: 'input' })
  return {
    'docs/format/juntura.schema.json': `${JSON.stringify(schema, null, 2)}\n`,
    'docs/format/README.md': page(),
  }
}

/** The page as it is written, with places for what comes from the schemas: `{{limits}}`. */
const PAGE = new URL('format-page.md', import.meta.url)

function page(): string {
  const places: Readonly<Record<string, string>> = {
    format: FORMAT,
    version: String(VERSION),
    limits: limitLines()
      .map(({ of, most, why }) => `| ${most} | ${of} | ${why} |`)
      .join('\n'),
    kinds: PART_KINDS.map(kindSection).join('\n\n'),
  }
  return readFileSync(PAGE, 'utf8').replace(/\{\{(\w+)\}\}/g, (place, name: string) => {
    const text = places[name]
    if (text === undefined) throw new RangeError(`nothing stands for ${place}`)
    return text
  })
}

function kindSection(kind: PartKind): string {
  const { title, figures } = KINDS[kind]
  const rows = [...figures].map(
    ([path, f]) => `| \`${path}\` | ${f.label} | ${f.unit} | ${f.least} to ${f.most} | ${f.take} |`,
  )
  const head = ['| figure | what | unit | likely | how to measure |', '|---|---|---|---|---|']
  const table = rows.length > 0 ? [...head, ...rows].join('\n') : 'No figures.'
  return `### ${title} (\`"kind": "${kind}"\`)\n\n${table}`
}
