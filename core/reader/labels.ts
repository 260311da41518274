// What a field that was read is called: by its kind's form, or by what it counts.
import { keysOf } from '../parts/paths'
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
  class: 'power class',
}

/** What is a number of things in a sheet and a list in a form. */
const NUMBERS: Readonly<Record<string, string>> = { m2: 'M.2 sockets', 'fan.count': 'fans on it' }

/** "headers.sata-data" → "SATA data headers"; "coolerRoom" → "cooler room". */
export const labelOfField = (kind: PartKind, path: string): string =>
  NUMBERS[path] ??
  ofHubLabel(path) ??
  countedLabel(path) ??
  formLabel(formOf(kind), keysOf(path), []) ??
  path.replaceAll('.', ', ')

function ofHubLabel(path: string): string | null {
  const own = /^includes\.hub\.(.+)$/.exec(path)?.[1]
  return own ? `${labelOfField('hub', own)}, of the controller that comes with it` : null
}

/** What is counted and has no field of its own in the form; null where the form knows better. */
function countedLabel(path: string): string | null {
  const [head = '', second = '', third, fourth] = keysOf(path)
  const counted = COUNTED[head]
  if (counted && second in CONNECTORS) {
    const { name } = CONNECTORS[second as PlugFace]
    return `${name}, ${OF_CABLES[third ?? ''] ?? counted}`
  }
  if (head === 'bays') return `${path.slice('bays.'.length)}-inch bays`
  if (head === 'includes') return includedLabel(second, third, fourth)
  return head === 'fans' || head === 'radiators' ? wallLabel(head, second, third) : null
}

const INCLUDED: Readonly<Record<string, string>> = {
  ...{ lead: 'leads that come with it', hub: 'controller that comes with it' },
  adapter: 'plugs into the adapter that comes with it',
  ...{ tie: 'ties that come with it', beeper: 'beeper that comes with it' },
}
function includedLabel(what: string, detail?: string, wall?: string): string {
  if (what === 'screw') return `screws ${detail ?? ''} that come with it`
  if (what !== 'fan') return INCLUDED[what] ?? 'comes with it'
  if (detail === 'face') return 'plug of the fans that come with it'
  return detail === 'lights'
    ? 'lights of the fans that come with it'
    : `fans of ${detail ?? '?'} mm that come with it${wall === undefined ? '' : `, ${wall}`}`
}

function wallLabel(head: string, second: string, third: string | undefined): string {
  if (third === 'sizes') return `${second} ${head === 'fans' ? 'fan' : 'radiator'} sizes`
  if (third === 'memoryRoom') return `memory height under a ${second} radiator`
  if (third !== undefined) return `${second} fan places of ${third} mm`
  return `${head === 'fans' ? 'fan places' : 'largest radiator'} ${second}`.trim()
}

function formLabel(
  fields: readonly FormField[],
  keys: readonly string[],
  said: readonly string[],
): string | null {
  const [key, ...more] = keys
  // "outer, outer length" says it twice.
  if (key === undefined)
    return said
      .filter((s, i) => i === said.length - 1 || !(said.at(-1) ?? '').includes(s))
      .join(', ')
  if (/^\d+$/.test(key))
    return formLabel(fields, more, [
      ...said.slice(0, -1),
      `${said.at(-1) ?? ''} ${Number(key) + 1}`,
    ])
  const field = fields.find(f => f.key === key)
  if (!field) return null
  const inside = field.takes === 'group' || field.takes === 'list' ? field.fields : []
  return formLabel(inside, more, [...said, field.label])
}
