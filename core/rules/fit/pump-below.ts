// Does the radiator's highest point lie over the pump? Air rises: where the pump is highest, it gathers
// there, is heard, and the pump runs dry.
import { plus, times } from '../../figures/quantity'
import { loopsIn } from '../../joining/loops'
import { items } from '../../plan/items'
import { solids } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'
import { rule } from '../rule'

export const pumpBelow = rule({
  id: 'fit/pump-below',
  stage: 'fit',
  question: 'Does a liquid cooler’s radiator reach higher than its pump?',
  source: SOURCE.practice,
  needs: { items, solids },
  inputs: ({ items, solids }) => loopsIn(items, solids),
  key: ({ wet }) => wet.id,
  judge({ wet, block, radiator }) {
    const [low, high, top] = [block.from[1], block.to[1], radiator.to[1]]
    if (!low || !high || !top) return []
    return [
      measured({
        rule: 'fit/pump-below',
        stage: 'fit',
        about: [wet.id],
        joints: [block.joint, radiator.joint].flatMap(j => j ?? []),
        failing: 'watch',
        source: SOURCE.practice,
        sentence: `Radiator of the ${wet.name} above its pump`,
        wayOut: 'A place for the radiator that reaches higher than the processor.',
        need: times(plus(low, high), 0.5),
        have: top,
      }),
    ]
  },
})
