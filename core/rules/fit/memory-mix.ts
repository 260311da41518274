// Kits side by side: are their modules alike?
import { quantity } from '../../figures/format'
import { asking, plain, type Because } from '../finding'
import { memory as memoryKind } from '../../parts/memory'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { about, figureAsked, onBoard, type OnBoard } from './kits'

/** What the modules of a kit may differ in, and what that costs. */
const TRAITS = [
  { path: 'each', what: 'size', costs: 'what the larger have over is reached at half the width' },
  { path: 'speed', what: 'speed', costs: 'all run at the slowest' },
  {
    path: 'volts',
    what: 'voltage',
    costs: 'one setting serves all of them: the lower, and slower',
  },
] as const

/** What has to be known of every kit before they count as alike. */
const STATED = ['each', 'speed'] as const

export const memoryMix = rule({
  id: 'fit/memory-mix',
  stage: 'fit',
  question: 'Are the modules of several kits on one board alike?',
  source: SOURCE.jedec,
  needs: JOINED,
  // Of boards with banks each bank is judged by itself.
  inputs: s => onBoard(s).filter(on => on.kits.length > 1 && !on.board.part.memory.banks),
  judge(on) {
    const differing = [...TRAITS.filter(t => valuesOf(on, t.path).length > 1), ...ranksOf(on)]
    const names = on.kits.map(k => k.name).join(' and ')
    const said = {
      rule: 'fit/memory-mix',
      stage: 'fit',
      about: about(on),
      joints: on.joints.map(j => j.id),
      because: on.kits.map(becauseOf),
    } as const
    const [unsaid] = on.kits.flatMap(kit =>
      STATED.filter(path => !memoryKind.leaf(kit, path).figure).map(path => figureAsked(kit, path)),
    )
    if (differing.length === 0 && unsaid) return [asking(said, unsaid)]
    if (differing.length === 0)
      return [plain({ ...said, sentence: `${names}: modules of one size and speed` }, 'clear')]
    const what = differing.map(d => d.what).join(' and ')
    const costs = differing.map(d => d.costs).join('; ')
    return [
      plain(
        {
          ...said,
          sentence: `${names} differ in ${what}: ${costs}`,
          wayOut: 'One kit with as many modules as are wanted, or a second of the same model.',
        },
        'watch',
      ),
    ]
  },
})

function valuesOf({ kits }: OnBoard, path: (typeof TRAITS)[number]['path']): readonly number[] {
  const values = kits.flatMap(kit => memoryKind.leaf(kit, path).figure?.value ?? [])
  return [...new Set(values)]
}

const ranksOf = ({ kits }: OnBoard) =>
  new Set(kits.flatMap(k => k.part.ranks ?? [])).size > 1
    ? [{ what: 'ranks', costs: 'the board may run them slower than it promises' }]
    : []

function becauseOf(kit: OnBoard['kits'][number]): Because {
  const [each, speed] = (['each', 'speed'] as const).map(path => memoryKind.leaf(kit, path))
  const said = [each, speed].flatMap(leaf =>
    leaf?.figure ? [quantity(leaf.figure.value, leaf.unit)] : [],
  )
  return {
    fact: kit.name,
    value: said.length > 0 ? said.join(', ') : '?',
    basis: said.length > 0 ? 'spec' : 'missing',
    source: SOURCE.maker,
  }
}
