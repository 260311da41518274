// Does each fan turn as it should: slower when it may, at full speed where nothing sets it?
import { isPower } from '../../connectors/connectors'
import type { EndOf, Joint } from '../../joining/joint'
import type { FAN_CONTROLS } from '../../parts/board-schema'
import { ends, items, names } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { GUARDED_PUMP, isPump } from '../../parts/end'
import { every, socketIn } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { plain, type Finding } from '../finding'
import { rule } from '../rule'
import { nameOf, sideOf, withEnds } from './names'

/** What turns, by the role of its plug. */
const TURNING: readonly (string | null)[] = ['case', 'processor', 'pump', GUARDED_PUMP]
type Control = (typeof FAN_CONTROLS)[number]

const said = { rule: 'joints/fan-speed', stage: 'joints' } as const

export const fanSpeed = rule({
  id: 'joints/fan-speed',
  stage: 'joints',
  question: 'Does each fan turn slower when it may, and tell its speed?',
  source: SOURCE.fan,
  needs: { plugs, ends, items, names },
  inputs: s => {
    const turning = new Set(
      s.items.flatMap(({ id, part }) =>
        part.kind === 'fan' || part.kind === 'cooler' ? [id] : [],
      ),
    )
    const boards = new Map(every(s, 'board').map(b => [b.id, b.part]))
    return withEnds(s, s.plugs).flatMap(({ joint, plug, socket }) => {
      const fan = [plug, socket].find(e => turning.has(e.item) && TURNING.includes(e.end.role))
      if (!fan) return []
      const header = socketIn(joint, 'headers', boards.get(socket.item)?.headers)
      const name = sideOf(nameOf(s, fan.item), fan)
      return [{ joint, fan, socket, name, control: header?.control ?? null }]
    })
  },
  judge: ({ joint, fan, socket, name, control }): readonly Finding[] => {
    if (isPower(joint.face)) return [unset(joint, fan, name)]
    return control === null ? [] : [byHeader({ joint, fan, socket, name, control })]
  },
})

/** On a drive's power plug nothing sets a speed, and nobody is told of it. */
function unset(joint: Joint, { end }: EndOf, name: string): Finding {
  const about = { ...said, about: joint.items, part: joint.id, joints: [joint.id] }
  if (isPump(end))
    return plain(
      { ...about, sentence: `${name} has a drive’s power: it runs at full speed` },
      'clear',
    )
  return plain(
    {
      ...about,
      sentence: `${name} has a drive’s power: it runs at full speed, and nobody is told when it stands still`,
      wayOut: 'A fan header or a fan hub, where one is free.',
    },
    'watch',
  )
}

interface OnHeader {
  readonly joint: Joint
  readonly fan: EndOf
  readonly socket: EndOf
  readonly name: string
  readonly control: Control
}

/** A header that only pulses slows no fan without the fourth wire. */
function byHeader({ joint, fan, socket, name, control }: OnHeader): Finding {
  const about = { ...said, about: joint.items, part: joint.id, joints: [joint.id] }
  const { label } = socket.end
  if (control === 'pulses' && fan.end.face === 'fan-3')
    return plain(
      {
        ...about,
        sentence: `${name} has three wires, and ${label} slows fans by the fourth alone: it runs at full speed`,
        wayOut: 'A header that lowers the voltage, or a fan with four wires.',
      },
      'watch',
    )
  return plain(
    { ...about, sentence: `${label} sets the speed of ${name}: ${SAYS[control]}` },
    'clear',
  )
}
const SAYS: Readonly<Record<Control, string>> = {
  pulses: 'by pulses on the fourth wire',
  voltage: 'by its voltage',
  automatic: 'by pulses or by its voltage, as the plug has it',
}
