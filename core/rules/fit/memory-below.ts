// Are the modules as fast as board and processor promise?
import { measured } from '../finding'
import { memory as memoryKind } from '../../parts/memory'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { jointsOfKit, onBoard } from './kits'
import { bindingOf, promisesOf } from './promise'

export const memoryBelow = rule({
  id: 'fit/memory-below',
  stage: 'fit',
  question: 'Are the modules as fast as board and processor promise?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const promise = bindingOf(promisesOf(on))
    if (!promise) return []
    // A speed that is not stated is asked for where it is weighed against the promise.
    const stated = on.kits.filter(kit => memoryKind.leaf(kit, 'speed').figure)
    return stated.map(kit =>
      measured({
        rule: 'fit/memory-below',
        stage: 'fit',
        about: [kit.id, on.board.id],
        joints: jointsOfKit(on, kit),
        failing: 'watch',
        source: SOURCE.maker,
        sentence: `Speed that the ${promise.name} promises, of the ${kit.name}`,
        wayOut: 'It runs, slower than it could: faster modules make use of the rest.',
        need: of(promise.speed),
        have: of(memoryKind.leaf(kit, 'speed')),
      }),
    )
  },
})
