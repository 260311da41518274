// Does as much air come in through fans as goes out? Where more goes out, the rest comes through every
// gap, past the filters, with its dust.
import { items } from '../../plan/items'
import { seats } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'
import { rule } from '../rule'
import { closedCases, flowsOf, moversIn } from './movers'

export const airBalance = rule({
  id: 'air/balance',
  stage: 'fit',
  question: 'Does as much air come in through fans as goes out?',
  source: SOURCE.practice,
  needs: { items, seats },
  inputs: s =>
    closedCases(s).flatMap(pc => {
      const movers = moversIn(s, pc)
      const [ins, outs] = [flowsOf(movers, 'in'), flowsOf(movers, 'out')]
      if (ins.terms.length + outs.terms.length === 0) return []
      const about = [pc.id, ...new Set(movers.map(m => m.item))]
      return [{ pc: pc.id, of: pc.name, about, joints: movers.map(m => m.joint), ins, outs }]
    }),
  key: ({ pc }) => pc,
  judge: ({ pc, of, about, joints, ins, outs }) => {
    const found = measured({
      ...{ rule: 'air/balance', stage: 'fit', about: [pc], with: about, joints },
      source: SOURCE.practice,
      failing: 'watch',
      sentence: `Air out of the ${of} against air in, by what its fans are rated for`,
      wayOut: 'One more fan that blows in, or one that blows out turned about or left out.',
      need: outs,
      have: ins,
    })
    // Rated flow is what a fan moves in the open: nearly as much is as good as as much.
    return [found.verdict === 'watch' ? found : { ...found, settles: [], verdict: 'clear' }]
  },
})
