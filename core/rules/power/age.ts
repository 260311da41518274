// How old is a supply that served before?
import { asking, plain } from '../finding'
import { supplies } from '../../plan/items'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

export const powerAge = rule({
  id: 'power/age',
  stage: 'power',
  question: 'How old is a supply that served before?',
  source: SOURCE.practice,
  needs: { items: supplies },
  inputs: ({ items }) =>
    items
      .filter(i => i.condition !== 'new')
      .map(({ id, name, condition, part }) => ({ id, name, condition, year: part.year ?? null })),
  judge({ id, name, condition, year }) {
    const said = {
      rule: 'power/age',
      stage: 'power',
      about: [id],
      because: [
        {
          fact: `year of the ${name}`,
          value: year === null ? '?' : String(year),
          basis: year === null ? 'missing' : 'spec',
          source: SOURCE.maker,
        },
      ],
    } as const
    if (year === null) {
      const question = `From which year is the ${name}?`
      const take = 'Read it on its label, or in the serial number: capacitors age.'
      return [asking(said, { item: id, path: 'year', question, take })]
    }
    const sentence = `The ${name} was made in ${year}: after about ten years its capacitors give less`
    const wayOut =
      'Try it under load, on the table, before what is dear hangs on it. Never open it.'
    return [plain({ ...said, sentence, wayOut }, condition === 'known good' ? 'clear' : 'watch')]
  },
})
