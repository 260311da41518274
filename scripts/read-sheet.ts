// Reads a spec sheet from a file and prints what was understood: `npm run -s read-sheet -- FILE
// [--kind KIND]`.
import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { READABLE, readSheet } from '../core/reader/read'
import { shippedParts } from './documents'

function fail(sentence: string): never {
  console.error(sentence)
  process.exit(2)
}

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: { kind: { type: 'string' } },
})
const [path] = positionals
if (!path) fail('Name a file: npm run -s read-sheet -- sheet.txt [--kind board]')
const kind = READABLE.find(k => k === values.kind)
if (values.kind && !kind)
  fail(`There is no reader for "${values.kind}". Choose one of ${READABLE.join(', ')}.`)
let text = ''
try {
  text = readFileSync(path, 'utf8')
} catch {
  fail(`${path} cannot be read. Check the name.`)
}
const makers = shippedParts().map(p => p.maker)
console.log(
  JSON.stringify(
    readSheet(text, { ...(kind ? { kind } : {}), makers: [...new Set(makers.filter(Boolean))] }),
    null,
    2,
  ),
)
