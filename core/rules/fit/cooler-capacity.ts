// Does the cooler carry away what the processor turns into heat, roughly?
import { measured, type Because } from '../finding'
import { cooler as coolerKind } from '../../parts/cooler'
import { processor as processorKind } from '../../parts/processor'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

const ROUGHLY: Because = {
  fact: 'capacity',
  value: 'every maker counts it his own way',
  basis: 'assumed',
  source: SOURCE.practice,
}

export const coolerCapacity = rule({
  id: 'fit/cooler-capacity',
  stage: 'fit',
  question: 'Does the cooler carry away what the processor turns into heat, roughly?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: s => {
    const seated = joinedBy(s, 'processor-socket', 'processor', 'board')
    return joinedBy(s, 'cooler-mount', 'cooler', 'board').flatMap(({ joint, plug, socket }) =>
      seated
        .filter(p => p.socket.id === socket.id)
        .map(p => ({ joint: joint.id, cooler: plug, processor: p.plug })),
    )
  },
  judge: ({ joint, cooler, processor }) => [
    measured({
      rule: 'fit/cooler-capacity',
      stage: 'fit',
      about: [processor.id, cooler.id],
      joints: [joint],
      failing: 'watch',
      source: SOURCE.maker,
      sentence: `Heat of the ${processor.name} under the ${cooler.name}, roughly`,
      because: [ROUGHLY],
      wayOut:
        'It runs slower under lasting load, and louder. A larger cooler, or a lower power limit in ' +
        'the firmware.',
      trial: 'A load of half an hour shows it: watch the temperature and whether the clock holds.',
      need: of(processorKind.leaf(processor, 'power.sustained')),
      have: of(coolerKind.leaf(cooler, 'cools')),
    }),
  ],
})
