// Is every part known to work? One that is not is tried early, by itself.
import { plain, type Because } from '../finding'
import type { Item, Part, PartKind } from '../../parts'
import type { Condition } from '../../parts/kind'
import { plainItems } from '../../plan/items'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

const SAID: Readonly<Partial<Record<Condition, string>>> = {
  unknown: 'Nobody knows whether the',
  suspect: 'There is a doubt about the',
}
/** Whether a part is to be tried before others hang on it. */
export const isDoubted = ({ condition }: Item): boolean => SAID[condition] !== undefined

/** How a part is tried early, as far as its kind says. */
const TRIALS: Readonly<Partial<Record<PartKind, string>>> = {
  supply:
    'Alone on the table first, with a fan and an old drive on it: nothing dear hangs on it yet.',
  board: 'On the table first, with processor, cooler and one module.',
  processor: 'On the table first, with the least parts; best in a board that is known good.',
  memory: 'One module at a time, then a memory test of an hour.',
  drive: 'Read its own health record and its whole surface before data goes on it.',
  card: 'Once the machine starts without it; or in another machine that is known good.',
  cooler: 'Turn its fan by hand; on the table watch the temperature for ten minutes.',
  fan: 'Turn it by hand, then see it turn.',
  hub: 'With one fan or one strip on it first.',
  light: 'Alone on its header, before it is stuck down.',
  lead: 'On a joint that is known good.',
}
const BY_ITSELF = 'Try it by itself before it is built in.'
/** What reads discs, cards or floppies holds no data of its own. */
const READS = 'Read one with it that you can lose, before it is built in.'

function trialOf(part: Part): string {
  const reads = part.kind === 'drive' && part.medium !== undefined
  if (reads && part.medium !== 'disk' && part.medium !== 'flash') return READS
  return TRIALS[part.kind] ?? BY_ITSELF
}

export const proofCondition = rule({
  id: 'proof/condition',
  stage: 'proof',
  question: 'Is every part known to work?',
  source: SOURCE.practice,
  needs: { items: plainItems },
  inputs: ({ items }) =>
    items.map(({ id, name, condition, part }) => ({ id, name, condition, trial: trialOf(part) })),
  judge({ id, name, condition, trial }) {
    const because: Because = {
      fact: `condition of the ${name}`,
      value: condition,
      basis: 'plan',
      source: 'as you entered it',
    }
    const said = {
      rule: 'proof/condition',
      stage: 'proof',
      about: [id],
      because: [because],
    } as const
    const doubt = SAID[condition]
    if (doubt)
      return [
        plain(
          {
            ...said,
            sentence: condition === 'unknown' ? `${doubt} ${name} works` : `${doubt} ${name}`,
            wayOut: trial,
          },
          'watch',
        ),
      ]
    // What is new is not worth a line.
    if (condition === 'new') return []
    return [plain({ ...said, sentence: `The ${name} is known to work` }, 'clear', 'measured')]
  },
})
