// Is something on the header of the processor's fan? Many boards do not start where it stays empty.
import { groupBy } from '../../collections/groups'
import type { EndOf } from '../../joining/joint'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { plugs, seats } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { plain } from '../finding'
import { nameOf } from './names'

const isForProcessor = ({ end }: EndOf): boolean =>
  end.sex === 'socket' && end.role === 'processor' && end.face.startsWith('fan')

export const processorFan = rule({
  id: 'joints/processor-fan',
  stage: 'joints',
  question: 'Is something on the header of the processor’s fan?',
  source: SOURCE.practice,
  needs: { plugs, seats, ends, names },
  inputs: s => {
    const cooled = new Set(s.seats.filter(j => j.face === 'cooler-mount').map(j => j.items[1]))
    const used = new Map(s.plugs.map(j => [j.b as string, j]))
    const headers = [...s.ends.values()].filter(e => isForProcessor(e) && cooled.has(e.item))
    return [...groupBy(headers, e => e.item)].map(([board, own]) => ({
      board,
      name: nameOf(s, board),
      labels: own.map(e => e.end.label),
      joint: own.flatMap(e => used.get(e.ref) ?? []).at(0) ?? null,
    }))
  },
  judge({ board, name, labels, joint }) {
    const said = { rule: 'joints/processor-fan', stage: 'joints' } as const
    const header = `${labels.join(', ')} of the ${name}`
    if (joint)
      return [
        plain(
          { ...said, about: [board], joints: [joint.id], sentence: `${header} is in use` },
          'clear',
        ),
      ]
    return [
      plain(
        {
          ...said,
          about: [board],
          sentence: `Nothing is on ${header}: many boards stop at the start and say that a fan failed`,
          wayOut:
            'Plug the cooler’s fan, the pump, or a lead of the fan controller there; or switch the ' +
            'warning off in the firmware.',
        },
        'watch',
      ),
    ]
  },
})
