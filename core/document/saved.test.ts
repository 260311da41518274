// Every file that the program of its time saved opens, and everything that was in it is there.
import { readdirSync, readFileSync } from 'node:fs'
import { analyse } from '../analysis/analyse'
import { isProblem } from './command'
import { entryLine } from './log'
import { openFile } from './open'

const ROOT = new URL('../../saved/', import.meta.url)
const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
  .filter(name => name.endsWith('.juntura.json'))
  .sort()

interface Raw {
  readonly version: number
  readonly builds: readonly {
    readonly name: string
    readonly items: readonly { readonly id: string }[]
    readonly progress: object
    readonly log: readonly { readonly line?: string }[]
  }[]
  readonly parts: readonly { readonly id: string }[]
  readonly photos?: object
}

test('there are examples of every version', () => {
  expect(files.length).toBeGreaterThanOrEqual(6)
})

describe.each(files)('%s', name => {
  const text = readFileSync(new URL(name, ROOT), 'utf8')
  const raw = JSON.parse(text) as Raw
  const read = openFile(text, name)
  if (isProblem(read)) throw new Error(read.problem)

  test('opens with every build, item, step done, line of the log, part and picture', () => {
    expect(read.builds.map(({ build }) => build.name)).toEqual(raw.builds.map(b => b.name))
    for (const [i, { build, log }] of read.builds.entries()) {
      expect(build.items.map(item => item.id)).toEqual(raw.builds[i]?.items.map(item => item.id))
      expect(Object.keys(build.progress).sort()).toEqual(
        Object.keys(raw.builds[i]?.progress ?? {}).sort(),
      )
      expect(log).toHaveLength(raw.builds[i]?.log.length ?? -1)
      for (const entry of log) expect(entryLine(entry)).not.toMatch(/another version|undefined/)
    }
    expect(read.parts.map(p => p.id)).toEqual(raw.parts.map(p => p.id))
    expect(Object.keys(read.photos)).toEqual(Object.keys(raw.photos ?? {}))
  })

  test('is analysed: each build has its steps', () => {
    for (const { build } of read.builds)
      if (build.items.length > 1)
        expect(analyse(build).horizons.then.order.steps.length).toBeGreaterThan(10)
  })
})
