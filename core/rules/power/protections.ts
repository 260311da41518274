// Does the supply switch off before it harms what hangs on it?
import { asking, plain, type Because } from '../finding'
import { supplies } from '../../plan/items'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import { VITAL_PROTECTIONS } from '../../standards/supplies'

export const powerProtections = rule({
  id: 'power/protections',
  stage: 'power',
  question: 'Does the supply switch off before it harms what hangs on it?',
  source: SOURCE.atx12v,
  needs: { items: supplies },
  inputs: ({ items }) =>
    items.map(({ id, name, part }) => ({ id, name, protections: part.protections ?? null })),
  judge({ id, name, protections }) {
    const because: Because = {
      fact: `protections of the ${name}`,
      value: protections?.join(', ') ?? '?',
      basis: protections ? 'spec' : 'missing',
      source: SOURCE.maker,
    }
    const said = {
      rule: 'power/protections',
      stage: 'power',
      about: [id],
      because: [because],
    } as const
    if (protections === null) {
      const question = `For what does the ${name} switch off?`
      const take = 'Read its sheet: over-voltage, over-current and short-circuit matter most.'
      return [asking(said, { item: id, path: 'protections', question, take })]
    }
    const missing = VITAL_PROTECTIONS.filter(p => !protections.includes(p))
    if (missing.length === 0)
      return [plain({ ...said, sentence: `The ${name} switches off before it harms` }, 'clear')]
    return [
      plain(
        {
          ...said,
          sentence:
            `The ${name} does not switch off for ${missing.join(' and ')}: ` +
            'a fault in it reaches what hangs on it',
          wayOut: 'A supply with all of them, before anything dear hangs on it.',
        },
        'watch',
      ),
    ]
  },
})
