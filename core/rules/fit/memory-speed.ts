// Do board and processor promise the kits' rated speed for that number of modules?
import { counted, quantity } from '../../figures/format'
import { asking, measured, type Because } from '../finding'
import { memory as memoryKind } from '../../parts/memory'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { drivenByProcessor } from '../../standards/modules'
import { SOURCE } from '../../standards/sources'
import { jointsOfKit, onBoard, type OnBoard } from './kits'
import { bindingOf, promisesOf } from './promise'

const ID = { rule: 'fit/memory-speed', stage: 'fit' } as const

export const memorySpeed = rule({
  id: ID.rule,
  stage: ID.stage,
  question: 'Do board and processor promise the memory’s speed for that number of modules?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const promise = bindingOf(promisesOf(on))
    const modules = counted(on.joints.length, 'module')
    if (!promise) return notStated(on, modules)
    return on.kits.map(kit =>
      measured({
        ...ID,
        about: [kit.id, on.board.id],
        with: [promise.item],
        joints: jointsOfKit(on, kit),
        failing: 'watch',
        source: SOURCE.maker,
        ...(kit.rated === undefined ? UNDECLARED : DECLARED)(kit.name, modules, promise.name),
        because: profileOf(kit),
        need: of(memoryKind.leaf(kit, 'speed')),
        have: of(promise.speed),
      }),
    )
  },
})

const UNDECLARED = (kit: string, modules: string, by: string) => ({
  sentence: `Rated speed of the ${kit} with ${modules}, as the ${by} promises it`,
  wayOut:
    'It runs at the promised speed, or by a profile beyond it: ' +
    'declare that, switch it on in the firmware, and test it.',
})
const DECLARED = (kit: string, modules: string, by: string) => ({
  sentence: `Declared speed of the ${kit} with ${modules}, against what the ${by} promises`,
  wayOut:
    'A profile, as you declared: switch it on in the firmware, then a memory test of an hour. ' +
    'Where it fails, take the next lower step.',
})

/** Of generations whose controller sits in the processor, nobody promising is a question. */
function notStated(on: OnBoard, modules: string) {
  const { board, kits } = on
  const asked = kits.filter(kit => drivenByProcessor(kit.part.type ?? null))
  return asked.map(kit => {
    const question = `Which memory speed does the ${board.name} promise for ${modules}?`
    const take = 'Read it in the table of its manual: fewer for four modules than for two.'
    const said = { ...ID, about: [kit.id, board.id], joints: jointsOfKit(on, kit) }
    return asking(said, { item: board.id, path: 'memory.table', question, take })
  })
}

/** What the rated speed needs, where it is one that has to be switched on. */
function profileOf(kit: OnBoard['kits'][number]): readonly Because[] {
  const [base, volts] = (['base', 'volts'] as const).map(path => memoryKind.leaf(kit, path).figure)
  const said = [
    ...(base ? [`${quantity(base.value, 'MTs')} until its profile is switched on`] : []),
    ...(volts ? [`at ${quantity(volts.value, 'V')}`] : []),
  ]
  if (said.length === 0) return []
  return [{ fact: kit.name, value: said.join(', '), basis: 'spec', source: SOURCE.maker }]
}
