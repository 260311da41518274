// Is all the memory no more than board and processor address?
import { measured } from '../finding'
import { board as boardKind } from '../../parts/board'
import { memory as memoryKind } from '../../parts/memory'
import { of, times, plus } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { onBoard, about } from './kits'

export const memorySize = rule({
  id: 'fit/memory-size',
  stage: 'fit',
  question: 'Does the board take that much memory?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const have = boardKind.leaf(on.board, 'memory.most')
    if (!have.figure) return []
    const need = plus(
      { unit: 'GB', terms: [] },
      ...on.kits.map(kit =>
        times(
          of(memoryKind.leaf(kit, 'each')),
          on.joints.filter(j => j.items[0] === kit.id).length,
        ),
      ),
    )
    return [
      measured({
        rule: 'fit/memory-size',
        stage: 'fit',
        about: about(on),
        joints: on.joints.map(j => j.id),
        source: SOURCE.maker,
        sentence: `Memory of the ${on.board.name} altogether`,
        wayOut: 'Smaller modules, or fewer.',
        need,
        have: of(have),
      }),
    ]
  },
})
