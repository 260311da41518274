// Why the store kept nothing or does not open: what happened, what is safe, what to do.
import type { Refusal } from './acts'

/** What is said when the store refuses, by its name for the reason. */
export function unsaved(error: unknown): Refusal {
  const names = [...new Set(errorNames(error))]
  const full = names.some(name => name.includes('QuotaExceeded'))
  const remedies = [
    [full, 'make room under Storage, on the page of all builds, or save the build as a file'],
    [
      names.some(name => name.includes('DatabaseClosed')),
      'a newer Juntura may have opened it in another window: reload this one',
    ],
    [true, 'try it again, or save the build as a file'],
  ] as const
  const remedy = remedies.find(([holds]) => holds)?.[1] ?? ''
  return {
    problem:
      `This could not be saved (${names.join(': ') || 'unknown error'}). What was saved ` +
      `before is safe; ${remedy}.`,
    full,
  }
}

/**
 * What is said when the store does not open at all: by the error's name, or null when it only takes
 * too long.
 */
export function closed(name: string | null): Refusal {
  const problem =
    name === null
      ? 'The store of this browser does not open. Another window, perhaps with an older ' +
        'Juntura, may hold it: close other windows of Juntura, then try again. Nothing that ' +
        'was kept is lost.'
      : `The store of this browser cannot be opened (${name}). In a private window, or where ` +
        'storage is blocked or broken, nothing can be kept. Open Juntura in an ordinary ' +
        'window or allow it storage, then try again. Nothing that was kept is lost.'
  return { problem, closed: true }
}

/** The name of an error, and of the one that was behind it. */
export function errorNames(error: unknown): readonly string[] {
  if (!(error instanceof Error)) return []
  const { inner } = error as { inner?: unknown }
  return [error.name, ...errorNames(inner)]
}
