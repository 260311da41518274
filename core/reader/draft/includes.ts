// What was read to come with a part becomes parts of their own, as far as their words go: the rest is asked.
import { WALLS } from '../../case/air'
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
  const of = (key: string, count: number, own: object): Included => ({
    ...{ count, ...sitsIn(kind, key) },
    part: {
      id: `${part.id}-${key}`,
      maker: part.maker,
      ...(own as { kind: string; model: string }),
    },
  })
  const found = [...f.keys()].flatMap((path): readonly Included[] => {
    const [head, what = '', size = '', wall] = keysOf(path)
    const n = count(f, path)
    if (head !== 'includes' || n === null) return []
    if (what === 'fan' && wall !== undefined) return []
    if (what === 'fan')
      return fansOf(f, size, n).map(own => ({
        ...of(`fan-${size}`, own.count, fanOf(f, size, name)),
        ...own,
      }))
    if (what === 'lead')
      return [of('lead', n, { kind: 'lead', model: `SATA lead of the ${name}`, face: 'sata-data' })]
    if (what === 'hub') return size === '' ? [of('controller', n, hubOf(f, name))] : []
    const bag = bagOf({ what, sort: size, count: n, name })
    if (bag) return [of(bag.key, 1, bag.part)]
    return [of('adapter', 1, adapterOf(n, name))]
  })
  return found.length > 0 ? { includes: found } : {}
}

/** A case's fans and its controller sit in it; what lies in a bag does not. */
const sitsIn = (kind: PartKind, key: string): Pick<Included, 'fitted'> =>
  kind === 'case' && /^(?:fan|controller)/.test(key) ? { fitted: true } : {}

/** Small things in a bag of their own: screws by thread, ties; a beeper. Null for what else there is. */
function bagOf({ what, sort, count, name }: Bagged): { key: string; part: object } | null {
  const bag = (use: string, model: string, own: object) => ({
    key: slug(`${what} ${sort}`),
    part: { kind: 'sundry', use, model: `${model} of the ${name}`, count, ...own },
  })
  if (what === 'screw') return bag('screw', `${count} screws ${sort}`, { thread: sort })
  if (what === 'tie') return bag('tie', `${count} ties`, {})
  return what === 'beeper'
    ? { key: 'beeper', part: { kind: 'beeper', model: `Beeper of the ${name}` } }
    : null
}
interface Bagged {
  readonly what: string
  readonly sort: string
  readonly count: number
  readonly name: string
}
const slug = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/-$/, '')

/** Fans of one frame by their walls; those of which nobody said it sit somewhere. */
function fansOf(f: Fields, size: string, n: number): readonly Pick<Included, 'count' | 'fitted'>[] {
  const walled = WALLS.map(wall => ({
    count: count(f, `includes.fan.${size}.${wall}`) ?? 0,
    fitted: wall,
  }))
  const elsewhere = n - walled.reduce((sum, w) => sum + w.count, 0)
  return [...walled, { count: elsewhere, fitted: true }].filter(w => w.count > 0)
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
