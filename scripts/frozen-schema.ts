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

/** A short name for what a schema allows. */
export const printOf = (schema: string): string =>
  createHash('sha256').update(schema).digest('hex').slice(0, 16)
