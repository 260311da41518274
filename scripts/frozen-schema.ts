// What the format allows, as plain data without words for people: what a frozen version is compared
// by.
import { createHash } from 'node:crypto'
import { z } from 'zod'
import { fileSchema } from '../core/document/file'

const WORDS = ['description', 'title', '$schema']

/** The schema of the present version, one line a field, so that a difference can be read. */
export function frozenSchema(): string {
  const schema = z.toJSONSchema(fileSchema, { io: 'input' })
  const plain = JSON.stringify(
    schema,
    (key, value: unknown) => (WORDS.includes(key) && typeof value === 'string' ? undefined : value),
    1,
  )
  return `${plain}\n`
}

/** What a schema allows, whatever the order in which it names the words of a choice. */
export const allowedBy = (schema: string): string =>
  JSON.stringify(JSON.parse(schema), (key, value: unknown) =>
    key === 'enum' && Array.isArray(value) ? value.map(String).sort() : value,
  )

/** A short name for what a schema allows. */
export const printOf = (schema: string): string =>
  createHash('sha256').update(allowedBy(schema)).digest('hex').slice(0, 16)
