// A part leaves a build, or another one takes its place: what came with it and is not bought now goes too, and
// what comes with the new one is added, as one step.
import type { SingleCommand } from '../../core/document/command-schema'
import { isProblem, type Problem } from '../../core/document/command'
import type { StoredItem } from '../../core/document/build'
import { alongWith } from '../../core/stages/comes-with'
import type { Outcome } from './acts'
import type { Edits } from './edits'
import type { Shelf } from './shelf/shelf'
import type { Store } from './store'

interface On {
  readonly edits: Edits
  readonly shelf: Shelf
  readonly store: Store
}

export async function swapFor(
  on: On,
  {
    build,
    item,
    part: id,
  }: { readonly build: string; readonly item: string; readonly part: string },
): Promise<Outcome | Problem> {
  const part = on.shelf.part(id)
  if (!part) return { problem: 'This part is not on the shelf any more. Nothing was changed.' }
  return together(on, build, {
    command: { do: 'swapPart', id: item, part, figures: {} },
    after: items =>
      items.map(i => (i.id === item ? { ...i, part, bare: undefined, fitted: undefined } : i)),
    title: was => `Swapped ${was} for ${part.model}`,
  })
}

export const takeOut = (
  on: On,
  { build, item }: { readonly build: string; readonly item: string },
): Promise<Outcome | Problem> =>
  together(on, build, {
    command: { do: 'removeItem', id: item },
    after: items => items.filter(i => i.id !== item),
    title: was => `Removed ${was}`,
  })

interface Change {
  readonly command: SingleCommand
  readonly after: (items: readonly StoredItem[]) => readonly StoredItem[]
  readonly title: (model: string) => string
}

/** The command alone where nothing comes along. */
async function together(on: On, id: string, change: Change): Promise<Outcome | Problem> {
  const { command } = change
  const build = await on.store.build(id)
  if (isProblem(build)) return build
  const along = alongWith(build.items, change.after(build.items))
  if (along.length === 0) return on.edits.run(id, command)
  const was = build.items.find(i => 'id' in command && i.id === command.id)?.part.model ?? ''
  const title = `${change.title(was)}, with what came along`
  return on.edits.run(id, { do: 'together', commands: [command, ...along], title })
}
