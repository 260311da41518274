// Old boards: is each bank filled whole, with modules of one size?
import { asking, plain } from '../finding'
import { memory as memoryKind } from '../../parts/memory'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { about, figureAsked, onBoard, slotOf, type OnBoard } from './kits'

export const memoryBanks = rule({
  id: 'fit/memory-banks',
  stage: 'fit',
  question: 'Is every bank of memory filled whole, with modules of one size?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge: on => (on.board.part.memory.banks ?? []).flatMap((bank, i) => ofBank(on, bank, i)),
})

function ofBank(on: OnBoard, bank: readonly string[], index: number) {
  const joints = on.joints.filter(j => bank.includes(slotOf(on, j)))
  if (joints.length === 0) return []
  const names = bank.join(' and ')
  const free = bank.filter(slot => !joints.some(j => slotOf(on, j) === slot))
  const kits = kitsIn(on, joints)
  const sizes = sizesOf(kits)
  const said = {
    rule: 'fit/memory-banks',
    stage: 'fit',
    about: about(on),
    part: String(index + 1),
    joints: joints.map(j => j.id),
    because: [
      { fact: 'one bank', value: names, basis: 'spec', source: SOURCE.maker },
      {
        fact: 'modules in it',
        value: joints.map(j => slotOf(on, j)).join(' '),
        basis: 'plan',
        source: 'the plan',
      },
    ],
  } as const
  if (free.length > 0)
    return [
      plain(
        {
          ...said,
          sentence:
            `The bank of ${names} of the ${on.board.name} is filled in part: ` +
            `${free.join(', ')} stays empty, and it does not start`,
          wayOut: `A module of the same size for ${free.join(', ')}, or none in this bank.`,
        },
        'stop',
      ),
    ]
  const unsaid = kits.find(kit => !memoryKind.leaf(kit, 'each').figure)
  if (unsaid && kits.length > 1) return [asking(said, figureAsked(unsaid, 'each'))]
  if (sizes.length > 1)
    return [
      plain(
        {
          ...said,
          sentence: `The bank of ${names} of the ${on.board.name} holds modules of ${sizes.length} sizes`,
          wayOut: 'Modules of one size in each bank.',
        },
        'stop',
      ),
    ]
  return [
    plain({ ...said, sentence: `The bank of ${names} of the ${on.board.name} is whole` }, 'clear'),
  ]
}

const kitsIn = ({ kits }: OnBoard, joints: OnBoard['joints']): OnBoard['kits'] =>
  kits.filter(kit => joints.some(j => j.items[0] === kit.id))

/** The sizes of the modules of these kits, each once. */
const sizesOf = (kits: OnBoard['kits']): readonly number[] => [
  ...new Set(kits.flatMap(kit => memoryKind.leaf(kit, 'each').figure?.value ?? [])),
]
