// What the schema of a kind takes at a path of a table.
import { keysOf } from '../../parts/paths'
import { KINDS, type PartKind } from '../../parts'
import { bare, fieldIn, type Node } from '../../schema/node'

const nodes = new Map<string, Node | null>()

/** What stands at a path, without its wrappers; null where the kind has nothing there. */
export function nodeAt(kind: PartKind, path: string): Node | null {
  const name = `${kind} ${path}`
  const known = nodes.get(name)
  if (known !== undefined) return known
  const keys = keysOf(path)
  const reached = keys.reduce<Node | null>(
    (here, key) => here && fieldIn(here, key),
    KINDS[kind].schema,
  )
  const found = reached && bare(reached).node
  nodes.set(name, found)
  return found
}

export const isText = (node: Node): boolean =>
  ['string', 'enum', 'literal'].includes(bare(node).type)
