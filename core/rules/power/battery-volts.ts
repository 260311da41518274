// Has an external battery the voltage that its board asks for?
import { measured } from '../finding'
import { battery as batteryKind } from '../../parts/battery'
import { board as boardKind } from '../../parts/board'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const batteryVolts = rule({
  id: 'power/battery-volts',
  stage: 'power',
  question: 'Has an external battery the voltage that its board asks for?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: s =>
    joinedBy(s, 'battery', 'battery', 'board').map(({ joint, plug, socket }) => ({
      joint: joint.id,
      pack: plug,
      board: socket,
      header: joint.members[1]?.index ?? 0,
    })),
  judge({ joint, pack, board, header }) {
    const volts = of(batteryKind.leaf(pack, 'volts'))
    const asked = of(boardKind.leaf(board, `headers.${header}.volts`))
    const said = {
      rule: 'power/battery-volts',
      stage: 'power',
      about: [pack.id, board.id],
      joints: [joint],
      source: SOURCE.maker,
      wayOut: 'A pack of the voltage that the board’s manual names, of the kind it names.',
    } as const
    return [
      measured({
        ...said,
        failing: 'harm',
        part: 'most',
        sentence: `Voltage of the ${pack.name}, no more than the ${board.name} takes`,
        need: volts,
        have: asked,
      }),
      measured({
        ...said,
        failing: 'watch',
        part: 'least',
        sentence: `Voltage of the ${pack.name}, enough for the ${board.name}`,
        need: asked,
        have: volts,
      }),
    ]
  },
})
