// Names that have to agree where parts meet, as their sheets spell them: sockets of processors, makers' own plugs.

/** One spelling: "Socket KNOT 1700" and "Knot-1700" are both KNOT1700. */
const spelt = (name: string): string =>
  name
    .toUpperCase()
    .replace(/^\s*SOCKET\b/, '')
    .replace(/[\s_-]/g, '')

/** Whether two names are the same, however they are spelt. */
export const isSameName = (a: string, b: string): boolean => spelt(a) === spelt(b)

/** "KNOT-115x": the last digit is left open. */
const OPEN_END = /(?<=\d)X$/

/**
 * Whether two names are of one socket: however they are spelt, and where one of them leaves the last
 * digit open as sheets of coolers do.
 */
export function isSameSocket(a: string, b: string): boolean {
  const [one, other] = [spelt(a), spelt(b)]
  return one === other || isOfFamily(one, other) || isOfFamily(other, one)
}
const isOfFamily = (family: string, name: string): boolean =>
  OPEN_END.test(family) &&
  /^\d$/.test(name.slice(family.length - 1)) &&
  name.startsWith(family.slice(0, -1))
