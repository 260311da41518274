// Has an external battery the voltage that its board asks for?
import { asking, plain } from '../finding'
import { battery as batteryKind } from '../../parts/battery'
import { board as boardKind } from '../../parts/board'
import { quantity } from '../../figures/format'
import type { Leaf } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

/** Named choice: packs are told by their nominal voltage; so far two of them are the same, V. */
const NOMINAL = 0.3

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
    const [own, asked] = [
      batteryKind.leaf(pack, 'volts'),
      boardKind.leaf(board, `headers.${header}.volts`),
    ]
    const said = {
      rule: 'power/battery-volts',
      stage: 'power',
      about: [pack.id, board.id],
      joints: [joint],
      because: [factOf(own), factOf(asked)],
    } as const
    const unknown = [own, asked].find(leaf => leaf.figure === null)
    if (unknown)
      return [
        asking(said, {
          item: unknown.item ?? '',
          path: unknown.path,
          question: `Which ${unknown.label}?`,
          take: unknown.about?.take ?? '',
        }),
      ]
    const over = (own.figure?.value ?? 0) - (asked.figure?.value ?? 0)
    const volts = `${quantity(own.figure?.value ?? 0, 'V')} of the ${pack.name}`
    const wanted = `the ${board.name} asks for ${quantity(asked.figure?.value ?? 0, 'V')}`
    const wayOut = 'A pack of the voltage, and the kind, that the board’s manual names.'
    if (over > NOMINAL)
      return [plain({ ...said, sentence: `${volts} are too much: ${wanted}`, wayOut }, 'harm')]
    if (over < -NOMINAL)
      return [
        plain(
          { ...said, sentence: `${volts} are too little: ${wanted}, settings are lost`, wayOut },
          'watch',
        ),
      ]
    return [plain({ ...said, sentence: `${volts}: ${wanted}` }, 'clear')]
  },
})

const factOf = ({ label, figure }: Leaf) => ({
  fact: label,
  value: figure ? quantity(figure.value, 'V') : '?',
  basis: figure?.basis ?? ('missing' as const),
  source: SOURCE.maker,
})
