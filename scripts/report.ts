// Prints the whole analysis of a build file: `npm run report -- FILE [--json] [--section NAME]
// [--now]`. Exit 1 on an unaccepted stop or harm.
import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { analyse } from '../core/analysis/analyse'
import { openFile } from '../core/document/open'
import { isBlocked, reportText, SECTIONS } from '../core/exchange/report-text'

function fail(sentence: string): never {
  console.error(sentence)
  process.exit(2)
}

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: { json: { type: 'boolean' }, section: { type: 'string' }, now: { type: 'boolean' } },
})
const [path] = positionals
if (!path)
  fail(
    `Name a file: npm run report -- demo/plover.juntura.json [--json] [--now] [--section ${SECTIONS.join('|')}]`,
  )
const section = SECTIONS.find(s => s === values.section) ?? null
if (values.section && !section)
  fail(`There is no section "${values.section}". Choose one of ${SECTIONS.join(', ')}.`)
let text = ''
try {
  text = readFileSync(path, 'utf8')
} catch {
  fail(`${path} cannot be read. Check the name.`)
}
const read = openFile(text, path)
if ('problem' in read) fail(read.problem)
const analyses = read.builds.map(({ build }) => analyse(build))
if (values.json) console.log(JSON.stringify(analyses, null, 2))
else for (const a of analyses) console.log(reportText(a, values.now ? 'now' : 'then', section))
process.exitCode = analyses.some(isBlocked) ? 1 : 0
