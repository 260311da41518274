// Whether one plug goes into one socket: shape, traits, and at what price. Length and capacity are
// asked elsewhere.
import { faceName, mating, type Mating } from '../connectors/connectors'
import { inCommon, isMet } from '../parts/end'
import { markWords } from '../parts/mark'
import type { EndOf } from './joint'

export type Mate =
  | {
      readonly ok: true
      readonly verdict: Mating['verdict']
      readonly note: string
      readonly source: string
    }
  | { readonly ok: false; readonly reason: string }

/**
 * Null when the two have nothing to do with each other; otherwise whether they meet, and why not.
 */
export function mate(plug: EndOf, socket: EndOf): Mate | null {
  if (plug.item === socket.item || plug.end.sex !== 'plug' || socket.end.sex !== 'socket')
    return null
  const met = mating(plug.end.face, socket.end.face)
  if (!met) return null
  for (const common of inCommon(plug.end.traits, socket.end.traits)) {
    if (!isMet(common)) {
      const { trait, wanted, offered } = common
      // The wrong end of a lead is no near miss.
      if (trait === 'side') return null
      return {
        ok: false,
        reason: `${socket.end.label} takes ${trait} ${offered.join(' or ')}, not ${wanted.join(' or ')}`,
      }
    }
  }
  const marked = [plug.end, socket.end].find(e => e.marked !== null)
  if (marked?.marked) return { ok: false, reason: `${marked.label} ${markWords[marked.marked]}` }
  return { ok: true, verdict: met.verdict, note: met.note, source: met.source }
}

/** What the face of an end is called. */
export const faceOf = (end: EndOf): string => faceName(end.end.face)
