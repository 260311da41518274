// A version that is frozen stays as it is: what the format allows is compared with what it allowed
// then.
import { existsSync, readFileSync } from 'node:fs'
import { VERSION } from '../core/document/file'
import { allowedBy, frozenSchema, printOf } from './frozen-schema'

const FOLDER = `saved/version-${VERSION}`

test(
  'the format allows what it did when its version was frozen, or a proof says that old ' +
    'documents read the same',
  () => {
    const frozen = readFileSync(`${FOLDER}/schema.json`, 'utf8')
    const now = frozenSchema()
    const proofs = existsSync(`${FOLDER}/same-reading.json`)
      ? (JSON.parse(readFileSync(`${FOLDER}/same-reading.json`, 'utf8')) as Record<string, string>)
      : {}
    if (allowedBy(now) === allowedBy(frozen) || proofs[printOf(now)]) return
    throw new Error(
      `What a document may say has changed since version ${VERSION} was frozen. Begin ` +
        `version ${VERSION + 1}: raise VERSION in core/document/file.ts, add a migration, ` +
        'run npm run freeze. Only where every old document reads the same to the byte, write ' +
        `"${printOf(now)}" with the reason into ${FOLDER}/same-reading.json.`,
    )
  },
)

test('the order of a choice does not count, what can be chosen does', () => {
  const choice = (...words: string[]): string => JSON.stringify({ type: 'string', enum: words })
  expect(allowedBy(choice('a', 'b'))).toBe(allowedBy(choice('b', 'a')))
  expect(allowedBy(choice('a', 'b'))).not.toBe(allowedBy(choice('a')))
})

test('words for people do not count; everything else does', () => {
  const schema = frozenSchema()
  expect(schema).not.toContain('"description"')
  expect(printOf(schema)).not.toBe(printOf(schema.replace('"string"', '"number"')))
})
