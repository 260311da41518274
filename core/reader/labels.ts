// What a field that was read is called: by its kind's form, or by what it counts.
import type { PartKind } from '../parts'
import { formOf, type FormField } from '../forms/form'
import { CONNECTORS, type PlugFace } from '../connectors/connectors'

const COUNTED: Readonly<Record<string, string>> = {
  headers: 'headers',
  cables: 'plugs',
  power: 'power sockets',
  outlets: 'outlets',
  inlets: 'inlets',
  rear: 'at the rear',
  leads: 'front ports',
}

const OF_CABLES: Readonly<Record<string, string>> = {
  length: 'cable length',
  after: 'from plug to plug',
  each: 'plugs on a cable',
}

/** "headers.sata-data" → "SATA data headers"; "coolerRoom" → "cooler room". */
export function labelOfField(kind: PartKind, path: string): string {
  const [head = '', ...rest] = path.split('.')
  const tail = rest.join('.')
  if (head in COUNTED && rest[0] !== undefined && rest[0] in CONNECTORS)
    return `${CONNECTORS[rest[0] as PlugFace].name}, ${OF_CABLES[rest[1] ?? ''] ?? COUNTED[head]}`
  if (head === 'bays') return `${tail}-inch bays`
  if (head === 'fans' || head === 'radiators')
    return rest[1] === 'sizes'
      ? `${rest[0]} fan sizes`
      : rest[1] !== undefined
        ? `${rest[0]} fan places of ${rest[1]} mm`
        : `${head === 'fans' ? 'fan places' : 'radiator'} ${rest[0] ?? ''}`.trim()
  const walk = (
    fields: readonly FormField[],
    keys: readonly string[],
    said: readonly string[],
  ): string | null => {
    const [key, ...more] = keys
    // "outer, outer length" says it twice.
    if (key === undefined)
      return said
        .filter((s, i) => i === said.length - 1 || !(said.at(-1) ?? '').includes(s))
        .join(', ')
    if (/^\d+$/.test(key))
      return walk(fields, more, [...said.slice(0, -1), `${said.at(-1) ?? ''} ${Number(key) + 1}`])
    const field = fields.find(f => f.key === key)
    if (!field) return null
    return walk(field.takes === 'group' || field.takes === 'list' ? field.fields : [], more, [
      ...said,
      field.label,
    ])
  }
  return walk(formOf(kind), path.split('.'), []) ?? path.replaceAll('.', ', ')
}
