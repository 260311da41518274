// Does each cable of a modular supply that is used find a socket at the supply?
import { cablesAtSupply } from '../../plan/supply-sockets'
import { SOURCE } from '../../standards/sources'
import { plain, type Finding } from '../finding'
import { rule } from '../rule'

const said = { rule: 'power/sockets', stage: 'power' } as const

export const powerSockets = rule({
  id: 'power/sockets',
  stage: 'power',
  question: 'Does each cable of a modular supply that is used find a socket at the supply?',
  source: SOURCE.maker,
  needs: { cablesAtSupply },
  inputs: s => s.cablesAtSupply,
  judge({ supply, name, isStated, inUse, tooMany }): readonly Finding[] {
    const about = { ...said, about: [supply] }
    if (!isStated) {
      const question = `Which sockets does the ${name} have, and which cables go into each?`
      const take =
        'Look at its wall of sockets, or read its sheet: processor and card leads often share.'
      return [
        plain(
          {
            ...about,
            sentence: `Whether the ${name} has a socket for each of its cables is not known`,
            wayOut: `${question} ${take}`,
            asks: [{ item: supply, path: 'sockets', question, take }],
          },
          'measure',
        ),
      ]
    }
    if (tooMany.length > 0)
      return [
        plain(
          {
            ...about,
            sentence: `${tooMany.join(', ')} want more sockets than the ${name} has for them`,
            wayOut: 'Leave one of them in the box, or take a supply with more sockets.',
          },
          'stop',
        ),
      ]
    const cables = inUse.filter(c => c.sockets.length > 0)
    const where = cables.map(c => `${c.cable} in ${c.sockets.join(' and ')}`).join(', ')
    return cables.length === 0
      ? []
      : [plain({ ...about, sentence: `Cables at the ${name}: ${where}` }, 'clear')]
  },
})
