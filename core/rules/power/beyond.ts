// What is declared to run beyond its rating: by how much, and what that asks for.
import { number } from '../../figures/format'
import { readFigure, type StoredFigure } from '../../figures/units'
import { kindOf, type Item } from '../../parts'
import { BEYOND } from '../../parts/beyond'
import { at } from '../../parts/paths'
import { plain, type Because } from '../finding'
import { items } from '../../plan/items'
import { rule } from '../rule'
import { every } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

interface Declared {
  readonly id: string
  readonly name: string
  readonly kind: 'processor' | 'card'
  readonly rated: number | null
  readonly runs: number
  /** Jumpers of the boards that set a clock or a voltage, as old boards have them. */
  readonly jumpers: readonly string[]
}

export const powerBeyond = rule({
  id: 'power/beyond',
  stage: 'power',
  question: 'Does anything run beyond its rating, and what does that ask for?',
  source: SOURCE.practice,
  needs: { items },
  inputs: s => {
    const jumpers = every(s, 'board').flatMap(b =>
      (b.part.jumpers ?? []).filter(j => SETS_SPEED.test(j.sets)).map(j => j.label),
    )
    return s.items.flatMap(item => declaredOf(item, jumpers))
  },
  judge({ id, name, kind, rated, runs, jumpers }) {
    const because: readonly Because[] = [
      {
        fact: `rating of the ${name}`,
        value: rated === null ? '?' : whole(rated),
        basis: rated === null ? 'missing' : 'spec',
        source: SOURCE.maker,
      },
      { fact: 'declared', value: whole(runs), basis: 'plan', source: 'as you entered it' },
    ]
    const said = { rule: 'power/beyond', stage: 'power', about: [id], because } as const
    if (rated !== null && runs <= rated)
      return [
        plain(
          {
            ...said,
            sentence: `The ${name} is held below its rating: ${whole(runs)} of ${whole(rated)}`,
          },
          'clear',
        ),
      ]
    const instead = rated === null ? '' : ` instead of ${whole(rated)}`
    return [
      plain(
        {
          ...said,
          sentence: `The ${name} runs beyond its rating, as you declared: ${whole(runs)}${instead}`,
          wayOut: `${ASKS_FOR[kind]} ${settingsOf(jumpers)} Its warranty may end; test it for hours.`,
        },
        'watch',
      ),
    ]
  },
})

/** Nobody rates a processor to tenths of a watt. */
const whole = (watts: number): string => `${number(watts, 0)} W`

const ASKS_FOR: Record<Declared['kind'], string> = {
  processor: 'It wants every processor power plug of the board, and a cooler for that heat.',
  card: 'It wants each of its power plugs from a cable of its own, and air.',
}
const SETS_SPEED = /clock|multiplier|voltage|speed|bus/i
const settingsOf = (jumpers: readonly string[]): string =>
  jumpers.length > 0
    ? `Set ${jumpers.join(', ')} for it, with the power off.`
    : 'Set its power limit in the firmware.'

function declaredOf(item: Item, jumpers: readonly string[]): readonly Declared[] {
  const { kind } = item.part
  if (item.rated === undefined || (kind !== 'processor' && kind !== 'card')) return []
  const watts = (stored: unknown): number | null =>
    readFigure(stored as StoredFigure | undefined, 'W')?.value ?? null
  const runs = watts(at(item.part, BEYOND[kind] ?? ''))
  if (runs === null || !kindOf(item).figures.has(BEYOND[kind] ?? '')) return []
  const own = kind === 'processor' ? jumpers : []
  return [{ id: item.id, name: item.name, kind, rated: watts(item.rated), runs, jumpers: own }]
}
