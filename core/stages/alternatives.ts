// Where a plug could go instead, harmful places included: who joins by hand sees what each place
// means before the joint is made.
import type { Situation } from '../plan/situation'
import { groupBy } from '../collections/groups'
import { gravity, type Verdict } from '../figures/verdict'
import { shutBy } from '../joining/cover'
import { mate } from '../joining/mate'

export interface Alternative {
  readonly ref: string
  readonly label: string
  readonly verdict: Verdict
  /** What the standard says of this meeting, where it says something. */
  readonly note: string
  /** The plug that is there in this plan. */
  readonly taken: string | null
  /** Why nothing works there in this plan: a card lies over it, or something switches it off. */
  readonly shut: string | null
  /** Where this plan has it. */
  readonly planned: boolean
}

/**
 * Every socket of other parts that this plug can be put into, the harmless first. Empty for an end
 * that is no plug.
 */
export function alternativesFor(
  s: Pick<Situation, 'ends' | 'seats' | 'plugs' | 'names'>,
  plug: string,
): readonly Alternative[] {
  const own = s.ends.get(plug)
  if (!own) return []
  const takenBy = new Map([...s.seats, ...s.plugs].map(j => [j.b, j.a]))
  const nameOf = (ref: string): string => {
    const e = s.ends.get(ref)
    return e ? `${e.end.label} of the ${s.names.get(e.item) ?? e.item}` : ref
  }
  const shut = shutIn(s)
  return [...s.ends.values()]
    .flatMap((socket): readonly Alternative[] => {
      const met = mate(own, socket)
      if (!met?.ok) return []
      const by = takenBy.get(socket.ref)
      return [
        {
          ref: socket.ref,
          label: nameOf(socket.ref),
          verdict: met.verdict,
          note: met.note,
          taken: by === undefined || by === plug ? null : nameOf(by),
          shut: shut.get(socket.ref) ?? null,
          planned: by === plug,
        },
      ]
    })
    .sort(
      (a, b) =>
        gravity(a.verdict) - gravity(b.verdict) ||
        Number(a.shut !== null) - Number(b.shut !== null) ||
        (a.label < b.label ? -1 : 1),
    )
}

/** Ends that what is seated covers or switches off, with the sentence. */
function shutIn({
  seats,
  ends,
  names,
}: Pick<Situation, 'ends' | 'seats' | 'names'>): ReadonlyMap<string, string> {
  const ofItem = groupBy(ends.values(), e => e.item)
  return new Map(
    seats.flatMap(seat => {
      const [plug, socket] = [ends.get(seat.a), ends.get(seat.b)]
      return plug && socket
        ? shutBy(plug, socket, ofItem.get(socket.item) ?? []).map(
            ({ ref, how }) =>
              [
                ref,
                how === 'covered'
                  ? `lies under the ${names.get(plug.item) ?? ''}`
                  : `is switched off while ${socket.end.label} is in use`,
              ] as const,
          )
        : []
    }),
  )
}
