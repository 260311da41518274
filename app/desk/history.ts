// What undo knows: for each build and for the shelf one stack of steps that all windows share. It
// never reaches past its own.
import { readCommand } from '../../core/document/command-schema'
import { isProblem, type Problem } from '../../core/document/command'
import { lineOf } from '../../core/document/log'
import type { JunturaDb, Stack, StepRow } from './db'

/** Named choice: so many steps can be taken back, of each build and of the shelf. */
export const STEPS_KEPT = 500

export type Way = 'undo' | 'redo'
export const stackOf = (build: string): Stack => `build:${build}`

export const nothingTo = (way: Way): Problem => ({
  problem: way === 'undo' ? 'There is nothing to take back.' : 'There is nothing to do again.',
})

/** The line of a step, as its title in the undo button and as it was told. */
export function lineOfStep(step: Pick<StepRow, 'forward' | 'about' | 'line'>): string {
  if (step.line !== null) return step.line
  const read = readCommand(step.forward)
  return isProblem(read) ? 'a change of another version' : lineOf(read, step.about)
}

export class History {
  constructor(private readonly db: JunturaDb) {}

  /**
   * A new step: what was taken back before it can no longer be done again, and the oldest fall out.
   */
  async push(step: Omit<StepRow, 'seq' | 'undone'>): Promise<void> {
    await this.db.steps.where('[stack+undone]').equals([step.stack, 1]).delete()
    await this.db.steps.add({ ...step, undone: 0 })
    await this.trim(step.stack)
  }

  /** The oldest steps fall out of a stack that holds too many; of all stacks when none is named. */
  async trim(stack?: Stack): Promise<void> {
    const stacks = stack === undefined ? await this.db.steps.orderBy('stack').uniqueKeys() : [stack]
    for (const one of stacks) {
      const all = await this.db.steps.where('stack').equals(one).primaryKeys()
      const over = all.length - STEPS_KEPT
      if (over > 0) await this.db.steps.bulkDelete(all.slice(0, over))
    }
  }

  /** The latest step that undo would take, or the earliest that redo would. */
  async next(stack: Stack, way: Way): Promise<StepRow | null> {
    const of = this.db.steps.where('[stack+undone]').equals([stack, way === 'undo' ? 0 : 1])
    return (await (way === 'undo' ? of.last() : of.first())) ?? null
  }

  async turned(step: StepRow, way: Way): Promise<void> {
    await this.db.steps.update(step.seq, { undone: way === 'undo' ? 1 : 0 })
  }

  /** What a build's steps are, for those who copy or forget it. */
  async forget(stack: Stack): Promise<void> {
    await this.db.steps.where('stack').equals(stack).delete()
  }
}
