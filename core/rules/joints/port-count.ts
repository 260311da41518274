// Does a socket serve as many ports as hang on the lead that is plugged there?
import { ends, names } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'

export const portCount = rule({
  id: 'joints/port-count',
  stage: 'joints',
  question: 'Does each socket serve as many ports as the lead has that is plugged there?',
  source: SOURCE.usb,
  needs: { plugs, ends, names },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const [plug, socket] = [s.ends.get(joint.a)?.end, s.ends.get(joint.b)?.end]
      const [need, have] = [plug?.takes.ports, socket?.gives.ports]
      if (!plug || !socket || !need || !have) return []
      const [of, on] = joint.items.map(item => s.names.get(item) ?? '')
      const says = `Ports of the ${plug.label} of the ${of ?? ''} on ${socket.label} of the ${on ?? ''}`
      return [{ joint, need, have, says }]
    }),
  judge: ({ joint, need, have, says }) => [
    measured({
      rule: 'joints/port-count',
      stage: 'joints',
      about: joint.items,
      part: joint.id,
      joints: [joint.id],
      failing: 'watch',
      source: SOURCE.usb,
      sentence: says,
      wayOut: 'The ports that are too many stay dead: a second header, or a hub between.',
      need,
      have,
    }),
  ],
})
