// Does each pump run at its full speed, whatever the fans do?
import { capital } from '../../figures/format'
import type { EndOf } from '../../joining/joint'
import { isPump } from '../../parts/end'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { plain } from '../finding'
import { withEnds } from './names'

/** Headers on which a pump keeps its speed: its own, and the processor's. */
const STEADY: readonly (string | null)[] = ['pump', 'processor']

export const pumpHeader = rule({
  id: 'joints/pump-header',
  stage: 'joints',
  question: 'Does each pump run at full speed, and not as other fans do?',
  source: SOURCE.fan,
  needs: { plugs, ends, names },
  inputs: s =>
    withEnds(s, s.plugs).flatMap(({ joint, plug, socket, names }) =>
      isPump(plug.end) ? [{ joint, socket, names }] : [],
    ),
  judge({ joint, socket, names: [pump, holder] }) {
    const said = { rule: 'joints/pump-header', stage: 'joints', joints: [joint.id] } as const
    const where = `${socket.end.label} of the ${holder}`
    const about = joint.items
    if (STEADY.includes(socket.end.role))
      return [plain({ ...said, about, sentence: `The pump of the ${pump} has ${where}` }, 'clear')]
    return [plain({ ...said, about, ...slowed(pump, where, socket) }, 'watch')]
  },
})

const slowed = (pump: string, where: string, { end }: EndOf) => ({
  sentence: capital(
    `the pump of the ${pump} hangs on ${where}: it slows down when the fans ${
      end.role === 'hub' ? 'on that hub' : 'of the case'
    } do`,
  ),
  wayOut:
    end.role === 'hub'
      ? 'Give it a header of the board, its own or the processor’s.'
      : 'Set that header to full speed in the firmware, or use the pump’s own or the processor’s.',
})
