// Is there paste for each cooler? What came with it serves once.
import { plain } from '../finding'
import { rule } from '../rule'
import { every, JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const fitPaste = rule({
  id: 'fit/paste',
  stage: 'fit',
  question: 'Is there paste for each cooler?',
  source: SOURCE.practice,
  needs: JOINED,
  inputs: s => {
    const tubes = every(s, 'sundry').filter(i => i.part.use === 'paste')
    return joinedBy(s, 'cooler-mount', 'cooler', 'board').map(({ joint, plug }) => ({
      joint: joint.id,
      cooler: plug,
      tube: tubes[0] ?? null,
    }))
  },
  judge({ joint, cooler, tube }) {
    const isUsed = cooler.condition !== 'new'
    const { paste } = cooler.part
    const said = {
      rule: 'fit/paste',
      stage: 'fit',
      about: [cooler.id],
      with: tube ? [tube.id] : [],
      joints: [joint],
      because: [
        { fact: 'paste', value: paste, basis: 'spec', source: SOURCE.maker },
        { fact: 'condition', value: cooler.condition, basis: 'plan', source: 'as you said' },
      ],
    } as const
    if (!isUsed && paste !== 'own')
      return [
        plain(
          { ...said, sentence: `Paste for the ${cooler.name} comes with it (${paste})` },
          'clear',
        ),
      ]
    const why = isUsed
      ? `The ${cooler.name} sat on a processor before: its paste is used up`
      : `The ${cooler.name} comes without paste`
    return [
      tube
        ? plain({ ...said, sentence: `${why}; the ${tube.name} is there` }, 'clear')
        : plain(
            {
              ...said,
              sentence: why,
              wayOut: 'Buy a tube; wipe the old paste off both faces first.',
            },
            'watch',
          ),
    ]
  },
})
