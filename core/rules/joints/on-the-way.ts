// What is lost on the way over an adapter, a splitter or a hub: a speed that is shared, a signal that
// one alone gives, a step down.
import { connector, type PlugFace } from '../../connectors/connectors'
import type { Item } from '../../parts'
import type { Hub } from '../../parts/hub'
import type { Relay } from '../../parts/relay'
import { ends, items } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { plain, type Finding } from '../finding'
import { rule } from '../rule'

interface OnTheWay {
  readonly id: string
  readonly name: string
  /** What its maker says that it costs beside money. */
  readonly costs: string | null
  readonly reports: NonNullable<Hub['reports']> | 'not known'
  readonly inlets: readonly PlugFace[]
  readonly outlets: readonly PlugFace[]
  readonly joints: readonly string[]
}

export const onTheWay = rule({
  id: 'joints/on-the-way',
  stage: 'joints',
  question: 'Is anything lost on the way over adapters, splitters and hubs?',
  source: SOURCE.practice,
  needs: { plugs, ends, items },
  inputs: (s): readonly OnTheWay[] => {
    const joined = new Map<string, string>(
      s.plugs.flatMap(j => [[j.a, j.id] as const, [j.b, j.id] as const]),
    )
    /** Those of its ends that are joined. */
    const used = (id: string, list: Relay['inlets']) =>
      (list ?? []).flatMap(({ key, face }) => {
        const joint = joined.get(`${id}/${key}`)
        return joint === undefined ? [] : [{ face, joint }]
      })
    return s.items.flatMap((item): readonly OnTheWay[] => {
      const about = handingOn(item)
      if (!about) return []
      const [inlets, outlets] = [used(item.id, about.inlets), used(item.id, about.outlets)]
      if (outlets.length === 0) return []
      return [
        {
          ...about,
          ...{ id: item.id, name: item.name },
          inlets: inlets.map(e => e.face),
          outlets: outlets.map(e => e.face),
          joints: [...inlets, ...outlets].map(e => e.joint),
        },
      ]
    })
  },
  judge(relay): readonly Finding[] {
    const { id, name, joints } = relay
    const said = { rule: 'joints/on-the-way', stage: 'joints', about: [id], joints } as const
    const lost = lostOver(relay)
    if (lost.length === 0)
      return [plain({ ...said, sentence: `The ${name} hands on all that it takes in` }, 'clear')]
    return [
      plain(
        {
          ...said,
          sentence: `Over the ${name}: ${lost.join('; ')}`,
          wayOut: 'A header of its own for each, where the board has one.',
        },
        'watch',
      ),
    ]
  },
})

/** What of an adapter or a hub matters here; null for all else. */
function handingOn({
  part,
}: Item): (Pick<OnTheWay, 'costs' | 'reports'> & Pick<Relay, 'inlets' | 'outlets'>) | null {
  if (part.kind !== 'hub' && part.kind !== 'adapter') return null
  const { inlets, outlets } = part
  if (part.kind === 'adapter') return { inlets, outlets, costs: part.costs ?? null, reports: 'one' }
  return { inlets, outlets, costs: null, reports: part.reports ?? 'not known' }
}

const isFan = (face: PlugFace): boolean => connector(face).step === 'fan-plug'
const isUsb = (face: PlugFace): boolean => face.startsWith('usb')

/** All that is lost, each as half a sentence. */
function lostOver(relay: OnTheWay): readonly string[] {
  const own = [fansTogether(relay), speedShared(relay), stepDown(relay)].flatMap(lost => lost ?? [])
  // What the program works out by itself, the maker's words need not say again.
  return own.length > 0 || relay.costs === null ? own : [relay.costs]
}

const REPORTS = {
  one: 'one alone tells its speed: another that stands still is not noticed',
  none: 'none tells its speed: one that stands still is not noticed',
  'not known': 'whether each tells its speed is not known',
} as const

function fansTogether({ outlets, reports }: OnTheWay): string | null {
  const fans = outlets.filter(isFan).length
  if (fans < 2 || reports === 'all') return null
  return `${fans} fans follow one speed, and ${REPORTS[reports]}`
}

function speedShared({ outlets, inlets }: OnTheWay): string | null {
  const many = outlets.filter(isUsb).length
  return many > 1 && inlets.some(isUsb) ? `${many} leads share the speed of one header` : null
}

/** USB 2 feeds what could do more: about a tenth of the speed. */
function stepDown({ outlets, inlets }: OnTheWay): string | null {
  const isSlow = inlets.includes('usb-2') && outlets.some(f => f === 'usb-3' || f === 'usb-c')
  return isSlow ? 'USB 2 speed, about a tenth of what the sockets could do' : null
}
