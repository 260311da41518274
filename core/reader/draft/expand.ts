// Counts of plugs, sockets and fans become the plugs, sockets and fans of a kind.
import { CONNECTORS, type PlugFace } from '../../connectors/connectors'
import type { PartKind } from '../../parts'
import { RADIATORS, RADIATOR_SIZE } from '../../standards/modules'
import { count, eachPlug, flag, given, indexed, plugsOf, text, type Fields } from './fields'

/** What was laid into a part so far. */
type Laid = Readonly<Record<string, unknown>>

export const EXPAND: Partial<Record<PartKind, (f: Fields, laid: Laid) => object>> = {
  // A speed without a number of modules is promised for one at least.
  processor: f => ({
    speeds: Array.from({ length: indexed(f, 'speeds') }, (_, i) => ({
      modules: count(f, `speeds.${i}.modules`) ?? 1,
      speed: count(f, `speeds.${i}.speed`),
    })),
  }),
  // A stick that says no notch has the usual one; what may be one and says no shape is asked for that.
  drive: (f, laid) => {
    const shape = text(f, 'shape')
    if (shape !== 'M.2' && (shape !== undefined || !('m2' in laid))) return {}
    const key = text(f, 'protocol') === 'SATA' ? 'B+M' : 'M'
    const stated = (laid['m2'] ?? {}) as Laid
    const usual = { keys: [key], length: '2280' }
    const assumed = Object.keys(usual).flatMap(k => (k in stated ? [] : [`m2.${k}`]))
    return {
      m2: { ...usual, ...stated },
      ...(assumed.length > 0 ? { assumed } : {}),
    }
  },
  supply: f =>
    some(
      'cables',
      plugsOf(f, 'cables.').flatMap(([face, n]) =>
        cablesOf(face, n, {
          length: count(f, `cables.${face}.length`),
          after: count(f, `cables.${face}.after`),
          each: count(f, `cables.${face}.each`),
          class: count(f, `cables.${face}.class`),
        }),
      ),
    ),
  card: f => ({
    ...some(
      'power',
      eachPlug(f, 'power.', ({ face, label, n }) => ({
        key: `${face}-${n}`,
        face,
        label,
        edge: 'upper',
      })),
    ),
    headers: eachPlug(f, 'headers.', ({ face, label, n }) => ({
      key: `${face}-${n}`,
      face,
      label,
    })),
    ...some(
      'rear',
      eachPlug(f, 'rear.', ({ face, label, n }) => ({ key: `rear-${face}-${n}`, label, face })),
    ),
  }),
  hub: f => ({
    ...some(
      'inlets',
      eachPlug(f, 'inlets.', ({ face, label, n, of }) => ({
        key: `in-${face}${of > 1 ? `-${n}` : ''}`,
        face,
        label,
      })),
    ),
    ...some(
      'outlets',
      eachPlug(f, 'outlets.', ({ face, label, n }) => ({ key: `out-${n}`, face, label })),
    ),
  }),
  device: f =>
    some(
      'plugs',
      Array.from({ length: indexed(f, 'plugs') }, (_, i) => {
        const face = text(f, `plugs.${i}.face`) as PlugFace | undefined
        return {
          key: `plug-${i + 1}`,
          label:
            face === undefined
              ? 'lead'
              : CONNECTORS[face].name.replace(/ (?:socket|post)$/, ' lead'),
          face,
          ...given('lead', count(f, `plugs.${i}.lead`)),
          ...(i > 0 ? { need: 'may' } : {}),
        }
      }).filter(plug => plug.face !== undefined),
    ),
  cooler: (f, laid) => ({
    ...(f.has('liquid.radiator') || f.has('liquid.fans') ? { liquid: liquidOf(f, laid) } : {}),
    ...(f.has('lights.0.face') ? { lights: [litOf(f, 'lights.0')] } : {}),
    ...moreFans(f, laid),
  }),
}

/** A list where something of it was counted; what nobody counted is not known. */
const some = (key: string, list: readonly object[]): object =>
  list.length > 0 ? { [key]: list } : {}

const litOf = (f: Fields, path: string): object => ({
  ...given('face', text(f, `${path}.face`)),
  ...given('lights', count(f, `${path}.lights`)),
  ...given('amps', count(f, `${path}.amps`)),
  ...given('lead', count(f, `${path}.lead`)),
  ...given('onward', flag(f, `${path}.onward`)),
})

/** Fans beside the first, alike as far as nobody says otherwise. */
const moreFans = (f: Fields, laid: Laid): object => {
  const more = (count(f, 'fan.count') ?? 1) - 1
  const { count: _said, ...one } = (laid['fan'] ?? {}) as Laid
  return more > 0 ? { fan: one, moreFans: Array.from({ length: more }, () => one) } : {}
}

const liquidOf = (f: Fields, laid: Laid): object => ({
  radiator: null,
  pump: {},
  ...(laid['liquid'] as object | undefined),
  ...usbOf(f),
  fans: Array.from({ length: fansAlong(f) }, () => ({
    size: text(f, 'liquid.fans.size') ?? radiatorOf(f)?.fan ?? null,
    face: text(f, 'liquid.fans.face') ?? null,
    ...given('amps', count(f, 'liquid.fans.amps')),
    ...given('flow', count(f, 'liquid.fans.flow')),
    ...given('thickness', count(f, 'liquid.fans.thickness')),
  })),
})

/** A lead, with its length where the sheet says so. */
const usbOf = (f: Fields): object => {
  const length = count(f, 'liquid.usb')
  return length !== null || flag(f, 'liquid.usb') ? { usb: length } : {}
}

/** Fans on its radiator; a sheet that does not count them means as many as lie along it. */
const fansAlong = (f: Fields): number => count(f, 'liquid.fans') ?? radiatorOf(f)?.fans ?? 0
const radiatorOf = (f: Fields) => {
  const radiator = RADIATORS.find(size => size === text(f, 'liquid.radiator'))
  return radiator && RADIATOR_SIZE[radiator]
}

/** How a cable hangs as the sheet has it: to the first plug, from plug to plug, plugs on it. */
interface Hanging {
  readonly length: number | null
  readonly after: number | null
  readonly each: number | null
  /** Of a plug of 16 contacts, W. */
  readonly class: number | null
}

/** How plugs usually hang: SATA and the large four in chains, all others a cable each. */
const CHAIN: Partial<Record<PlugFace, number>> = { 'sata-power': 4, 'drive-4': 3 }
/** Plugs that split into halves. */
const SPLIT: Partial<Record<PlugFace, object>> = {
  'cpu-8': { label: 'processor 4+4', split: ['cpu-4', 'cpu-4'] },
  'card-8': { label: 'card 6+2', split: ['card-6'] },
}

function cablesOf(face: PlugFace, n: number, hanging: Hanging): object[] {
  const { length, after, each } = hanging
  const perCable = each ?? CHAIN[face] ?? 1
  const plug = (k: number): object => ({
    face,
    ...(k < perCable - 1 ? given('after', after) : {}),
    ...SPLIT[face],
    ...given('class', hanging.class),
  })
  return Array.from({ length: Math.ceil(n / perCable) }, (_, i) => ({
    key: `${face}-${i + 1}`,
    ...given('length', length),
    plugs: Array.from({ length: Math.min(perCable, n - i * perCable) }, (_plug, k) => plug(k)),
  }))
}
