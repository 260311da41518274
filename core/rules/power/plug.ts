// Does each power plug carry what flows through it?
import { measured } from '../finding'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { through } from './fed'

export const powerPlug = rule({
  id: 'power/plug',
  stage: 'power',
  question: 'Does each power plug carry no more 12 V than its contacts stand?',
  source: SOURCE.atx12v,
  needs: { plugs, ends, loads, names },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const socket = s.ends.get(joint.b)
      const loads = s.loads.filter(
        l => l.rail === '12' && l.feeds.some(f => f.joints.includes(joint.id)),
      )
      return plug?.end.gives.W12 && socket && loads.length > 0
        ? [{ joint, plug, socket, loads, name: s.names.get(joint.items[1]) ?? '' }]
        : []
    }),
  judge({ joint, plug, socket, loads, name }) {
    const have = plug.end.gives.W12
    if (!have) return []
    return [
      measured({
        rule: 'power/plug',
        stage: 'power',
        about: joint.items,
        part: joint.id,
        joints: [joint.id],
        failing: 'harm',
        source: SOURCE.atx12v,
        sentence: `12 V through ${plug.end.label} at ${socket.end.label} of the ${name}`,
        wayOut: 'Use the whole plug, or spread the load over a second one.',
        need: through(loads, joint.id, 'worst'),
        have,
      }),
    ]
  },
})
