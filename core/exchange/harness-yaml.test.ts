// The harness as YAML, read back by the library that others would read it with.
import { parse } from 'yaml'
import { avocet, plover, then } from '../test-helpers/demos'
import { harnessYaml } from './harness-yaml'

interface Read {
  readonly harness: number
  readonly machine: string
  readonly leads: readonly {
    readonly id: string
    readonly length: number | null
    readonly needs: number | null
    readonly through: readonly string[]
    readonly way: readonly { readonly side: string; readonly points: readonly number[][] }[]
  }[]
  readonly dressing: readonly { readonly side: string; readonly laid: readonly unknown[] }[]
  readonly missing: readonly { readonly plug: string; readonly short: number }[]
}
const read = (build: typeof avocet): Read => parse(harnessYaml(build, then(build))) as Read

test('each lead with its plug, its length, the holes and the corners of its way', () => {
  const { harness, machine, leads } = read(plover)
  expect([harness, machine]).toEqual([1, 'Plover'])
  expect(leads).toHaveLength(11)
  const main = leads.find(l => l.id === 'supply/main.1')
  expect(main).toMatchObject({ length: 300, through: ['lower hole in the middle wall'] })
  expect(main?.way[0]?.points.at(0)).toEqual([215, 73, 37])
  expect(main?.way.at(-1)?.points.at(-1)).toEqual([166, 85, 8])
})

test('what lies behind the tray is told apart, and what is too short is listed with what is missing', () => {
  const { leads, dressing, missing } = read(avocet)
  const sides = leads.find(l => l.id === 'supply/main.1')?.way.map(w => w.side)
  expect(sides).toEqual(['near', 'behind', 'near'])
  expect(dressing.map(d => d.side)).toEqual(['behind', 'near'])
  expect(missing.map(m => m.short)).toEqual([144])
})
