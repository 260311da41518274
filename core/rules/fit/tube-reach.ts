// Do the tubes reach from the processor to the radiator?
import { loopsIn, tubesOf } from '../../joining/loops'
import { items } from '../../plan/items'
import { solids } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'
import { rule } from '../rule'

export const tubeReach = rule({
  id: 'fit/tube-reach',
  stage: 'fit',
  question: 'Do the tubes of a liquid cooler reach from the processor to the radiator?',
  source: SOURCE.maker,
  needs: { items, solids },
  inputs: ({ items, solids }) => loopsIn(items, solids),
  key: ({ wet }) => wet.id,
  judge(loop) {
    const { wet, block, radiator } = loop
    const { need, have, from, to } = tubesOf(loop)
    return [
      measured({
        rule: 'fit/tube-reach',
        stage: 'fit',
        about: [wet.id],
        joints: [block.joint, radiator.joint].flatMap(j => j ?? []),
        source: SOURCE.practice,
        sentence: `Tubes of the ${wet.name} from the processor to the radiator`,
        wayOut: 'A place nearer to the processor, the radiator turned about, or longer tubes.',
        need,
        have,
        where: { from, to },
      }),
    ]
  },
})
