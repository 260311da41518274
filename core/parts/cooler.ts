// The processor's cooler: what it clamps to, how high it stands, the lead of its fan; or pump,
// radiator, tubes and their fans.
import { amount, words } from './facets'
import { isPower, type PlugFace } from '../connectors/connectors'
import type { Vec3 } from '../geometry/space'
import { converted, of, times, type Sum } from '../figures/quantity'
import { DRAW, FAN_VOLTS } from '../standards/draws'
import { usualLead } from '../connectors/leads'
import { usual } from '../figures/units'
import { defineKind, type Draw, type ItemOf, type Kind } from './kind'
import { coolerAsks } from './cooler-asks'
import { coolerSolids } from './bodies/cooler'
import { coolerSchema, type Cooler } from './cooler-schema'
import { fanExit, radiatorFanExit } from './cooler-exits'
import { end, type End } from './end'
import { litDraw, litEnds, litInlets, type Lit, type LitOf } from './lit'

const fanAmps = (item: ItemOf<Cooler>, path: string): Sum =>
  of(cooler.leaf(item, path, usual(DRAW.fan120.W / FAN_VOLTS, 'A')))
const pumpAmps = (item: ItemOf<Cooler>): Sum =>
  of(cooler.leaf(item, 'liquid.pump.amps', usual(DRAW.pump.W / FAN_VOLTS, 'A')))
const watts = (amps: Sum): Sum => converted(amps, FAN_VOLTS, 'W')
interface Hangs {
  readonly path: string
  readonly face: PlugFace
  readonly exit: Vec3
}
const hanging = (item: ItemOf<Cooler>, { path, face, exit }: Hangs): End['lead'] => ({
  length: of(cooler.leaf(item, path, usualLead(face))),
  exit,
})
/** The leads of its block leave where the processor is. */
const AT_THE_BLOCK: Vec3 = [0, 0, 0]

export const cooler: Kind<'cooler', typeof coolerSchema> = defineKind({
  kind: 'cooler',
  title: 'Cooler',
  schema: coolerSchema,
  facets: [
    words('sockets', 'sockets'),
    words('liquid.radiator', 'radiator'),
    amount('height'),
    amount('cools', 'carries away'),
  ],
  filmed: true,
  asks: coolerAsks,
  ends: item => [
    ...(item.part.sockets && item.part.sockets.length > 0
      ? [
          end({
            key: 'mount',
            face: 'cooler-mount',
            sex: 'plug',
            label: 'mount',
            traits: { socket: item.part.sockets },
            need: 'must',
          }),
        ]
      : []),
    ...fanEnds(item),
    ...liquidEnds(item),
    ...eachLit(item).flatMap(({ lit, own, stays }) => litEnds(lit, own, stays)),
  ],
  inlets: (item, key) =>
    litInlets(
      eachLit(item).map(({ own }) => own.key),
      key,
    ),
  solids: coolerSolids,
  draws(item) {
    const { fan, moreFans = [], liquid: wet } = item.part
    const turning = (amps: Sum, through: string): Draw => ({
      rail: '12',
      rest: times(watts(amps), 0.5),
      work: watts(amps),
      worst: watts(amps),
      through: [through],
    })
    return [
      ...(fan ? [turning(fanAmps(item, 'fan.amps'), 'fan')] : []),
      ...moreFans.map((_, i) => turning(fanAmps(item, `moreFans.${i}.amps`), nextFan(i))),
      ...eachLit(item).map(({ lit, own }) => litDraw(lit, own)),
      ...(wet
        ? [
            turning(pumpAmps(item), 'pump'),
            ...wet.fans.map((_, i) =>
              turning(fanAmps(item, `liquid.fans.${i}.amps`), `fan-${i + 1}`),
            ),
          ]
        : []),
    ]
  },
})

/** Its lights, one after the other, with where they are. */
const eachLit = (item: ItemOf<Cooler>): readonly { lit: Lit; own: LitOf; stays: string | null }[] =>
  (item.part.lights ?? []).map((lit, i) => {
    const n = i === 0 ? '' : `-${i + 1}`
    const own: LitOf = {
      ...{ item, path: `lights.${i}`, key: `lights${n}`, exit: AT_THE_BLOCK },
      label: lit.label ?? `lights lead${i === 0 ? '' : ` ${i + 1}`}`,
      leaf: (path, fallback) => cooler.leaf(item, path, fallback),
    }
    if (!item.part.liquid) return { lit, own, stays: null }
    return { lit, own, stays: lit.at === 'radiator' ? 'radiator' : 'mount' }
  })

/** The key of a fan beside the first; the first one of two is the second fan. */
const nextFan = (i: number): string => `tower-fan-${i + 2}`
/** What the fans of a tower are called, where there are several. */
const FAN_LABELS = ['second fan’s lead', 'third fan’s lead']

/** The leads of the fans on its fins, each for the processor's header, a splitter or another. */
function fanEnds(item: ItemOf<Cooler>): readonly End[] {
  const { fan, moreFans = [] } = item.part
  const lead = (
    face: PlugFace,
    path: string,
    exit: Vec3,
  ): Omit<Parameters<typeof end>[0], 'key' | 'label'> => ({
    ...turnedBy(face),
    need: 'must',
    role: 'processor',
    lead: hanging(item, { path: `${path}.lead`, face, exit }),
    takes: { amps: fanAmps(item, `${path}.amps`) },
  })
  const exit = (index: number): Vec3 => fanExit(item, cooler.measures(item), index)
  return [
    ...(fan?.face
      ? [end({ key: 'fan', label: 'fan lead', ...lead(fan.face, 'fan', exit(0)) })]
      : []),
    ...moreFans.flatMap(({ face }, i) =>
      face
        ? [
            end({
              key: nextFan(i),
              from: { list: 'moreFans', index: i },
              label: FAN_LABELS[i] ?? 'fan lead',
              ...lead(face, `moreFans.${i}`, exit(i + 1)),
              // The first fan has the processor's own header.
              rank: i + 1,
            }),
          ]
        : [],
    ),
  ]
}

/** A plug for drive power is a socket, which the supply's cable goes into. */
const turnedBy = (face: PlugFace): Pick<End, 'face' | 'sex' | 'at'> =>
  isPower(face) ? { face, sex: 'socket', at: [0, 0, 0] } : { face, sex: 'plug', at: null }

type Liquid = NonNullable<Cooler['liquid']>

const radiatorEnd = ({ radiator }: Liquid): readonly End[] =>
  radiator
    ? [
        end({
          key: 'radiator',
          face: 'radiator-place',
          sex: 'plug',
          label: 'radiator',
          traits: { size: [radiator] },
          need: 'must',
        }),
      ]
    : []

const pumpEnd = (item: ItemOf<Cooler>, { pump: { face } }: Liquid): readonly End[] =>
  face
    ? [
        end({
          key: 'pump',
          ...turnedBy(face),
          stays: 'mount',
          label: 'pump lead',
          need: 'must',
          role: 'pump',
          lead: hanging(item, { path: 'liquid.pump.lead', face, exit: AT_THE_BLOCK }),
          takes: { amps: pumpAmps(item) },
        }),
      ]
    : []

/**
 * What liquid adds: a radiator at its place, the pump's lead, a lead for each fan on it, for many a
 * USB lead.
 */
function liquidEnds(item: ItemOf<Cooler>): readonly End[] {
  const wet = item.part.liquid
  if (!wet) return []
  return [
    ...radiatorEnd(wet),
    ...pumpEnd(item, wet),
    ...wet.fans.flatMap(({ face }, i) =>
      face
        ? [
            end({
              key: `fan-${i + 1}`,
              from: { list: 'liquid.fans', index: i },
              ...turnedBy(face),
              stays: 'radiator',
              label: `radiator fan ${i + 1}`,
              // Where headers run out, the pump is the last to go without.
              need: 'should',
              role: 'processor',
              lead: hanging(item, {
                ...{ path: `liquid.fans.${i}.lead`, face },
                exit: radiatorFanExit(wet, cooler.measures(item), i),
              }),
              takes: { amps: fanAmps(item, `liquid.fans.${i}.amps`) },
            }),
          ]
        : [],
    ),
    ...(wet.usb === undefined
      ? []
      : [
          end({
            key: 'usb',
            face: 'usb-2',
            sex: 'plug',
            stays: 'mount',
            label: 'USB lead',
            need: 'should',
            lead: hanging(item, { path: 'liquid.usb', face: 'usb-2', exit: AT_THE_BLOCK }),
          }),
        ]),
  ]
}
