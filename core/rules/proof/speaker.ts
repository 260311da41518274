// Who always builds with a speaker: is there one?
import { plain } from '../finding'
import { practices } from '../../plan/given'
import { rule } from '../rule'
import { JOINED, every } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const proofSpeaker = rule({
  id: 'proof/speaker',
  stage: 'proof',
  question: 'Is there a speaker (beeper), where one is always wanted?',
  source: SOURCE.practice,
  needs: { ...JOINED, practices },
  inputs: s => {
    if (s.practices.speaker !== 'always') return []
    const joined = s.plugs.find(j => j.face === 'speaker')
    return every(s, 'board').map(b => ({ id: b.id, name: b.name, joint: joined?.id ?? null }))
  },
  judge({ id, name, joint }) {
    const said = { rule: 'proof/speaker', stage: 'proof', about: [id] } as const
    return [
      joint
        ? plain({ ...said, joints: [joint], sentence: `A speaker is on the ${name}` }, 'clear')
        : plain(
            {
              ...said,
              sentence: `You always build with a speaker (beeper); none is on the ${name}`,
              wayOut: 'Buy one for its speaker pins, or read its lamps and its display instead.',
            },
            'watch',
          ),
    ]
  },
})
