// Browser, renderer and worker are killed while a person works, half of the times between a change
// that was sent and its answer. Whatever was answered must be there again; what was not is there
// whole or not at all.
import { chanceOf } from './chance'
import { Sufferer, VICTIMS } from './sufferer'
import type { Trial } from './tally'

export interface KillsWanted {
  readonly base: string
  readonly seed: number
  readonly kills: number
}

/**
 * Named choice: beyond this share of what was wanted it is not gone on for the half that was to be
 * between.
 */
const AT_MOST = 1.5

/**
 * Kills in turn, until as many have been made as are wanted and half of them came between a change
 * and its answer.
 */
export async function kills(
  { base, seed, kills: wanted }: KillsWanted,
  tell: (progress: string) => void = () => undefined,
): Promise<readonly Trial[]> {
  const by = chanceOf(seed)
  const trials: Trial[] = []
  let between = 0
  let sufferer = new Sufferer(base, by)
  const enough = (): boolean =>
    trials.length >= wanted && (between >= wanted / 2 || trials.length >= wanted * AT_MOST)
  for (let at = 0; !enough(); at++) {
    const victim = VICTIMS[at % VICTIMS.length] ?? 'browser'
    // Some answers come before the kill that was to come before them: those that are still wanted
    // come last.
    const rest = wanted - trials.length
    const toBeBetween = rest <= wanted / 2 - between || by.share() < 0.6
    const { end, wasBetween, why } = await sufferer.suffer(victim, toBeBetween)
    if (wasBetween) between += 1
    const kind = `kill ${victim}, ${wasBetween ? 'before' : 'after'} an answer`
    if (end === 'survived') trials.push({ kind, end })
    else {
      trials.push({ kind, end, seen: `seed ${seed}, kill ${at}: ${why}` })
      tell(`kill ${at}, ${victim}: ${end}: ${why}`)
      await sufferer.end()
      sufferer = new Sufferer(base, by)
    }
    if (trials.length % 50 === 0) tell(`kills: ${trials.length}`)
  }
  await sufferer.end()
  return trials
}
