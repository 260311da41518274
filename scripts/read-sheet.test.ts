import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { fileURLToPath } from 'node:url'

const ROOT = fileURLToPath(new URL('..', import.meta.url))
const dir = mkdtempSync(`${tmpdir()}/juntura-sheet-`)
const run = (...args: readonly string[]) =>
  spawnSync(`${ROOT}node_modules/.bin/tsx`, ['scripts/read-sheet.ts', ...args], {
    cwd: ROOT,
    encoding: 'utf8',
  })

test(
  'prints the kind, each field with unit, basis and words, what is doubtful, what was ' +
    'not read; nothing else',
  () => {
    const path = `${dir}/cooler.txt`
    writeFileSync(
      path,
      'Kelder Post 140 CPU cooler\nHeight: 15,5 cm\nSockets: TERN-2\nHeight: 158 mm\nWarranty: 6 years\n',
    )
    const { stdout, status } = run(path)
    const said = JSON.parse(stdout) as {
      kind: string
      fields: readonly { path: string }[]
      doubtful: readonly unknown[]
      unread: readonly string[]
    }
    expect(status).toBe(0)
    expect(said.kind).toBe('cooler')
    expect(said.fields.find(f => f.path === 'height')).toEqual({
      path: 'height',
      value: 155,
      unit: 'mm',
      basis: 'spec',
      words: 'Height: 15,5 cm',
    })
    expect([said.doubtful.length, said.unread]).toEqual([1, ['Warranty: 6 years']])
  },
)

test('what cannot be done is a sentence and exit 2', () => {
  for (const [args, sentence] of [
    [[], /Name a file/],
    [['no-such-file'], /cannot be read/],
    [['package.json', '--kind', 'toaster'], /no reader for "toaster"/],
  ] as const) {
    const { stderr, status } = run(...args)
    expect([status, sentence.test(stderr)]).toEqual([2, true])
  }
})
