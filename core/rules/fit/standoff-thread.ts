// Has the tray a thread for every hole of the board?
import { capital } from '../../figures/format'
import type { HolePlace } from '../../standards/boards'
import { asking, plain, type Asked, type Finding } from '../finding'
import { holesOf } from '../../parts/board'
import { rule } from '../rule'
import { tasksDone } from '../../plan/joints'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { labelsOf, standoffPlan, trayOf } from '../../plan/standoffs'
import { onTray } from './on-tray'

export const standoffThread = rule({
  id: 'fit/standoff-thread',
  stage: 'fit',
  question: 'Has the tray a thread for every hole of the board?',
  source: SOURCE.atx,
  needs: { ...JOINED, tasksDone },
  inputs: onTray,
  judge({ joint, board, pc }) {
    const { holes, unsupported, fit, keep, posts } = standoffPlan(board, pc)
    const said = {
      rule: 'fit/standoff-thread',
      stage: 'fit',
      about: [board.id, pc.id],
      joints: [joint],
      because: [
        {
          fact: 'holes',
          value: holes ? labelsOf(holes) : '?',
          basis: holes ? 'standard' : 'missing',
          source: holesOf(board).source,
        },
      ],
    } as const
    if (!holes)
      return [
        plain(
          {
            ...said,
            sentence: `Where the ${board.name} has its holes is not stated`,
            wayOut:
              'Hold the board over the tray and see which holes meet; enter them with the part.',
          },
          'measure',
        ),
      ]
    if (unsupported.length === 0 && posts.length === 0)
      return [
        plain(
          {
            ...said,
            sentence:
              `The tray of the ${pc.name} has a thread for each of the ${holes.length} holes of ` +
              `the ${board.name}`,
          },
          'clear',
        ),
      ]
    if (unsupported.length === 0) return [onPosts(said, board, [...fit, ...keep], posts)]
    // A tray that is known by the forms it takes may have more threads than those forms ask for.
    if (!trayOf(pc).isStated) return [asking(said, threadsUnder(pc, board, labelsOf(unsupported)))]
    const none = unsupported.length === holes.length
    return [
      plain(
        {
          ...said,
          sentence: `The tray of the ${pc.name} has no thread under ${labelsOf(unsupported)} of the ${board.name}`,
          wayOut: none
            ? 'Another case, or a board of a form it takes.'
            : 'The board hangs free there: hold it from beneath when you press plugs in.',
        },
        none ? 'stop' : 'watch',
      ),
    ]
  },
})

/** Held by plastic posts, and by metal ones that join the board's ground to the case. */
function onPosts(
  said: Pick<Parameters<typeof plain>[0], 'rule' | 'stage' | 'about' | 'joints' | 'because'>,
  board: Named,
  metal: readonly HolePlace[],
  posts: readonly HolePlace[],
): Finding {
  const held = `plastic posts hold the ${board.name} at ${labelsOf(posts)}`
  if (metal.length > 0)
    return plain(
      { ...said, sentence: capital(`${held}, metal ones at ${labelsOf(metal)}`) },
      'clear',
    )
  return plain(
    {
      ...said,
      sentence: `No metal post joins the ${board.name} to the case: ${held}`,
      wayOut: 'At least one screw into metal, at a hole with a bare ring: it joins the grounds.',
    },
    'watch',
  )
}

const threadsUnder = (pc: Named, board: Named, holes: string): Asked => ({
  item: pc.id,
  path: 'standoffs.threads',
  question: `Has the tray of the ${pc.name} a thread under ${holes} of the ${board.name}?`,
  take: 'Hold the board over the tray and see which holes meet a thread.',
})
interface Named {
  readonly id: string
  readonly name: string
}
