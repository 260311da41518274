// Does each socket for addressable LEDs drive as many as hang on it?
import { groupBy } from '../../collections/groups'
import { plus, type Sum } from '../../figures/quantity'
import type { Joint } from '../../joining/joint'
import type { Situation } from '../../plan/situation'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { passing } from '../../power/flow'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'
import { nameOf } from './names'

export const lightCount = rule({
  id: 'joints/light-count',
  stage: 'joints',
  question:
    'Does each socket for addressable LEDs drive as many as hang on it, over splitters too?',
  source: SOURCE.maker,
  needs: { plugs, ends, loads, names },
  inputs: s => {
    const counts = [...s.ends.values()].flatMap(({ item, end }) =>
      end.takes.lights ? [{ item, lights: end.takes.lights }] : [],
    )
    return drivers(s).flatMap(driver => {
      const behind = new Set(
        driver.joints.flatMap(j => passing(s.loads, j.id)).map(load => load.item),
      )
      const strips = counts.filter(c => behind.has(c.item))
      return strips.length > 0 ? [{ ...driver, strips }] : []
    })
  },
  judge: ({ joints, about, part, says, most, strips }) => [
    measured({
      rule: 'joints/light-count',
      stage: 'joints',
      about,
      with: strips.map(s => s.item),
      ...(part === null ? {} : { part }),
      joints: joints.map(j => j.id),
      failing: 'watch',
      source: SOURCE.maker,
      sentence: says,
      wayOut: 'Another socket or controller for some: the last ones stay dark.',
      need: plus(NO_LIGHTS, ...strips.map(s => s.lights)),
      have: most,
    }),
  ],
})

/** What says how many LEDs it drives: a socket, or a controller of all its sockets. */
interface Driver {
  readonly joints: readonly Joint[]
  readonly about: readonly string[]
  readonly part: string | null
  readonly says: string
  readonly most: Sum
}

type Seen = Pick<Situation, 'plugs' | 'ends' | 'names'>

const drivers = (s: Seen): readonly Driver[] => [
  ...s.plugs.flatMap((joint): readonly Driver[] => {
    const socket = s.ends.get(joint.b)?.end
    const most = socket?.gives.lights
    if (!socket || !most) return []
    const says = `LEDs on ${socket.label} of the ${nameOf(s, joint.items[1])}`
    return [{ joints: [joint], about: joint.items, part: joint.id, says, most }]
  }),
  ...inAll(s),
]

/** Controllers that say how many LEDs they drive in all. */
function inAll(s: Seen): readonly Driver[] {
  const byItem = groupBy(
    [...s.ends.values()].filter(e => e.end.shared?.lights),
    e => e.item,
  )
  return [...byItem].flatMap(([item, outlets]) => {
    const refs = new Set<string>(outlets.map(e => e.ref))
    const most = outlets[0]?.end.shared?.lights
    const joints = s.plugs.filter(j => refs.has(j.b))
    const says = `LEDs on the ${nameOf(s, item)} in all`
    return most && joints.length > 0 ? [{ joints, about: [item], part: null, says, most }] : []
  })
}

const NO_LIGHTS: Sum = { unit: 'pcs', terms: [] }
