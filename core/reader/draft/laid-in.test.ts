// What was read of a sheet is in the part that comes of it: another value there makes another part.
import { MAKERS, sheets } from '../../test-helpers/sheets'
import type { ReadField } from '../notes'
import { readSheet, type Reading } from '../read'
import { draftOf } from './draft'

const readings = [...sheets('seen'), ...sheets('kept')].flatMap(({ name, text }) => {
  const reading = readSheet(text, { makers: MAKERS })
  return reading.kind === null ? [] : [{ name, reading, kind: reading.kind }]
})
/** A path with its members alike. */
const pathOf = (path: string): string => path.replace(/\.\d+(?=\.|$)/g, '.*')

/** Values that sheets state of a field, by kind and path. */
const valuesOf = new Map<string, Set<string>>()
for (const { reading, kind } of readings)
  for (const { path, value } of reading.fields) {
    const key = `${kind} ${pathOf(path)}`
    valuesOf.set(key, (valuesOf.get(key) ?? new Set()).add(JSON.stringify(value)))
  }
/** Where all plugs hang on one cable, room for more of them says nothing. */
const isOfOneCable = ({ path, value }: ReadField, { fields }: Reading): boolean =>
  path.endsWith('.each') &&
  fields.some(f => f.path === path.slice(0, -'.each'.length) && Number(f.value) <= Number(value))
/** A figure that another one tells more closely: its sizes, its walls. */
const isToldCloser = (path: string, { fields }: Reading): boolean =>
  fields.some(f => f.path === `${path}.sizes`) ||
  (path.startsWith('includes.fan.') && fields.some(f => f.path.startsWith(`${path}.`)))

/** The fields of a reading that leave the part as it is, whatever they say. */
function lostOf({ name, reading, kind }: (typeof readings)[number]): readonly string[] {
  const partWith = (fields: Reading['fields']): string =>
    JSON.stringify(draftOf({ ...reading, fields }, kind, 'x').part)
  const part = partWith(reading.fields)
  return reading.fields.flatMap(field => {
    const own = JSON.stringify(field.value)
    const stated = valuesOf.get(`${kind} ${pathOf(field.path)}`) ?? []
    const others = [...stated].filter(value => value !== own)
    const isHeard = others.some(
      value =>
        partWith(
          reading.fields.map(f => (f === field ? { ...f, value: JSON.parse(value) as never } : f)),
        ) !== part,
    )
    return others.length === 0 ||
      isHeard ||
      isToldCloser(field.path, reading) ||
      isOfOneCable(field, reading)
      ? []
      : [`${name} ${field.path}`]
  })
}

test('no field that was read is lost on the way into the part', () => {
  expect(readings.flatMap(lostOf)).toEqual([])
})
