// Does the cooler stay under the near panel? What the case's figure is counted from decides what is
// added to it.
import { byBoxes, measured } from '../finding'
import { place } from '../../geometry/space'
import type { Case } from '../../parts/case-schema'
import { NOTHING } from '../../geometry/solid'
import { standoff, thickness } from '../../parts/bodies/board'
import { lid } from '../../parts/bodies/cooler'
import { pcCase } from '../../parts/case'
import { cooler } from '../../parts/cooler'
import type { ItemOf } from '../../parts/kind'
import { of, plus, type Leaf, type Sum } from '../../figures/quantity'
import { rule } from '../rule'
import { layout } from '../../plan/items'
import { SEATED, every, joinedBy } from '../../plan/situation'
import { LID } from '../../standards/coolers'
import { SOURCE } from '../../standards/sources'
import { assume } from '../../figures/units'

export const coolerHeight = rule({
  id: 'fit/cooler-height',
  stage: 'fit',
  question: 'Does the cooler stay under the near panel?',
  source: SOURCE.maker,
  needs: { ...SEATED, layout },
  inputs: s =>
    joinedBy(s, 'cooler-mount', 'cooler', 'board').flatMap(({ joint, plug }) =>
      every(s, 'case').map(pc => ({
        joint: joint.id,
        cooler: plug,
        pc,
        frame: s.frames.get(plug.id) ?? null,
        panel: s.layout?.inner.z ?? 0,
      })),
    ),
  judge({ joint, cooler: c, pc, frame, panel }) {
    const height = cooler.leaf(c, 'height')
    const top = frame && height.figure ? place(frame, [0, 0, height.figure.value]) : null
    return [
      measured({
        rule: 'fit/cooler-height',
        stage: 'fit',
        about: [c.id, pc.id],
        joints: [joint],
        source: SOURCE.assumed,
        sentence: `${c.name} under the near panel of the ${pc.name}`,
        wayOut: 'A lower cooler, or leave the panel off until you have one.',
        need: plus(of(height), beneath(pc.part.coolerRoomFrom ?? null)),
        have: of(room(pc)),
        because: byBoxes(
          'left under the near panel, by the inner depth',
          of(pcCase.leaf(pc, 'inner.z')),
          plus(of(height), beneath('tray')),
        ),
        where: top && { from: top, to: [top[0], top[1], panel] },
      }),
    ]
  },
})

/** What stands between the lid and the level the case's figure is counted from. */
function beneath(from: Case['coolerRoomFrom']): Sum {
  if (from === 'board') return lid
  return from === 'tray' ? plus(standoff, thickness, lid) : NOTHING
}

/**
 * The case's figure; when the sheet does not say from where it is counted, it is worth no more than
 * an assumption.
 */
function room(pc: ItemOf<Case>): Leaf {
  const leaf = pcCase.leaf(pc, 'coolerRoom')
  if (!leaf.figure || leaf.figure.basis === 'measured' || pc.part.coolerRoomFrom) return leaf
  return {
    ...leaf,
    label: `${leaf.label}, taken as from the lid`,
    figure: assume(leaf.figure.value, 'mm', LID.mm),
  }
}
