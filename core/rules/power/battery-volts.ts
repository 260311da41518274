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
    if (unknown) return [asking(said, askFor(unknown))]
    const [gives, takes] = [own, asked].map(leaf => leaf.figure?.value ?? 0) as [number, number]
    const volts = `${quantity(gives, 'V')} of the ${pack.name}`
    const wanted = `the ${board.name} asks for ${quantity(takes, 'V')}`
    const wayOut = 'A pack of the voltage, and the kind, that the board’s manual names.'
    if (gives - takes > NOMINAL)
      return [plain({ ...said, sentence: `${volts} are too much: ${wanted}`, wayOut }, 'harm')]
    const few = `${volts} are too little: ${wanted}, settings are lost`
    if (takes - gives > NOMINAL) return [plain({ ...said, sentence: few, wayOut }, 'watch')]
    return [plain({ ...said, sentence: `${volts}: ${wanted}` }, 'clear')]
  },
})

const askFor = ({ item, path, label, about }: Leaf) => ({
  ...{ item: item ?? '', path, question: `Which ${label}?` },
  take: about?.take ?? '',
})
const factOf = ({ label, figure }: Leaf) => ({
  fact: label,
  value: figure ? quantity(figure.value, 'V') : '?',
  basis: figure?.basis ?? ('missing' as const),
  source: SOURCE.maker,
})
