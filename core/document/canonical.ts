// One order of keys for one content: a change that is taken back leaves the very bytes that were
// there before it.
import { buildSchema, itemSchema, type Build, type StoredItem } from './build'

type Fields = Record<string, unknown>

const byName = ([a]: readonly [string, unknown], [b]: readonly [string, unknown]): number => {
  if (a === b) return 0
  return a < b ? -1 : 1
}

/** A record with its keys in the order of their letters. */
export const inKeyOrder = <V>(record: Readonly<Record<string, V>>): Record<string, V> =>
  Object.fromEntries(Object.entries(record).sort(byName))

/** A record with some entries put otherwise, `null` taking one out; its keys in order. */
export function withEntries<V>(
  record: Readonly<Record<string, V>>,
  entries: Readonly<Record<string, V | null>>,
): Record<string, V> {
  const kept = Object.entries(record).filter(([key]) => !Object.hasOwn(entries, key))
  const put = Object.entries(entries).flatMap(([key, value]) =>
    value === null ? [] : [[key, value] as const],
  )
  return Object.fromEntries([...kept, ...put].sort(byName))
}

/**
 * What stands under these keys of a record now, `null` where nothing does: what brings it back
 * later.
 */
export const entriesOf = <V>(
  record: Readonly<Record<string, V>>,
  keys: readonly string[],
): Record<string, V | null> =>
  Object.fromEntries(
    keys.map(key => [key, Object.hasOwn(record, key) ? (record[key] ?? null) : null]),
  )

/** Known fields in the order of their schema, then the others in the order in which they came. */
function inSchemaOrder<T extends object>(shape: object, value: T): T {
  const known = Object.keys(shape).filter(key => (value as Fields)[key] !== undefined)
  const others = Object.keys(value).filter(key => !(key in shape))
  return Object.fromEntries([...known, ...others].map(key => [key, (value as Fields)[key]])) as T
}

const isEmpty = (value: unknown): boolean =>
  value === undefined ||
  value === null ||
  value === '' ||
  (typeof value === 'object' && Object.keys(value).length === 0)

/** Without the optional fields that say nothing. */
function withoutEmpty<T extends object>(value: T, optional: readonly (keyof T)[]): T {
  const silent = optional.filter(key => isEmpty(value[key]))
  return Object.fromEntries(
    Object.entries(value).filter(([key]) => !silent.some(s => s === key)),
  ) as T
}

/** An item with its fields and records in order; what is optional and says nothing is left out. */
export function itemInOrder(item: StoredItem): StoredItem {
  const checked = inKeyOrder(item.purchase?.checked ?? {})
  const purchase = withoutEmpty({ ...item.purchase, checked }, [
    'shop',
    'from',
    'arrives',
    'returnBy',
    'sentBack',
    'checked',
  ])
  const whole = {
    ...item,
    figures: inKeyOrder(item.figures),
    marks: inKeyOrder(item.marks ?? {}),
    jumpers: inKeyOrder(item.jumpers ?? {}),
    purchase: inSchemaOrder(itemSchema.shape.purchase.unwrap().shape, purchase),
  }
  return inSchemaOrder(
    itemSchema.shape,
    withoutEmpty(whole, [
      'serial',
      'paid',
      'note',
      'bare',
      'fitted',
      'beyond',
      'jumpers',
      'out',
      'cuts',
      'marks',
      'purchase',
    ]),
  )
}

/** Choices in the order of their schema; what may be left out and says nothing is left out. */
export const choicesInOrder = (choices: Build['choices']): Build['choices'] =>
  inSchemaOrder(
    buildSchema.shape.choices.unwrap().shape,
    withoutEmpty(choices, ['orderWeights', 'purpose', 'wants', 'runs', 'practices', 'system']),
  )

/** A build with its fields in the order of the schema. */
export const buildInOrder = (build: Build): Build => inSchemaOrder(buildSchema.shape, build)

/** A build with the keys of all its records in order. Its content is the same. */
export function canonical(build: Build): Build {
  const { choices } = build
  return inSchemaOrder(buildSchema.shape, {
    ...build,
    items: build.items.map(itemInOrder),
    choices: {
      ...choices,
      ...(choices.wants && { wants: inKeyOrder(choices.wants) }),
      ...(choices.orderWeights && { orderWeights: inKeyOrder(choices.orderWeights) }),
      ...(choices.practices && { practices: inKeyOrder(choices.practices) }),
      pins: inKeyOrder(choices.pins),
      leftOpen: inKeyOrder(choices.leftOpen),
      accepted: inKeyOrder(choices.accepted),
    },
    progress: inKeyOrder(build.progress),
  })
}
