// Has everything that breathes room before it: cards with fans, supplies, fans and radiators?
import { fact, of, plus } from '../../figures/quantity'
import { capital, ofPart } from '../../figures/format'
import type { Case } from '../../parts/case-schema'
import type { ItemOf } from '../../parts/kind'
import { ends, items, names } from '../../plan/items'
import { frames, seats, solids } from '../../plan/joints'
import { every } from '../../plan/situation'
import { AIR_GAP } from '../../standards/air'
import { measured, plain, type Finding } from '../finding'
import { rule } from '../rule'
import { breathing, type Breathing } from './breathing'
import { facedBy, opening, type Facing } from '../../joining/mouths'

interface Asked extends Breathing {
  readonly faces: Facing
  readonly pc: ItemOf<Case>
  /** What the part that it faces is called. */
  readonly other: string
}

const ID = { rule: 'air/room', stage: 'fit' } as const

export const airRoom = rule({
  id: ID.rule,
  stage: ID.stage,
  question: 'Has everything that breathes room before its fans?',
  source: AIR_GAP.source,
  needs: { items, names, ends, seats, frames, solids },
  inputs: (s): readonly Asked[] =>
    every(s, 'case').flatMap(pc =>
      breathing(s, pc).flatMap(own => {
        const faces = facedBy(own.mouth, s.solids)
        if (!faces || !isNear(own, faces)) return []
        const other = s.names.get(faces.solid.item) ?? ''
        return [{ ...own, faces, pc, other }]
      }),
    ),
  key: ({ mouth }) => mouth.solid.id,
  judge: asked => {
    const wall = opening(asked.pc, asked.faces.solid)
    if (wall?.open !== true) return [byGap(asked, wall?.usual === true)]
    return asked.mouth.solid.kind === 'supply' ? [throughWall(asked, wall.usual)] : []
  },
})

/** Of what faces others side by side only what is near is told; what is screwed before a wall always. */
const isNear = ({ mouth }: Breathing, { gap }: Facing): boolean =>
  gap < (mouth.solid.kind === 'supply' ? TOLD_OF_SUPPLIES : 2 * AIR_GAP.mm)
/** Named choice: a supply is told about where it faces something within so much, mm. */
const TOLD_OF_SUPPLIES = 40

const saidOf = ({ mouth, faces, because }: Asked) => ({
  ...ID,
  about: [mouth.solid.item, faces.solid.item],
  joints: [mouth.solid.joint, faces.solid.joint].flatMap(j => j ?? []),
  because,
})

const throughWall = (asked: Asked, usual: boolean): Finding =>
  plain(
    {
      ...saidOf(asked),
      assumed: asked.assumed || usual,
      sentence: capital(
        `${asked.what} at the openings of the ${asked.faces.solid.what} of the ${asked.pc.name}`,
      ),
    },
    'clear',
  )

const GAP = of(
  fact('air-gap', 'room that a fan wants before it', 'mm', {
    value: AIR_GAP.mm,
    basis: 'standard',
    tol: 0,
  }),
)

/** `usual`: nobody stated that the wall before it has no openings. */
function byGap(asked: Asked, usual: boolean): Finding {
  const { what, faces, other } = asked
  const need = plus(faces.low, GAP)
  const found = measured({
    ...saidOf(asked),
    assumed: asked.assumed || usual,
    source: AIR_GAP.source,
    failing: 'watch',
    sentence: capital(`${what} before the ${ofPart(faces.solid.what, other)}`),
    wayOut: asked.wayOut,
    need,
    have: faces.high,
  })
  // Practice names no exact distance: what is near it is no question to anybody.
  if (found.verdict === 'watch') return found
  const isShort = (found.margin ?? 0) < 0 && !found.assumed
  return { ...found, settles: [], verdict: isShort ? 'tight' : 'clear' }
}
