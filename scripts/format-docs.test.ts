import { RULES } from '../core/rules/registry'
import { formatDocuments } from './format-docs'

const documents = formatDocuments()
const schema = JSON.parse(documents['docs/format/juntura.schema.json'] ?? '{}') as {
  properties: Record<string, unknown>
  required: string[]
}

test('the schema names format, version, builds, parts, drafts, photos and the bin', () => {
  expect(Object.keys(schema.properties).sort()).toEqual([
    'bin',
    'builds',
    'drafts',
    'format',
    'parts',
    'photos',
    'version',
  ])
  expect(schema.required).toEqual(['format', 'version'])
})

test('the page of rules has each with its question and its source', () => {
  const page = documents['docs/rules/README.md'] ?? ''
  for (const { id, question, source } of RULES)
    expect(page).toMatch(
      new RegExp(`\\| .${id}. \\| ${escaped(question)} \\| .+ \\| ${escaped(source)} \\|`),
    )
})
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

test('the page tells every figure of every kind, with how to measure it', () => {
  const page = documents['docs/format/README.md'] ?? ''
  expect(page).toContain(
    '| `coolerRoom` | cooler room | mm | 30 to 220 | From what the figure is counted ' +
      'from (lid, board or tray) to the inside of the near panel. |',
  )
  expect(page).toContain('### Power supply (PSU) (`"kind": "supply"`)')
  expect(page.match(/^### /gm)).toHaveLength(21)
})
