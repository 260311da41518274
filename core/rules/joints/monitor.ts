// Does each monitor hang where a picture comes out?
import { asking, plain, type Asked } from '../finding'
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
    const [processor] = s.items.filter(isKind('processor'))
    return withEnds(s, s.plugs)
      .filter(({ joint: { face } }) => !isMechanical(face) && connector(face).video === true)
      .map(({ joint, socket, names }) => ({
        joint,
        label: socket.end.label,
        names,
        video: boards.has(joint.items[1]) ? video : ('live' as const),
        processor: processor ? { id: processor.id, name: processor.name } : null,
      }))
  },
  judge({ joint, label, names: [monitor, holder], video, processor }) {
    const where = `${label} of the ${holder}`
    const said = {
      rule: 'joints/monitor',
      stage: 'joints',
      about: joint.items,
      part: joint.id,
      joints: [joint.id],
    } as const
    if (video === null) return processor ? [asking(said, drawsPicture(processor))] : []
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

const drawsPicture = ({ id, name }: { readonly id: string; readonly name: string }): Asked => ({
  item: id,
  path: 'picture',
  question: `Does the ${name} draw a picture? Without, the board’s video sockets are dead`,
  take: 'Read it in its sheet.',
})
