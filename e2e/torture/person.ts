// A person at work on one build, and what must be found again of it: the note, serials, what undo
// took back, whether another build lies in the bin.
import type { Page } from 'playwright-core'
import type { Chance } from './chance'
import { COMES_BACK_WITHIN } from './tally'
import { oneOf, stored } from './window'

/** What the person has seen kept. */
export interface Known {
  readonly note: string
  readonly serials: Readonly<Record<string, string>>
  readonly binned: boolean
}
/** One change: how it is made in the page, and what is known once it is kept. */
export interface Change {
  readonly what: string
  readonly act: (page: Page) => Promise<void>
  readonly then: Work
}
/** The states of the build that undo and redo walk over, and how many changes were kept. */
export interface Work {
  readonly states: readonly Known[]
  readonly at: number
  readonly kept: number
}

export const BUILD = 'plover'
const OTHER = 'Avocet'
const ITEMS = ['Inlet 2', 'Breeze 80', 'S300'] as const

/** The work that begins with what a page shows. */
export const begun = (known: Known): Work => ({ states: [known], at: 0, kept: 0 })
export function knownOf(work: Work): Known {
  const known = work.states[work.at]
  if (!known) throw new Error('no such state')
  return known
}
const withState = (work: Work, known: Known): Work => ({
  states: [...work.states.slice(0, work.at + 1), known],
  at: work.at + 1,
  kept: work.kept + 1,
})

const note = (work: Work, text: string): Change => ({
  what: `note ${text}`,
  act: async page => {
    await page.getByLabel('Note', { exact: true }).fill(text)
    await page.getByRole('button', { name: 'Keep the note' }).click()
  },
  then: withState(work, { ...knownOf(work), note: text }),
})
const serial = (work: Work, item: string, text: string): Change => ({
  what: `serial ${text} of ${item}`,
  act: async page => {
    const field = page.getByLabel(`Serial of ${item}`, { exact: true })
    await field.fill(text)
    await field.press('Enter')
  },
  then: withState(work, {
    ...knownOf(work),
    serials: { ...knownOf(work).serials, [item]: text },
  }),
})
const turn = (work: Work, way: 'Undo' | 'Redo'): Change => ({
  what: way.toLowerCase(),
  act: page => page.getByRole('button', { name: way, exact: true }).click(),
  then: { ...work, at: work.at + (way === 'Undo' ? -1 : 1), kept: work.kept + 1 },
})

/** A change that the person makes to the build next. */
export function nextChange(work: Work, by: Chance): Change {
  const [may, text] = [by.share(), `t${work.kept}-${by.below(10_000)}`]
  if (may < 0.15 && work.at > 0) return turn(work, 'Undo')
  if (may < 0.25 && work.at < work.states.length - 1) return turn(work, 'Redo')
  return may < 0.6 ? note(work, text) : serial(work, by.one(ITEMS), text)
}

/** Deletes the other build, or brings it back: on the first page, beside all that undo knows. */
export function binChange(work: Work): Change {
  const { binned } = knownOf(work)
  const name = binned ? new RegExp(`^Bring back ${OTHER}`) : `Delete ${OTHER}`
  return {
    what: binned ? 'brought back' : 'deleted',
    act: page => page.getByRole('button', { name, exact: !binned }).click(),
    // The bin is beside the build's own history: what undo brings back is not in it.
    then: { ...work, states: work.states.map(known => ({ ...known, binned: !binned })) },
  }
}

/** What the page shows of the build’s record. */
export async function shown(page: Page): Promise<Omit<Known, 'binned'>> {
  const serials = await Promise.all(
    ITEMS.map(async name => [
      name,
      await page.getByLabel(`Serial of ${name}`, { exact: true }).inputValue(),
    ]),
  )
  const text = await page.getByLabel('Note', { exact: true }).inputValue()
  return { note: text, serials: Object.fromEntries(serials) }
}
/** Waits until the record of the build is shown whole. */
export const recordShown = (page: Page): Promise<void> =>
  oneOf(page, [{ element: '.serials input' }], COMES_BACK_WITHIN)
/** Waits until the list of builds is shown whole. */
export const listShown = (page: Page): Promise<void> =>
  oneOf(page, [{ element: 'h2', says: 'build' }], COMES_BACK_WITHIN)
/** Whether the first page lists the other build in the bin. */
export const binShown = async (page: Page): Promise<boolean> =>
  (await page.getByRole('button', { name: new RegExp(`^Bring back ${OTHER}`) }).count()) > 0

/** How many lines the build’s log has in the store. */
export const keptLines = async (page: Page): Promise<number> => (await stored(page, [BUILD])).lines
