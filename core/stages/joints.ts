// The connections stage as people see it: every joint by the names of its two ends, and the plugs
// that found no place.
import { isMechanical } from '../connectors/connectors'
import { panelBlockOf } from '../ids/ids'
import { rounded } from '../figures/rounded'
import type { Joint, Outline } from '../joining/joint'
import { names } from '../plan/items'
import { outlines, plugs, seats, unmet } from '../plan/joints'
import { stage } from '../pipeline/stage'
import { summaries } from '../rules/findings'

export interface JointRow {
  readonly id: string
  readonly plug: string
  /** Under which id the socket it goes into is drawn: itself, or the block that it is a pin of. */
  readonly socketShape: string
  readonly kind: Joint['kind']
  readonly face: string
  readonly socketFace: string
  readonly from: string
  readonly to: string
  readonly items: readonly string[]
  readonly count: number
  readonly pinned: boolean
  readonly finding: string | null
}

export const joints = stage(
  'joint-rows',
  { seats, plugs, names, outlines, summaries },
  ({ seats, plugs, names, outlines, summaries }) => {
    const name = (ref: string): string => {
      const end = outlines.get(ref)
      return `${names.get(end?.item ?? '') ?? ''}: ${end?.label ?? ''}`
    }
    const about = new Map<string, string>()
    for (const f of summaries) for (const id of f.joints) if (!about.has(id)) about.set(id, f.id)
    return rounded(
      [...seats, ...plugs].map((j): JointRow => ({
        id: j.id,
        plug: j.a,
        socketShape: j.socketFace === 'panel-lead' ? panelBlockOf(j.b) : j.b,
        kind: j.kind,
        face: j.face,
        socketFace: j.socketFace,
        from: name(j.a),
        to: name(j.b),
        items: j.items,
        count: j.count,
        pinned: j.pinned,
        finding: about.get(j.id) ?? null,
      })),
    )
  },
)

export interface LoosePlug {
  readonly plug: string
  readonly label: string
}

/** Every plug that a demand without a partner has, to be joined by hand. */
export const loose = stage('loose', { unmet, outlines, names }, ({ unmet, outlines, names }) => {
  const isPlug = (end: Outline | undefined): end is Outline =>
    end?.sex === 'plug' && !isMechanical(end.face)
  return unmet
    .flatMap(u => u.demand.refs)
    .map(ref => outlines.get(ref))
    .filter(isPlug)
    .map((end): LoosePlug => ({
      plug: end.ref,
      label: `${end.label} of the ${names.get(end.item) ?? end.item}`,
    }))
})
