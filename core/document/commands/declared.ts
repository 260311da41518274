// Commands on what a person declares: what the machine is for, what runs on it, what runs beyond its
// rating, where careful people differ, what was cut for good.
import { kindOf } from '../../parts'
import { BEYOND, cutsOf } from '../../parts/beyond'
import { jumpersOf } from '../../parts/jumpers'
import { readFigure } from '../../figures/units'
import { PRACTICES } from '../../standards/practices'
import { PURPOSE, USE } from '../../standards/purposes'
import type { Build } from '../build'
import { choicesInOrder, entriesOf, withEntries } from '../canonical'
import type { Specs } from '../command'
import { resolve } from '../resolve'
import { findItem, isItem, named, withItem } from './items'

type Choices = Build['choices']
/** Choices that may be left out, put otherwise; what says nothing is left out. */
const withDeclared = (build: Build, choices: Partial<Choices>): Build => ({
  ...build,
  choices: choicesInOrder({ ...build.choices, ...choices }),
})

export const declaredCommands: Specs<
  | 'runBeyond'
  | 'setJumper'
  | 'cut'
  | 'setCuts'
  | 'choosePurpose'
  | 'want'
  | 'chooseRuns'
  | 'choosePractice'
> = {
  /** One copy beyond its rating; `null` goes back to the rating. */
  runBeyond: {
    run(build, { id, figure }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const about = kindOf(item).figures.get(BEYOND[item.part.kind] ?? '')
      if (!about)
        return {
          problem: `A ${item.part.kind} has no rating that it could run beyond. Choose another part.`,
        }
      const read = readFigure(figure, about.unit)
      if (figure !== null && (!read || read.value <= 0))
        return {
          problem: `The ${about.label} is given in ${about.unit}: { "${about.unit}": 150 }.`,
        }
      return {
        build: withItem(build, id, i => ({ ...i, beyond: figure ?? undefined })),
        back: { do: 'runBeyond', id, figure: item.beyond ?? null },
        about: { ...named(item), value: read ? `${read.value} ${about.unit}` : '' },
      }
    },
    line: (_, { item, value }) =>
      value ? `${item}: declared to run at ${value}` : `${item}: back to its rating`,
  },

  /** How a jumper of one copy stands; `null` where nobody looked. */
  setJumper: {
    run(build, { id, jumper, stands }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const known = jumpersOf(resolve(item, item.part.model)).find(j => j.key === jumper)
      const names = known?.positions.map(p => p.key) ?? []
      if (!known) return { problem: `The ${item.part.model} has no jumper "${jumper}".` }
      if (stands !== null && !names.includes(stands))
        return {
          problem: `${jumper} of the ${item.part.model} cannot stand so. Choose ${names.join(', ')}.`,
        }
      const jumpers = item.jumpers ?? {}
      return {
        build: withItem(build, id, i => ({
          ...i,
          jumpers: withEntries(jumpers, { [jumper]: stands }),
        })),
        back: {
          do: 'setJumper',
          id,
          jumper,
          stands: entriesOf(jumpers, [jumper])[jumper] ?? null,
        },
        about: { ...named(item), value: known.positions.find(p => p.key === stands)?.says ?? '' },
      }
    },
    line: ({ jumper }, { item, value }) =>
      value ? `${item}: ${jumper} stands at ${value}` : `${item}: ${jumper} not looked at`,
  },

  cut: {
    run(build, { id, what, title }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const cuts = item.cuts ?? []
      const { part } = resolve(item, item.part.model)
      if (!cutsOf(part).some(c => c.path === what))
        return {
          problem: `Of the ${item.part.model} there is no "${what}" to cut. Choose another fix.`,
        }
      return {
        build: withItem(build, id, i => ({ ...i, cuts: [...cuts, what] })),
        back: { do: 'setCuts', id, cuts, title },
        about: named(item),
      }
    },
    line: ({ title, what }, { item }) => `${item}: ${title || `cut ${what}`}, for good`,
  },
  /** What was cut, as it stood: takes a cut back that was entered and not made. */
  setCuts: {
    run(build, { id, cuts, title }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      return {
        build: withItem(build, id, i => ({ ...i, cuts: [...cuts] })),
        back: { do: 'setCuts', id, cuts: item.cuts ?? [], title },
        about: named(item),
      }
    },
    line: ({ title }, { item }) => `${item}: not cut after all (${title})`,
  },

  choosePurpose: {
    run: (build, { purpose }) => ({
      build: withDeclared(build, { purpose: purpose ?? undefined }),
      back: { do: 'choosePurpose', purpose: build.choices.purpose ?? null },
    }),
    line: ({ purpose }) =>
      purpose === null ? 'What it is for: not said' : `What it is for: ${PURPOSE[purpose].says}`,
  },
  want: {
    run(build, { use, wanted }) {
      const wants = build.choices.wants ?? {}
      return {
        build: withDeclared(build, { wants: withEntries(wants, { [use]: wanted }) }),
        back: { do: 'want', use, wanted: entriesOf(wants, [use])[use] ?? null },
      }
    },
    line({ use, wanted }) {
      if (wanted === null) return `${USE[use]}: as the purpose says`
      return `${USE[use]}: ${wanted ? 'wanted' : 'not wanted'}`
    },
  },
  chooseRuns: {
    run: (build, { runs }) => ({
      build: withDeclared(build, { runs: runs || undefined }),
      back: { do: 'chooseRuns', runs: build.choices.runs ?? null },
    }),
    line: ({ runs }) => `Operating system: ${runs || 'not said'}`,
  },
  choosePractice: {
    run(build, { practice, option }) {
      const { title, options } = PRACTICES[practice]
      if (option !== null && !options.some(o => o.id === option))
        return {
          problem: `${title}: there is no "${option}". Choose ${options.map(o => o.id).join(' or ')}.`,
        }
      const practices = build.choices.practices ?? {}
      return {
        build: withDeclared(build, { practices: withEntries(practices, { [practice]: option }) }),
        back: {
          do: 'choosePractice',
          practice,
          option: entriesOf(practices, [practice])[practice] ?? null,
        },
      }
    },
    line({ practice, option }) {
      const { title, options } = PRACTICES[practice]
      return `${title}: ${options.find(o => o.id === option)?.says ?? 'not chosen'}`
    },
  },
}
