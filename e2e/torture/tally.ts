// What torture counts: how much was tried, and what of it did not survive. One row a kind of
// trouble.

/**
 * How one trial ended. *Lost*: an answered change, or somebody else's build, is not there any more.
 * *Silent*: no sentence in the page within `SPEAKS_WITHIN`. *Hung*: the page never came back.
 */
export type End = 'survived' | 'lost' | 'silent' | 'hung'
export const SPEAKS_WITHIN = 5000
export const COMES_BACK_WITHIN = 30_000

export interface Trial {
  readonly kind: string
  readonly end: End
  /** What was seen where it did not survive, with what brings it about again. */
  readonly seen?: string
}

const ENDS = ['survived', 'lost', 'silent', 'hung'] as const
const WIDE = 24
const NARROW = 10

/** The trials as a table in text, one row a kind, and all of them. */
export function table(trials: readonly Trial[]): string {
  const row = (name: string, of: readonly Trial[]): string =>
    [
      name.padEnd(WIDE),
      String(of.length).padStart(NARROW),
      ...ENDS.map(end => String(of.filter(t => t.end === end).length).padStart(NARROW)),
    ].join('')
  const kinds = [...new Set(trials.map(t => t.kind))]
  const heads = ['tried', ...ENDS].map(head => head.padStart(NARROW))
  return [
    [' '.repeat(WIDE), ...heads].join(''),
    ...kinds.map(kind =>
      row(
        kind,
        trials.filter(t => t.kind === kind),
      ),
    ),
    row('in all', trials),
  ].join('\n')
}

/** What did not survive, a line each. */
export const failures = (trials: readonly Trial[]): readonly string[] =>
  trials.filter(t => t.end !== 'survived').map(t => `${t.kind}: ${t.end}: ${t.seen ?? ''}`)
