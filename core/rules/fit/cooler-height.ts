// Does the cooler stay under the near panel? What the case's figure is counted from decides what is
// added to it.
import { byBoxes, measured } from '../finding'
import { place } from '../../geometry/space'
import type { Case } from '../../parts/case-schema'
import { pcCase } from '../../parts/case'
import { cooler } from '../../parts/cooler'
import type { ItemOf } from '../../parts/kind'
import { fact, of, plus, type Leaf, type Sum } from '../../figures/quantity'
import { rule } from '../rule'
import { layout } from '../../plan/items'
import { SEATED, every, joinedBy } from '../../plan/situation'
import { BOARD_THICKNESS, STANDOFF_HEIGHT } from '../../standards/boards'
import { SOURCE } from '../../standards/sources'
import { assume } from '../../figures/units'

/** Named choice: how high the processor's lid stands over the board in its socket, mm; assumed. */
const LID_OVER_BOARD = { mm: 8, tol: 1 }

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
  const lid = fact(
    'lid-over-board',
    'lid over the board',
    'mm',
    assume(LID_OVER_BOARD.mm, 'mm', LID_OVER_BOARD.tol),
  )
  const board = fact('board-thickness', 'board thickness', 'mm', {
    value: BOARD_THICKNESS.mm,
    basis: 'standard',
    tol: 0.25,
  })
  const standoff = fact(
    'standoff-height',
    'standoff height',
    'mm',
    assume(STANDOFF_HEIGHT.mm, 'mm', 0.5),
  )
  const between = { board: [lid], tray: [lid, board, standoff], lid: [] }
  return { unit: 'mm', terms: between[from ?? 'lid'].map(leaf => ({ leaf, times: 1 })) }
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
    figure: assume(leaf.figure.value, 'mm', LID_OVER_BOARD.mm),
  }
}
