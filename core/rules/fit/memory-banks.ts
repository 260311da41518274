// Old boards: is each bank filled whole, with modules of one size, the first bank first?
import { asking, plain } from '../finding'
import { memory as memoryKind } from '../../parts/memory'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { counted, listed } from '../../figures/format'
import { banksOf, type Bank } from './banks'
import { figureAsked } from './kits'

export const memoryBanks = rule({
  id: 'fit/memory-banks',
  stage: 'fit',
  question: 'Is every bank of memory filled whole, with modules or chips of one size?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: banksOf,
  judge: bank => [incomplete(bank) ?? uneven(bank) ?? afterEmpty(bank) ?? whole(bank)],
})

const bankOf = ({ slots, holder }: Bank): string =>
  `The bank of ${listed(slots)} of the ${holder.name}`

const about = ({ holder, kits, number, slots, filled, joints }: Bank) =>
  ({
    rule: 'fit/memory-banks',
    stage: 'fit',
    about: [...kits.map(k => k.id), holder.id],
    part: String(number),
    joints,
    because: [
      { fact: 'one bank', value: listed(slots), basis: 'spec', source: SOURCE.maker },
      { fact: 'filled in it', value: filled.join(' '), basis: 'plan', source: 'the plan' },
    ],
  }) as const

/** Slots that stay empty, or sockets in a row of chips. */
function incomplete(bank: Bank) {
  const free = bank.slots.filter(slot => !bank.filled.includes(slot))
  if (free.length > 0) {
    const sentence =
      `${bankOf(bank)} is filled in part: ${listed(free)} ` +
      `${free.length === 1 ? 'stays' : 'stay'} empty, and it does not start`
    const wayOut = `The same again for ${listed(free)}, or nothing in this bank.`
    return plain({ ...about(bank), sentence, wayOut }, 'stop')
  }
  const [row] = bank.short
  if (!row) return null
  const lacks = `${bankOf(bank)} lacks ${counted(row.lacks, 'chip')} in ${row.slot}`
  if (row.lacks > 1)
    return plain(
      {
        ...about(bank),
        sentence: `${lacks}: it does not start`,
        wayOut: 'Nine chips to a row: eight for the bits, the ninth for parity.',
      },
      'stop',
    )
  return plain(
    {
      ...about(bank),
      sentence: `${lacks}, the one for parity: whether the board runs without it is not known`,
      wayOut: 'Read its manual: some can switch the parity check off. Else a ninth chip.',
    },
    'measure',
  )
}

/** Sizes that differ, or one that is not stated beside another kit. */
function uneven(bank: Bank) {
  const { kits } = bank
  const sizes = new Set(kits.flatMap(kit => memoryKind.leaf(kit, 'each').figure?.value ?? []))
  const unsaid = kits.find(kit => !memoryKind.leaf(kit, 'each').figure)
  if (unsaid && kits.length > 1) return asking(about(bank), figureAsked(unsaid, 'each'))
  if (sizes.size <= 1) return null
  const sentence = `${bankOf(bank)} holds modules of ${sizes.size} sizes`
  return plain({ ...about(bank), sentence, wayOut: 'Modules of one size in each bank.' }, 'stop')
}

function afterEmpty(bank: Bank) {
  const [first] = bank.before
  if (!first) return null
  return plain(
    {
      ...about(bank),
      sentence: `${bankOf(bank)} is filled and the one before it, ${listed(first)}, is empty`,
      wayOut: 'Most boards want the first bank first: read its manual, or move the modules.',
    },
    'watch',
  )
}

const whole = (bank: Bank) =>
  plain({ ...about(bank), sentence: `${bankOf(bank)} is whole` }, 'clear')
