// One analysis under way: it works out stages from what is given, each once, and remembers.
import { kept, rememberingAt } from './kept'
import type { Memory } from './memory'
import type { Needs, Stage, ValuesOf } from './stage'

/** What an analysis is given: stages without a function, each with its value. */
export type Given = ReadonlyMap<Stage<unknown>, unknown>

export class Run {
  private readonly found = new Map<Stage<unknown>, unknown>()

  /** `horizon` names what stages are remembered under that may differ between horizons. */
  constructor(
    private readonly memory: Memory,
    private readonly horizon: string,
    private readonly given: Given,
  ) {}

  /** The value of a stage; all that it is made from is worked out first. */
  value<V>(stage: Stage<V>): V {
    if (!this.found.has(stage)) this.found.set(stage, this.work(stage))
    return this.found.get(stage) as V
  }

  values<N extends Needs>(needs: N): ValuesOf<N> {
    return Object.fromEntries(
      Object.entries(needs).map(([name, need]) => [name, this.value(need)]),
    ) as ValuesOf<N>
  }

  private work(stage: Stage<unknown>): unknown {
    const scope = stage.perHorizon ? `${this.horizon}/` : ''
    const here = { memory: this.memory, scope }
    const { name, needs, make } = stage
    if (make === null) return rememberingAt(here, () => taken(name, this.givenTo(stage)))
    const names = Object.keys(needs)
    const values = Object.values(needs).map(need => this.value(need))
    return this.memory.keep(`${scope}${name}`, values, (...own) =>
      rememberingAt(here, () =>
        make(Object.fromEntries(names.map((n, i) => [n, own[i]])) as never),
      ),
    )
  }

  private givenTo(stage: Stage<unknown>): unknown {
    if (!this.given.has(stage)) throw new RangeError(`${stage.name} is not given`)
    return this.given.get(stage)
  }
}

/** What comes in from outside stands for what it equals among what came in before. */
const taken = kept('given', (value: unknown) => value)
