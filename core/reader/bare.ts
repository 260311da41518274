// A figure alone among the points of a first line: "Alder Spire 6, 158 mm, two fans". What it measures is
// not said; there is one thing that people give so.
import type { Unit } from '../figures/units'
import type { PartKind } from '../parts'
import { measuresIn } from './measures'
import type { Notes } from './notes'
import type { Sheet } from './statements'

interface Meant {
  readonly unit: Unit
  readonly path: string
  readonly why: string
}
const MEANT: Partial<Record<PartKind, Meant>> = {
  cooler: { unit: 'mm', path: 'height', why: 'said without a word: most likely its height' },
  memory: { unit: 'mm', path: 'height', why: 'said without a word: most likely its height' },
  card: { unit: 'mm', path: 'length', why: 'said without a word: most likely its length' },
  supply: { unit: 'mm', path: 'length', why: 'said without a word: most likely its length' },
  processor: {
    ...{ unit: 'W', path: 'power.sustained' },
    why: 'said without a word: most likely its cooling class; the limit that lasts may be higher',
  },
}

export function readBare({ statements }: Sheet, notes: Notes, kind: PartKind): void {
  const meant = MEANT[kind]
  if (meant === undefined) return
  for (const s of statements.filter(one => one.line === 1 && one.label === '')) {
    const [figure, ...others] = measuresIn(s.value)
    const isAlone = figure?.words === s.value && others.length === 0
    if (isAlone && figure.unit === meant.unit)
      notes.doubt(s, { ...meant, value: figure.value }, meant.why)
  }
}
