// What was read to come with a part becomes parts of their own, as far as their words go: the rest is asked.
import type { Part, PartKind } from '../../parts'
import { keysOf } from '../../parts/paths'
import { EXPAND } from './expand'
import { count, given, text, type Fields } from './fields'

type Included = NonNullable<Part['includes']>[number]

/** What comes with a part of that name; nothing where nothing was read to. */
export function includesOf(
  kind: PartKind,
  f: Fields,
  part: Pick<Part, 'id' | 'maker' | 'model'>,
): object {
  const name = part.model || part.id
  // What a case comes with sits in it.
  const sits = kind === 'case' ? { fitted: true } : {}
  const of = (key: string, count: number, own: object): Included => ({
    ...{ count, ...sits },
    part: {
      id: `${part.id}-${key}`,
      maker: part.maker,
      ...(own as { kind: string; model: string }),
    },
  })
  const found = [...f.keys()].flatMap((path): readonly Included[] => {
    const [head, what = '', size = ''] = keysOf(path)
    const n = count(f, path)
    if (head !== 'includes' || n === null) return []
    if (what === 'fan') return [of(`fan-${size}`, n, fanOf(f, size, name))]
    if (what === 'lead')
      return [of('lead', n, { kind: 'lead', model: `SATA lead of the ${name}`, face: 'sata-data' })]
    if (what === 'hub') return size === '' ? [of('controller', n, hubOf(f, name))] : []
    return [of('adapter', 1, adapterOf(n, name))]
  })
  return found.length > 0 ? { includes: found } : {}
}

function fanOf(f: Fields, size: string, model: string): object {
  const lights = text(f, 'includes.fan.lights')
  return {
    ...{ kind: 'fan', model: `${size} mm fan of the ${model}`, size },
    ...given('face', text(f, 'includes.fan.face')),
    ...(lights ? { lights: { face: lights } } : {}),
  }
}

const HUB = 'includes.hub.'
function hubOf(f: Fields, model: string): object {
  const own: Fields = new Map(
    [...f].flatMap(([path, field]) =>
      path.startsWith(HUB) ? [[path.slice(HUB.length), field] as const] : [],
    ),
  )
  return {
    ...{ kind: 'hub', model: `Controller of the ${model}` },
    ...given('serves', text(own, 'serves')),
    ...given('amps', count(own, 'amps')),
    ...EXPAND.hub?.(own, {}),
  }
}

const adapterOf = (eights: number, model: string): object => ({
  ...{ kind: 'adapter', model: `Power adapter of the ${model}` },
  inlets: Array.from({ length: eights }, (_, i) => ({
    ...{ key: `in-${i + 1}`, label: `8-pin ${i + 1}`, face: 'card-8' },
  })),
  outlets: [{ key: 'out', label: '16-pin', face: 'card-16' }],
})
