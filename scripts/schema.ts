// Writes the format's JSON Schema and its readable page from the Zod schemas, so that they cannot
// disagree. `-- --check` only compares.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { formatDocuments } from './format-docs'

const check = process.argv.includes('--check')
let stale = false
mkdirSync('docs/format', { recursive: true })
for (const [path, text] of Object.entries(formatDocuments())) {
  const known = existsSync(path) ? readFileSync(path, 'utf8') : ''
  if (known === text) continue
  stale = true
  if (check) console.error(`${path} is not what the schemas say. Run: npm run schema`)
  else {
    writeFileSync(path, text)
    console.log(`Wrote ${path}`)
  }
}
process.exitCode = check && stale ? 1 : 0
