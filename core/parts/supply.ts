// The power supply: its label, its rails, its body, and its cables with a plug at each distance.
import { amount, words } from './facets'
import { fact, of, plus, type Sum } from '../figures/quantity'
import { usualLead, usualToNext } from '../connectors/leads'
import { CLASS_BY_ONE_SOCKET, lacksByForm, type LACKS } from '../standards/supplies'
import {
  connector,
  facesOn,
  furtherOf,
  TWIN_KEY,
  twinOf,
  usualPieces,
} from '../connectors/connectors'
import { defineKind, type ItemOf, type Kind } from './kind'
import { end, type End } from './end'
import { isOpen, type Ask } from './ask'
import { nominalBox } from '../geometry/solid'
import type { Vec3 } from '../geometry/space'
import { lengthByForm, supplySolids } from './bodies/supply'
import { supplySchema, type Cable, type Supply } from './supply-schema'
import { atSupply, socketsFor } from './supply-sockets'

type Plug = Cable['plugs'][number]

/** Length of the supply without plugs, for sums. */
export const lengthOfSupply = (item: ItemOf<Supply>) =>
  supply.leaf(item, 'length', lengthByForm(item.part.form))

export const supply: Kind<'supply', typeof supplySchema> = defineKind({
  kind: 'supply',
  title: 'Power supply (PSU)',
  schema: supplySchema,
  facets: [
    words('form', 'form'),
    words('modular', 'modular'),
    words('efficiency', 'class'),
    amount('watts', 'rated'),
    amount('length'),
  ],
  ends: item => [
    ...mountOf(item.part),
    end({ key: 'mains', face: 'mains-inlet', sex: 'socket', label: 'mains inlet' }),
    ...(item.part.cables ?? []).flatMap((cable, c) =>
      cable.plugs.flatMap((plug, n) => plugEnds(item, { cable, c, plug, n })),
    ),
  ],
  asks: item => asksOf(item),
  solids: supplySolids,
})

/** The rails that it has not at all: as stated, else those of its form that it states nothing of. */
export const lacksOf = ({ form, rails }: Supply): readonly Lacking[] => {
  const limits = { '3.3 V': rails.W3, standby: rails.standby }
  return rails.lacks ?? lacksByForm(form ?? null).filter(l => (limits[l] ?? null) === null)
}
type Lacking = (typeof LACKS)[number]

const mountOf = ({ form }: Supply): readonly End[] =>
  form
    ? [
        end({
          key: 'mount',
          face: 'supply-place',
          sex: 'plug',
          label: 'mounting holes',
          traits: { form: [form] },
          need: 'must',
        }),
      ]
    : []

const asksOf = ({ part, name }: ItemOf<Supply>): readonly Ask[] => [
  ...(part.form
    ? []
    : [
        {
          path: 'form',
          faces: ['supply-place'],
          question: `Of which form is the ${name}?`,
          take: 'Measure its back: 150 × 86 mm is ATX, 125 × 63.5 is SFX.',
          when: 'always',
        } as const,
      ]),
  ...(isOpen(part, 'cables', part.cables)
    ? [
        {
          path: 'cables',
          faces: facesOn('supply'),
          question: `Which plugs does the ${name} have?`,
          take: 'Count them on its cables, or read its sheet.',
          when: 'always',
        } as const,
      ]
    : []),
]

interface PlugOnCable {
  readonly cable: Cable
  /** The number of the cable, and of the plug on it, counted from 0. */
  readonly c: number
  readonly plug: Plug
  readonly n: number
}

/** Where its cables leave: the middle of the side that its plugs are on. */
function fieldOfPlugs(item: ItemOf<Supply>): Vec3 {
  const [body] = supplySolids(item, supply.measures(item))
  if (!body) return [0, 0, 0]
  const { min, max } = nominalBox(body)
  return [max[0], (min[1] + max[1]) / 2, (min[2] + max[2]) / 2]
}

/**
 * How a plug goes through a hole: piece by piece where it comes apart, or usually does and nobody says
 * that this one does not.
 */
function piecewise({ face, split }: Plug): Pick<NonNullable<End['lead']>, 'head' | 'apart'> {
  const [head] = [...(split ?? usualPieces(face))].sort(
    (a, b) => connector(b).lead.head[0] - connector(a).lead.head[0],
  )
  if (head === undefined || head === face) return {}
  return { head, apart: split ? 'stated' : 'not stated' }
}

/** Which of several like cables a plug hangs on, and which plug of that it is. */
function onCable({ cables }: Supply, { cable, n }: Pick<PlugOnCable, 'cable' | 'n'>): string {
  const like = (cables ?? []).filter(other => other.plugs[0]?.face === cable.plugs[0]?.face)
  const said = [
    ...(like.length > 1 ? [`cable ${like.indexOf(cable) + 1}`] : []),
    ...(cable.plugs.length > 1 ? [`plug ${n + 1}`] : []),
  ]
  return said.length > 0 ? ` (${said.join(', ')})` : ''
}

/**
 * The ends of the n-th plug of a cable: the plug, and its halves where it splits. All hang at one
 * distance.
 */
function plugEnds(item: ItemOf<Supply>, { cable, c, plug, n }: PlugOnCable): End[] {
  const key = `${cable.key}.${n + 1}`
  const lead = {
    length: lengthTo(item, c, n),
    exit: fieldOfPlugs(item),
    chain: cable.key,
    shared: cable.plugs.length > 1,
    atSupply: atSupply(item.part, cable),
    ...piecewise(plug),
  } as const
  const name = `${plug.label ?? connector(plug.face).name}${onCable(item.part, { cable, n })}`
  const from = { list: 'cables', index: c }
  const whole = end({
    key,
    from,
    face: plug.face,
    sex: 'plug',
    label: name,
    lead,
    rank: n,
    gives: plug.face === 'card-16' ? { class: classOf(item, c, n) } : {},
    // The whole plug leaves no rest of its socket free.
    traits: furtherOf(plug.face) === null ? {} : { type: [plug.face] },
    among: plug.split?.length ? { group: key, how: 'whole-or-split', whole: true } : null,
  })
  const halves = (plug.split ?? []).map((face, i) =>
    end({
      key: `${key}${'ab'.charAt(i)}`,
      from,
      face,
      sex: 'plug',
      label: `${name}, half ${i + 1}`,
      lead,
      rank: n,
      among: { group: key, how: 'whole-or-split', whole: false },
    }),
  )
  const twin = twinOf(plug.face)
  const second = twin && {
    ...whole,
    ...{ key: key + TWIN_KEY, face: twin, label: connector(twin).name },
  }
  return [whole, ...halves, ...(second ? [second] : [])]
}

/**
 * The class of a 16-contact plug: as stated, and no more than the sockets of its cable give. What is
 * not stated may be less still: it stays not known.
 */
function classOf(item: ItemOf<Supply>, c: number, n: number): Sum {
  const leaf = supply.leaf(item, `cables.${c}.plugs.${n}.class`)
  const { sockets = [], cables } = item.part
  const cable = cables?.[c]
  const own = cable && socketsFor(item.part, cable)
  const isShared = own?.into.every(key => {
    const socket = sockets.find(s => s.key === key)
    return socket?.for.some(face => face === 'cpu-8' || face === 'card-8')
  })
  const most = CLASS_BY_ONE_SOCKET.W
  const isCapped = own?.takes === 1 && isShared === true && (leaf.figure?.value ?? 0) > most
  if (!isCapped) return of(leaf)
  return of(
    fact(`${item.id}:cables.${c}.by-one-socket`, 'class by one socket of eight contacts', 'W', {
      value: most,
      basis: 'standard',
      tol: 0,
    }),
  )
}

/** Length along the cable to its n-th plug, as the sum of its stretches. */
function lengthTo(item: ItemOf<Supply>, c: number, n: number) {
  const cable = item.part.cables?.[c]
  const first = supply.leaf(
    item,
    `cables.${c}.length`,
    usualLead(cable?.plugs[0]?.face ?? 'drive-4'),
  )
  const steps = Array.from({ length: n }, (_, i) =>
    of(supply.leaf(item, `cables.${c}.plugs.${i}.after`, usualToNext())),
  )
  return plus(of(first), ...steps)
}
