// Are there standoffs enough?
import type { Board } from '../../parts/board-schema'
import type { Case } from '../../parts/case-schema'
import type { ItemOf } from '../../parts/kind'
import type { HolePlace } from '../../standards/boards'
import { measured, type Finding } from '../finding'
import { pcCase } from '../../parts/case'
import { sundry, type Sundry } from '../../parts/sundry'
import { fact, of, plus } from '../../figures/quantity'
import { rule } from '../rule'
import { tasksDone } from '../../plan/joints'
import { JOINED, every } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { labelsOf, standoffPlan } from '../../plan/standoffs'
import { onTray } from './on-tray'

export const standoffCount = rule({
  id: 'fit/standoff-count',
  stage: 'fit',
  question: 'Are there enough standoffs for the holes that need one?',
  source: SOURCE.practice,
  needs: { ...JOINED, tasksDone },
  inputs: s =>
    onTray(s).map(t => ({
      ...t,
      bags: every(s, 'sundry').filter(i => i.part.use === 'standoff'),
      postBags: every(s, 'sundry').filter(i => i.part.use === 'post'),
    })),
  judge({ joint, board, pc, bags, postBags }) {
    const plan = standoffPlan(board, pc)
    // Which stand there already is asked for elsewhere.
    if (!plan.holes || plan.lookAt) return []
    const posts = postsOf({ joint, board, pc, postBags }, plan.posts)
    if (plan.fit.length === 0) return posts
    const n = plan.fit.length
    const need = fact(`standoffs:${board.id}`, `standoffs to fit (${labelsOf(plan.fit)})`, 'pcs', {
      value: n,
      basis: 'standard',
      tol: 0,
    })
    const freed = fact(`freed:${pc.id}`, 'taken out elsewhere on the tray', 'pcs', {
      value: plan.takeOut.length,
      basis: 'standard',
      tol: 0,
    })
    const have = plus(
      of(pcCase.leaf(pc, 'standoffs.supplied')),
      ...bags.map(b => of(sundry.leaf(b, 'count'))),
      of(freed),
    )
    return [
      ...posts,
      measured({
        rule: 'fit/standoff-count',
        stage: 'fit',
        about: [board.id, pc.id],
        joints: [joint],
        failing: 'watch',
        source: SOURCE.atx,
        sentence: `Standoffs for the ${board.name} from the bag of the ${pc.name}`,
        need: of(need),
        have,
        wayOut:
          'Buy the missing ones (6-32 UNC, 6.5 mm): cheap, and the board must not hang free at a corner.',
      }),
    ]
  },
})

interface OnTray {
  readonly joint: string
  readonly board: ItemOf<Board>
  readonly pc: ItemOf<Case>
  readonly postBags: readonly ItemOf<Sundry>[]
}

/** The plastic posts that a board wants, against those in the bag. */
function postsOf(
  { joint, board, pc, postBags }: OnTray,
  posts: readonly HolePlace[],
): readonly Finding[] {
  if (posts.length === 0) return []
  const label = `plastic posts to fit (${labelsOf(posts)})`
  return [
    measured({
      rule: 'fit/standoff-count',
      stage: 'fit',
      about: [board.id, pc.id],
      part: 'posts',
      joints: [joint],
      failing: 'watch',
      source: SOURCE.practice,
      sentence: `Plastic posts for the ${board.name} from the bag of the ${pc.name}`,
      need: of(
        fact(`posts:${board.id}`, label, 'pcs', { value: posts.length, basis: 'standard', tol: 0 }),
      ),
      have: plus(
        of(pcCase.leaf(pc, 'standoffs.posts')),
        ...postBags.map(b => of(sundry.leaf(b, 'count'))),
      ),
      wayOut: 'Buy the missing ones: plastic snap posts of the height of the metal ones.',
    }),
  ]
}
