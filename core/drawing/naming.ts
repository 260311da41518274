// What of a drawing gets a name, and which: the things that sit in the machine, and the sockets in use.
import type { Joint, Outline } from '../joining/joint'
import type { Named } from './captions'
import type { Flat, Shape } from './flat'
import { socketShape } from './socket-shape'
import type { View } from './views'

/** Named choice: how many letters a name has at most; a note, in smaller ones, has one more. */
export const COLUMN = 15

type Nameable = Pick<Shape, 'id' | 'item' | 'kind' | 'name' | 'note' | 'rect'>

/**
 * What gets a name, the most telling first: every thing that sits in the machine, once, where its
 * largest piece is seen; from behind first what is seen there.
 */
export function named({ view, shapes, hidden }: Flat & { readonly view: View }): readonly Named[] {
  const found = new Map<string, Nameable>()
  const away = new Set(view === 'behind' ? hidden.map(h => h.id) : [])
  for (const sh of [...shapes, ...hidden].filter(({ kind }) => TELLING.includes(kind))) {
    const key = `${sh.item ?? ''} ${sh.name} ${sh.note}`
    const known = found.get(key)
    if (!known || sh.rect.w * sh.rect.h > known.rect.w * known.rect.h) found.set(key, sh)
  }
  return [...found.values()]
    .sort(
      (a, b) =>
        Number(away.has(a.id)) - Number(away.has(b.id)) ||
        TELLING.indexOf(a.kind) - TELLING.indexOf(b.kind),
    )
    .map(({ id, item, kind, name, note, rect }) => ({
      // A piece of the case does not light with every matter of the case.
      ...{
        id,
        item: kind === 'piece' ? null : item,
        name: shortened(name, COLUMN),
        note: shortened(note, COLUMN + 1),
      },
      tip: [rect.x + rect.w / 2, rect.y + rect.h / 2],
    }))
}
/** Named choice: what is named first where room is short. */
const TELLING: readonly string[] = [
  ...['board', 'cooler', 'card', 'supply', 'memory', 'drive', 'piece'],
  ...['fan', 'hub', 'adapter', 'bracket', 'rail', 'light', 'battery', 'beeper', 'sensor'],
]

/** A text that a column has room for: cut after a word. */
function shortened(text: string, letters: number): string {
  if (text.length <= letters) return text
  const cut = text.slice(0, letters)
  return `${cut.slice(0, Math.max(cut.lastIndexOf(' '), letters / 2))}…`
}

interface Plugged {
  readonly plugs: readonly Joint[]
  readonly outlines: ReadonlyMap<string, Outline>
}

/** The sockets of boards that something is plugged into, where they are seen; a block once. */
export function inUse(s: Plugged, { shapes }: Flat): readonly Named[] {
  const found = new Map<string, Named>()
  for (const joint of s.plugs) {
    const isPanel = joint.socketFace === 'panel-lead'
    const shape = socketShape(shapes, joint.b, isPanel)
    const [plug, socket] = [s.outlines.get(joint.a), s.outlines.get(joint.b)]
    if (!shape || !plug || !socket || found.has(shape.id)) continue
    const { x, y, w, h } = shape.rect
    found.set(shape.id, {
      ...{ id: joint.id, item: joint.items[0] },
      name: shortened(isPanel ? shape.name : socket.label, COLUMN),
      note: shortened(isPanel ? 'switches and lights' : plug.label, COLUMN + 1),
      tip: [x + w / 2, y + h / 2],
    })
  }
  return [...found.values()]
}
