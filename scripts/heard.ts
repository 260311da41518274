// npm run heard: searches where each field is heard, so that the tests look there first. Some minutes.
import { writeFileSync } from 'node:fs'
import { format, resolveConfig } from 'prettier'
import { PART_KINDS } from '../core/parts'
import { toBeHeardOf } from '../core/test-helpers/asked-fields'
import { HEARD_AT, searchedOf } from '../core/test-helpers/heard'

const places = PART_KINDS.map(kind => {
  console.log(kind)
  return [kind, searchedOf(kind, toBeHeardOf(kind))] as const
})
const path = HEARD_AT.pathname
const style = await resolveConfig(path)
writeFileSync(
  path,
  await format(JSON.stringify(Object.fromEntries(places)), { ...style, filepath: path }),
)
