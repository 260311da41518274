// What a machine still lacks, in the order in which it is built: what is to come in next.
import { specOf, type Item, type PartKind } from '../parts'
import { stage } from '../pipeline/stage'
import { plainItems } from '../plan/items'

export interface MissingKind {
  readonly kind: PartKind
  readonly title: string
  readonly why: string
}

const NEEDED: readonly (readonly [PartKind, string])[] = [
  ['case', 'it says which boards, cards and supplies have room'],
  ['board', 'everything is plugged into it'],
  ['processor', 'without it nothing starts'],
  ['memory', 'without it nothing starts'],
  ['cooler', 'the processor stops without one'],
  ['supply', 'it says what is fed, and by which plugs'],
  ['drive', 'the system lies on it'],
]

/** Kinds of which none is in the build; a graphics card where the processor draws no picture. */
export const stillMissing = stage(
  'still-missing',
  { items: plainItems },
  ({ items }): readonly MissingKind[] => [
    ...NEEDED.filter(([kind]) => !items.some(i => i.part.kind === kind)).map(lineOf),
    ...(needsPicture(items)
      ? [lineOf(['card', 'the processor draws no picture: a graphics card does'])]
      : []),
  ],
)

const lineOf = ([kind, why]: readonly [PartKind, string]): MissingKind => ({
  ...{ kind, why },
  title: specOf(kind).title,
})

const needsPicture = (items: readonly Item[]): boolean =>
  items.some(({ part }) => part.kind === 'processor' && part.picture === false) &&
  !items.some(({ part }) => part.kind === 'card' && part.does === 'graphics')
