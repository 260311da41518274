// Commands on what is kept of a copy: its serial, its purchase, what was looked at on arrival, its pictures.
import { z } from 'zod'
import { ARRIVAL_CHECKS, buildSchema, itemSchema, type Build, type StoredItem } from './build'
import { defineCommand } from './command'
import { findItem, isItem, withItem } from './item-commands'

export const setSerial = defineCommand({
  name: 'setSerial',
  args: z.looseObject({ id: z.string(), serial: z.string().trim(), at: z.string() }),
  run(build, { id, serial }) {
    const item = findItem(build, id)
    if (!isItem(item)) return item
    return {
      build: withItem(build, id, ({ serial: _before, ...i }) =>
        serial === '' ? i : { ...i, serial },
      ),
      inverse: { do: 'setSerial', id, serial: item.serial ?? '' },
      line:
        serial === ''
          ? `${item.part.model}: serial cleared`
          : `${item.part.model}: serial ${serial}`,
    }
  },
})

type Purchase = NonNullable<StoredItem['purchase']>
const withPurchase = (build: Build, id: string, purchase: Purchase): Build =>
  withItem(build, id, ({ purchase: _before, ...i }) =>
    Object.keys(purchase).length === 0 ? i : { ...i, purchase },
  )
const FIELDS = {
  shop: 'shop',
  from: 'pay at most',
  arrives: 'arrives',
  returnBy: 'return by',
} as const
const field = itemSchema.shape.purchase.unwrap().shape

/** One fact of a purchase; `null` clears it. */
export const setPurchase = defineCommand({
  name: 'setPurchase',
  args: z.looseObject({
    id: z.string(),
    at: z.string(),
    shop: field.shop.nullable(),
    from: field.from.nullable(),
    arrives: field.arrives.nullable(),
    returnBy: field.returnBy.nullable(),
  }),
  run(build, { id, ...args }) {
    const item = findItem(build, id)
    if (!isItem(item)) return item
    const given = (Object.keys(FIELDS) as (keyof typeof FIELDS)[]).filter(
      key => args[key] !== undefined,
    )
    if (given.length === 0)
      return {
        problem:
          'Nothing was given. Enter a shop, a price, a day of arrival or a last day to return.',
      }
    const kept = Object.entries(item.purchase ?? {}).filter(([key]) => !given.some(g => g === key))
    const put = given.flatMap(key =>
      args[key] === null || args[key] === '' ? [] : [[key, args[key]]],
    )
    return {
      build: withPurchase(build, id, Object.fromEntries([...kept, ...put])),
      inverse: {
        do: 'setPurchase',
        id,
        ...Object.fromEntries(given.map(key => [key, item.purchase?.[key] ?? null])),
      },
      line: `${item.part.model}: ${given.map(key => `${FIELDS[key]} ${args[key] ?? 'cleared'}`).join(', ')}`,
    }
  },
})

/** One of the things to look at on arrival: seen, or not yet after all. */
export const checkArrival = defineCommand({
  name: 'checkArrival',
  args: z.looseObject({
    id: z.string(),
    check: z.enum(ARRIVAL_CHECKS),
    seen: z.boolean(),
    at: z.string(),
  }),
  run(build, { id, check, seen }, at) {
    const item = findItem(build, id)
    if (!isItem(item)) return item
    const { [check]: before, ...others } = item.purchase?.checked ?? {}
    const checked = seen ? { ...others, [check]: at } : others
    const { checked: _old, ...rest } = item.purchase ?? {}
    return {
      build: withPurchase(
        build,
        id,
        Object.keys(checked).length === 0 ? rest : { ...rest, checked },
      ),
      inverse: { do: 'checkArrival', id, check, seen: before !== undefined },
      line: `${item.part.model}: ${check} ${seen ? 'looked at on arrival' : 'not looked at'}`,
    }
  },
})

const photo = buildSchema.shape.photos.unwrap().element

/** A picture of an item, a joint or a task. The picture itself is kept beside the document, by its id. */
export const attach = defineCommand({
  name: 'attach',
  args: z.looseObject({ photo, at: z.string() }),
  run(build, { photo: one }) {
    if (build.photos.some(p => p.id === one.id))
      return {
        problem: `${build.name} already has a picture "${one.id}". Give the new one another id.`,
      }
    return {
      build: { ...build, photos: [...build.photos, one] },
      inverse: { do: 'detach', id: one.id },
      line: `Picture${one.name ? ` of ${one.name}` : ''}`,
    }
  },
})

export const detach = defineCommand({
  name: 'detach',
  args: z.looseObject({ id: z.string(), at: z.string() }),
  run(build, { id }) {
    const one = build.photos.find(p => p.id === id)
    if (!one) return { problem: 'This picture is not here any more.' }
    return {
      build: { ...build, photos: build.photos.filter(p => p.id !== id) },
      inverse: { do: 'attach', photo: one },
      line: `Removed a picture${one.name ? ` of ${one.name}` : ''}`,
    }
  },
})
