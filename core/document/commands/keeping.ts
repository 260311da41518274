// Commands on what is kept of a copy: its serial, its purchase, what was looked at on arrival, its
// pictures.
import type { Build, StoredItem } from '../build'
import { entriesOf, withEntries } from '../canonical'
import { putBack, takenOut } from './taken-out'
import type { Specs } from '../command'
import { findItem, isItem, named, withItem } from './items'

type Purchase = NonNullable<StoredItem['purchase']>
const withPurchase = (build: Build, id: string, purchase: Purchase): Build =>
  withItem(build, id, i => ({ ...i, purchase }))

const FIELDS = {
  shop: 'shop',
  from: 'pay at most',
  arrives: 'arrives',
  returnBy: 'return by',
} as const
const FIELD_KEYS = Object.keys(FIELDS) as readonly (keyof typeof FIELDS)[]

function withChecked(
  build: Build,
  item: StoredItem,
  seen: Readonly<Record<string, string | null>>,
): Build {
  const checked = withEntries<string>(item.purchase?.checked ?? {}, seen)
  return withPurchase(build, item.id, { ...item.purchase, checked })
}

const ofWhat = (name: string): string => (name ? ` of ${name}` : '')

export const keepingCommands: Specs<
  | 'setSerial'
  | 'setPurchase'
  | 'checkArrival'
  | 'setChecked'
  | 'sendBack'
  | 'putPurchase'
  | 'attach'
  | 'detach'
  | 'putPhoto'
> = {
  setSerial: {
    run(build, { id, serial }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      return {
        build: withItem(build, id, i => ({ ...i, serial })),
        back: { do: 'setSerial', id, serial: item.serial ?? '' },
        about: named(item),
      }
    },
    line: ({ serial }, { item }) =>
      serial === '' ? `${item}: serial cleared` : `${item}: serial ${serial}`,
  },

  /** Facts of a purchase; `null` clears one. */
  setPurchase: {
    run(build, { id, ...args }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const given = FIELD_KEYS.filter(key => args[key] !== undefined)
      if (given.length === 0)
        return {
          problem:
            'Nothing was given. Enter a shop, a price, a day of arrival or a last day to return.',
        }
      const put = Object.fromEntries(given.map(key => [key, args[key] ?? undefined]))
      const before = Object.fromEntries(given.map(key => [key, item.purchase?.[key] ?? null]))
      return {
        build: withPurchase(build, id, { ...item.purchase, ...put }),
        back: { do: 'setPurchase', id, ...before },
        about: named(item),
      }
    },
    line: (args, { item }) => {
      const given = FIELD_KEYS.filter(key => args[key] !== undefined)
      return `${item}: ${given.map(key => `${FIELDS[key]} ${args[key] ?? 'cleared'}`).join(', ')}`
    },
  },

  /** One of the things to look at on arrival: seen, or not yet after all. */
  checkArrival: {
    run(build, { id, check, seen }, at) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      return {
        build: withChecked(build, item, { [check]: seen ? at : null }),
        back: { do: 'setChecked', id, check, when: item.purchase?.checked?.[check] ?? null },
        about: named(item),
      }
    },
    line: ({ check, seen }, { item }) =>
      `${item}: ${check} ${seen ? 'looked at on arrival' : 'not looked at'}`,
  },

  /** When one of these was looked at, as it was: takes `checkArrival` back. */
  setChecked: {
    run(build, { id, check, when }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      return {
        build: withChecked(build, item, { [check]: when }),
        back: { do: 'setChecked', id, check, when: item.purchase?.checked?.[check] ?? null },
        about: named(item),
      }
    },
    line: ({ check }, { item }) => `${item}: ${check} as before`,
  },

  /**
   * A copy that arrived and is not right goes back: another has to come, and is looked at anew. What
   * was done with it in the machine already comes out.
   */
  sendBack: {
    run(build, { id, why }, at) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      if (item.state !== 'have' && item.state !== 'spare')
        return {
          problem:
            `${item.part.model} is not here yet: what is ${item.state} cannot go back. ` +
            'Cancel it at the shop, or change its state.',
        }
      const { checked: _c, arrives: _a, returnBy: _r, ...kept } = item.purchase ?? {}
      const { build: rest, before } = takenOut(build, item)
      const sentBack = [...(kept.sentBack ?? []), { on: at, why }]
      return {
        build: withItem(rest, id, i => ({
          ...i,
          state: 'wanted',
          purchase: { ...kept, sentBack },
        })),
        back: {
          ...{ do: 'putPurchase', id, state: item.state, purchase: item.purchase ?? null },
          ...{ entries: before.entries, leaving: [...before.leaving] },
        },
        about: named(item),
      }
    },
    line: ({ why }, { item }) => `${item} goes back to the shop: ${why}`,
  },

  /** A purchase and a state as they were: takes `sendBack` back. */
  putPurchase: {
    run(build, { id, state, purchase, entries, leaving }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const put = withItem(build, id, ({ purchase: _, ...i }) => ({
        ...{ ...i, state },
        ...(purchase ? { purchase } : {}),
      }))
      const before = {
        entries: entriesOf(build.progress, Object.keys(entries ?? {})),
        leaving: [...(build.leaving ?? [])],
      }
      return {
        build: putBack(put, { entries, leaving }),
        back: {
          ...{ do: 'putPurchase', id, state: item.state, purchase: item.purchase ?? null },
          ...before,
        },
        about: named(item),
      }
    },
    line: (_, { item }) => `${item}: as before it went back`,
  },

  /**
   * A picture of an item, a joint or a task. The picture itself is kept beside the document, by its
   * id.
   */
  attach: {
    run(build, { photo }) {
      if (build.photos.some(p => p.id === photo.id))
        return {
          problem: `${build.name} already has a picture "${photo.id}". Give the new one another id.`,
        }
      return {
        build: { ...build, photos: [...build.photos, photo] },
        back: { do: 'detach', id: photo.id },
      }
    },
    line: ({ photo }) => `Picture${ofWhat(photo.name)}`,
  },

  detach: {
    run(build, { id }) {
      const photo = build.photos.find(p => p.id === id)
      if (!photo) return { problem: 'This picture is not here any more.' }
      return {
        build: { ...build, photos: build.photos.filter(p => p !== photo) },
        back: { do: 'putPhoto', photo, place: build.photos.indexOf(photo) },
        about: { name: photo.name },
      }
    },
    line: (_, { name = '' }) => `Removed a picture${ofWhat(name)}`,
  },

  /** A picture back in its place among the others: takes `detach` back. */
  putPhoto: {
    run: (build, { photo, place }) => ({
      build: { ...build, photos: build.photos.toSpliced(place, 0, photo) },
      back: { do: 'detach', id: photo.id },
    }),
    line: ({ photo }) => `Picture${ofWhat(photo.name)}`,
  },
}
