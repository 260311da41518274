// Do kits and board agree on a speed?
import { measured } from '../finding'
import { board as boardKind } from '../../parts/board'
import { memory as memoryKind } from '../../parts/memory'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { onBoard } from './kits'

export const memorySpeed = rule({
  id: 'fit/memory-speed',
  stage: 'fit',
  question: 'Does the board promise the memory’s speed for that number of modules?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const n = on.board.part.memory.table.findIndex(t => t.modules === on.joints.length)
    const have = n < 0 ? null : boardKind.leaf(on.board, `memory.table.${n}.speed`)
    if (!have?.figure) return []
    return on.kits.map(kit =>
      measured({
        rule: 'fit/memory-speed',
        stage: 'fit',
        about: [kit.id, on.board.id],
        joints: on.joints.filter(j => j.items[0] === kit.id).map(j => j.id),
        failing: 'watch',
        source: SOURCE.maker,
        sentence: `Rated speed of the ${kit.name} on the ${on.board.name} with ${on.joints.length} modules`,
        wayOut: 'It runs at the board’s speed, or beyond its promise: declare and test that.',
        need: of(memoryKind.leaf(kit, 'speed')),
        have: of(have),
      }),
    )
  },
})
