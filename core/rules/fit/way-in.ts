// Does everything get to its place, past what of the case stands inside and past what is in already?
import { ofPart, quantity } from '../../figures/format'
import { items, names } from '../../plan/items'
import { piecesOf, type Piece } from '../../parts/pieces'
import type { InTheWay } from '../../plan/way-out'
import { waysIn } from '../../plan/ways-in'
import { SOURCE } from '../../standards/sources'
import { plain, type Finding } from '../finding'
import { rule } from '../rule'

interface Blocked extends InTheWay {
  readonly names: readonly [string, string]
  /** The piece that comes out, and what that takes; null for what is fixed or a part. */
  readonly comesOut: Piece | null
}

const ID = { rule: 'fit/way-in', stage: 'fit' } as const

export const wayIn = rule({
  id: ID.rule,
  stage: ID.stage,
  question: 'Does everything get to its place, past what stands there already?',
  source: SOURCE.practice,
  needs: { items, names, waysIn },
  inputs: ({ items, names, waysIn }): readonly Blocked[] => {
    const pairs = new Set(waysIn.map(w => `${w.first} ${w.then ?? ''}`))
    /** Each in the way of the other: no order helps. */
    const isMutual = ({ first, then, of }: InTheWay): boolean =>
      of === 'body' && then !== null && first < then && pairs.has(`${then} ${first}`)
    return waysIn
      .filter(w => w.piece !== null || isMutual(w))
      .map(w => {
        const pc = items.find(i => i.id === w.piece?.item)
        const comesOut = pc && piecesOf(pc.part).find(p => p.key === w.piece?.piece)
        const called = (item: string): string => names.get(item) ?? ''
        return { ...w, comesOut: comesOut ?? null, names: [called(w.items[0]), called(w.items[1])] }
      })
  },
  key: ({ first, then, piece }) => `${first} ${then ?? piece?.key ?? ''}`,
  judge: blocked => [findingOf(blocked)],
})

function findingOf({
  items,
  first,
  then,
  piece,
  what,
  mm,
  tol,
  assumed,
  names,
  comesOut,
}: Blocked): Finding {
  const blocker = `the ${ofPart(what, names[1])}`
  return plain(
    {
      ...{ ...ID, about: items, joints: [first, ...(then === null ? [] : [then])], assumed },
      ...(piece ? { part: piece.key } : {}),
      sentence: `The ${names[0]} on the way to its place: ${blocker} stands ${quantity(mm, 'mm')} in it`,
      wayOut: comesOut
        ? `Take the ${comesOut.label} out for it${screwsOf(comesOut)} and put it back after.`
        : 'Try it empty, tilted; another place for one of the two where it does not pass.',
      because: [
        {
          fact: 'how far it stands in the way',
          value: `${quantity(mm, 'mm')} ± ${quantity(tol, 'mm')}`,
          ...{ basis: 'assumed', source: 'worked out' },
        },
      ],
    },
    comesOut ? 'watch' : 'measure',
  )
}
const screwsOf = ({ screws }: Piece): string => {
  if (screws === null) return ''
  return screws === 1 ? ' (1 screw)' : ` (${screws} screws)`
}
