// Writes the documents that are made from the code, the format's, the page of all rules and the
// orders of the demos, so that they cannot disagree with it. `-- --check` only compares.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { formatDocuments } from './format-docs'
import { orderDocuments } from './order-docs'

const check = process.argv.includes('--check')
let stale = false
for (const folder of ['docs/format', 'docs/rules', 'docs/orders'])
  mkdirSync(folder, { recursive: true })
for (const [path, text] of Object.entries({ ...formatDocuments(), ...orderDocuments() })) {
  const known = existsSync(path) ? readFileSync(path, 'utf8') : ''
  if (known === text) continue
  stale = true
  if (check) console.error(`${path} is not what the code says. Run: npm run schema`)
  else {
    writeFileSync(path, text)
    console.log(`Wrote ${path}`)
  }
}
process.exitCode = check && stale ? 1 : 0
