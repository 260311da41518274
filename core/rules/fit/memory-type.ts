// Does the processor drive memory of this generation?
import { asking, plain, type Because } from '../finding'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { drivenByProcessor } from '../../standards/modules'
import { SOURCE } from '../../standards/sources'
import { jointsOfKit, onBoard } from './kits'

export const memoryType = rule({
  id: 'fit/memory-type',
  stage: 'fit',
  question: 'Does the processor drive memory of this generation?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const { processor, kits } = on
    if (!processor) return []
    return kits
      .filter(kit => drivenByProcessor(kit.part.type ?? null))
      .map(kit => {
        const type = kit.part.type ?? ''
        const takes = processor.part.memory
        const because: Because = {
          fact: `memory that the ${processor.name} drives`,
          value: takes.length > 0 ? takes.join(', ') : '?',
          basis: takes.length > 0 ? 'spec' : 'missing',
          source: SOURCE.maker,
        }
        const said = {
          rule: 'fit/memory-type',
          stage: 'fit',
          about: [kit.id, processor.id],
          joints: jointsOfKit(on, kit),
          because: [because],
        } as const
        if (takes.length === 0) {
          const question = `Does the ${processor.name} drive ${type}?`
          const take =
            'Read in its sheet which memory it takes: not every one of its socket is alike.'
          return asking(said, { item: processor.id, path: 'memory', question, take })
        }
        if (takes.includes(type))
          return plain(
            { ...said, sentence: `The ${processor.name} drives the ${kit.name}` },
            'clear',
          )
        return plain(
          {
            ...said,
            sentence:
              `The ${processor.name} drives ${takes.join(' and ')}, ` +
              `not the ${type} of the ${kit.name}: nothing starts`,
            wayOut: `Another processor, or board and memory for ${takes.join(' or ')}.`,
          },
          'stop',
        )
      })
  },
})
