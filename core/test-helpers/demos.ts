// For tests: the demo builds, the shelf, and short ways to change and to ask.
import { readdirSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { runOn, SHOWN, type HorizonAnalysis } from '../analysis/analyse'
import { apply, type Done } from '../document/apply'
import type { Build } from '../document/build'
import type { Command as Typed } from '../document/command-schema'
import { isProblem, type Problem } from '../document/command'
import { openFile } from '../document/open'
import type { Part } from '../parts'
import { Memory } from '../pipeline/memory'
import type { Finding } from '../rules/finding'

const ROOT = fileURLToPath(new URL('../..', import.meta.url))

function read(path: string) {
  const found = openFile(readFileSync(ROOT + path, 'utf8'), path)
  if (isProblem(found)) throw new Error(found.problem)
  return found
}

function demo(name: string): Build {
  const [demo] = read(`demo/${name}.juntura.json`).builds
  if (!demo) throw new Error(`the demo ${name} holds no build`)
  return demo.build
}
export const plover = demo('plover')
export const avocet = demo('avocet')
export const curlew = demo('curlew')
export const teal = demo('teal')

export const shelf: readonly Part[] = readdirSync(`${ROOT}shelf`).flatMap(
  name => read(`shelf/${name}`).parts,
)

export function part(id: string): Part {
  const found = shelf.find(p => p.id === id)
  if (!found) throw new Error(`no part ${id} on the shelf`)
  return found
}

export const AT = '2031-03-02T09:00:00.000Z'
/** A command as a test writes it: also one with arguments that no typed caller could send. */
export type Sent = { readonly do: string; readonly [argument: string]: unknown }
export const tryCommand = (build: Build, command: Sent | Typed): Done | Problem =>
  apply(build, command as Typed, AT)

/** One command done; a problem is an error here. */
export function done(build: Build, command: Sent | Typed): Done {
  const changed = tryCommand(build, command)
  if (isProblem(changed)) throw new Error(changed.problem)
  return changed
}

/** Applies commands one after the other; a problem is an error here. */
export function change(build: Build, ...commands: readonly (Sent | Typed)[]): Build {
  return commands.reduce((b, command) => done(b, command).build, build)
}

export const swap = (id: string, to: string): Sent => ({
  do: 'swapPart',
  id,
  part: part(to),
  figures: {},
})
export const measure = (
  id: string,
  path: string,
  value: number,
  unit = 'mm',
  tol?: number,
): Sent => ({
  do: 'setFigure',
  id,
  path,
  figure: { [unit]: value, basis: 'measured', ...(tol === undefined ? {} : { tol }) },
})

/** What is said of a build, with what is wanted for it; a section is worked out when it is read. */
export function lazily(build: Build, memory: Memory): HorizonAnalysis {
  const run = runOn(build, 'then', memory)
  const sections: PropertyDescriptorMap = {}
  for (const [name, section] of Object.entries(SHOWN))
    sections[name] = { enumerable: true, get: () => run.value<unknown>(section) }
  return Object.defineProperties({}, sections) as HorizonAnalysis
}

const known = new WeakMap<Build, HorizonAnalysis>()
/** As `lazily`, by itself; the same build is looked at once. */
export function then(build: Build): HorizonAnalysis {
  const here = known.get(build) ?? lazily(build, new Memory())
  known.set(build, here)
  return here
}

/** The finding of that id, or the one that begins so; an error when there is none or several. */
export function finding(h: HorizonAnalysis, start: string): Finding {
  const exact = h.findings.find(f => f.id === start)
  if (exact) return exact
  const found = h.findings.filter(f => f.id.startsWith(start))
  if (found.length !== 1 || !found[0])
    throw new Error(
      `${found.length} findings begin with ${start}: ${found.map(f => f.id).join(', ')}`,
    )
  return found[0]
}

/** Ids of the findings whose verdict is not the same in both, appeared or disappeared. */
export function flipped(before: Build, after: Build): readonly string[] {
  const verdicts = (b: Build) => new Map(then(b).findings.map(f => [f.id, f.verdict]))
  const [was, is] = [verdicts(before), verdicts(after)]
  return [...new Set([...was.keys(), ...is.keys()])].filter(id => was.get(id) !== is.get(id)).sort()
}

/** Ids of the findings that are open in one and not in the other. */
export function opened(
  before: Build,
  after: Build,
): { readonly gone: readonly string[]; readonly come: readonly string[] } {
  const open = (b: Build): readonly string[] =>
    then(b)
      .findings.filter(f => f.verdict !== 'clear')
      .map(f => f.id)
  const [was, is] = [open(before), open(after)]
  return {
    gone: was.filter(id => !is.includes(id)).sort(),
    come: is.filter(id => !was.includes(id)).sort(),
  }
}

/** The snapshot of an item’s part with some of its fields otherwise. */
export function altered(
  build: Build,
  id: string,
  fields: (part: Readonly<Record<string, unknown>>) => object,
): Sent {
  const item = build.items.find(i => i.id === id)
  if (!item) throw new Error(`no item ${id}`)
  return { do: 'swapPart', id, part: { ...item.part, ...fields(item.part) }, figures: item.figures }
}
