// Commands on the work: what was made, proved, crossed off.
import type { Args } from '../command-schema'
import type { Build, Progress } from '../build'
import { entriesOf, withEntries } from '../canonical'
import type { Spec, Specs } from '../command'

/** A build with some entries of its progress put otherwise; `null` takes one out. */
export const withProgress = (
  build: Build,
  entries: Readonly<Record<string, Progress | null>>,
): Build => ({ ...build, progress: withEntries(build.progress, entries) })

const all = <V>(ids: readonly string[], value: (id: string) => V): Record<string, V> =>
  Object.fromEntries(ids.map(id => [id, value(id)]))

/** When, by whom and how something was made; the log knows when it was proved. */
function whenMade(build: Build, id: string): Omit<Progress, 'state'> | undefined {
  const known = Object.hasOwn(build.progress, id) ? build.progress[id] : undefined
  if (!known || known.state === 'crossed') return undefined
  const { state: _, ...rest } = known
  return rest
}

function progressCommand<N extends 'make' | 'prove' | 'crossOff'>(
  state: Progress['state'],
  verb: string,
): Spec<N> {
  return {
    run(build, args: Args<'make' | 'prove' | 'crossOff'>, at) {
      const { ids, title, by, took, how } = args
      const keeps = args.do === 'prove' && args.asMade === true
      const entry = (id: string): Progress => ({
        state,
        at,
        ...(keeps && whenMade(build, id)),
        ...(by === undefined ? {} : { by }),
        ...(took === undefined ? {} : { took }),
        ...(how === undefined ? {} : { how }),
      })
      return {
        build: withProgress(build, all(ids, entry)),
        back: { do: 'setProgress', entries: entriesOf(build.progress, ids), title },
      }
    },
    line: ({ ids, title, how }: Args<'make' | 'prove' | 'crossOff'>) =>
      `${verb}: ${title || ids.join(', ')}${how ? ` (${how})` : ''}`,
  }
}

export const workCommands: Specs<'make' | 'prove' | 'crossOff' | 'unprove' | 'setProgress'> = {
  make: progressCommand('made', 'Done'),
  prove: progressCommand('proved', 'Tested'),
  /** Crossing off takes a reason, given as `how`. */
  crossOff: progressCommand('crossed', 'Skipped'),

  /**
   * What was proved is no longer: joints stay made, points of a list that stand for nothing else
   * are open again.
   */
  unprove: {
    run(build, { ids, title }) {
      const back = (id: string): Progress | null => {
        const known = entriesOf(build.progress, [id])[id]
        return known && id.includes('~') ? { ...known, state: 'made' } : null
      }
      return {
        build: withProgress(build, all(ids, back)),
        back: { do: 'setProgress', entries: entriesOf(build.progress, ids), title },
      }
    },
    line: ({ ids, title }) => `Not proved: ${title || ids.join(', ')}`,
  },

  /** Progress as it was: takes the others back. */
  setProgress: {
    run: (build, { entries, title }) => ({
      build: withProgress(build, entries),
      back: {
        do: 'setProgress',
        entries: entriesOf(build.progress, Object.keys(entries)),
        title,
      },
    }),
    line: ({ entries, title }) => `Set back: ${title || Object.keys(entries).join(', ')}`,
  },
}
