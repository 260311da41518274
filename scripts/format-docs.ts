// Documents made from the code, so that they cannot disagree with it: the format's JSON Schema for
// programs, its page for people, and the page of all rules.
import { readFileSync } from 'node:fs'
import { z } from 'zod'
import { FORMAT, VERSION, fileSchema } from '../core/document/file'
import { limitLines } from '../core/document/limits'
import { capital } from '../core/figures/format'
import { KINDS, PART_KINDS, type PartKind } from '../core/parts'
import { RULES } from '../core/rules/registry'

/** Path → text of each document. */
export function formatDocuments(): Readonly<Record<string, string>> {
  const schema = z.toJSONSchema(fileSchema, { io: 'input' })
  return {
    'docs/format/juntura.schema.json': `${JSON.stringify(schema, null, 2)}\n`,
    'docs/format/README.md': page(),
    'docs/rules/README.md': rulesPage(),
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

/** Every rule by stage: what it asks, of what, from where its figures are. */
function rulesPage(): string {
  const stages = [...new Set(RULES.map(rule => rule.stage))]
  const sections = stages.map(stage => {
    const rows = RULES.filter(rule => rule.stage === stage).map(
      ({ id, question, needs, source }) =>
        `| \`${id}\` | ${question} | ${needs.join(', ')} | ${source} |`,
    )
    const head = ['| rule | asks | looks at | source |', '|---|---|---|---|']
    return [`## ${capital(stage)}`, '', ...head, ...rows].join('\n')
  })
  return `${readFileSync(RULES_PAGE, 'utf8').trimEnd()}\n\n${sections.join('\n\n')}\n`
}
const RULES_PAGE = new URL('rules-page.md', import.meta.url)

function kindSection(kind: PartKind): string {
  const { title, figures } = KINDS[kind]
  const rows = [...figures].map(
    ([path, f]) => `| \`${path}\` | ${f.label} | ${f.unit} | ${f.least} to ${f.most} | ${f.take} |`,
  )
  const head = ['| figure | what | unit | likely | how to measure |', '|---|---|---|---|---|']
  const table = rows.length > 0 ? [...head, ...rows].join('\n') : 'No figures.'
  return `### ${title} (\`"kind": "${kind}"\`)\n\n${table}`
}
