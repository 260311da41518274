// Does each monitor hang where a picture comes out?
import { plain } from '../finding'
import { connector, isMechanical } from '../../connectors/connectors'
import { isKind } from '../../parts'
import { ends, items, names } from '../../plan/items'
import { plugs, seats } from '../../plan/joints'
import { boardVideo } from '../../plan/video'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import { withEnds } from './names'

export const jointsMonitor = rule({
  id: 'joints/monitor',
  stage: 'joints',
  question: 'Does each monitor hang where a picture comes out?',
  source: SOURCE.practice,
  needs: { plugs, seats, ends, items, names },
  inputs: s => {
    const boards = new Set(s.items.filter(isKind('board')).map(b => b.id))
    const video = boardVideo(s.items)
    return withEnds(s, s.plugs)
      .filter(({ joint: { face } }) => !isMechanical(face) && connector(face).video === true)
      .map(({ joint, socket, names }) => ({
        joint,
        label: socket.end.label,
        names,
        video: boards.has(joint.items[1]) ? video : ('live' as const),
      }))
  },
  judge({ joint, label, names: [monitor, holder], video }) {
    const where = `${label} of the ${holder}`
    const said = {
      rule: 'joints/monitor',
      stage: 'joints',
      about: joint.items,
      part: joint.id,
      joints: [joint.id],
    } as const
    if (video === 'off')
      return [
        plain(
          {
            ...said,
            sentence: `The ${monitor} hangs on ${where}, which is off while a graphics card is in`,
            wayOut: 'To the card; or switch the board’s own picture on in the firmware first.',
          },
          'watch',
        ),
      ]
    return [
      plain(
        { ...said, sentence: `The ${monitor} hangs on ${where}: a picture comes out` },
        'clear',
      ),
    ]
  },
})
