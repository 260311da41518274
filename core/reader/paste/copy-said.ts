// What a list says of a copy beside its name: what was paid, in which state it is.
import type { Copy } from '../../document/draft'
import { STATES } from '../../parts/kind'
import { amountSaid } from '../price'

const IN_ITS_LINE = /^\s*state\s*:\s*(\w+)\s*$/im
/** A line that only tells a state. */
export const tellsState = (line: string): boolean => stateSaid(line) !== undefined
const stateSaid = (text: string): Copy['state'] =>
  STATES.find(state => state === IN_ITS_LINE.exec(text)?.[1]?.toLowerCase())

/** What the words of a part in a list say of its copy; null where they say nothing. */
export function copySaid(text: string): Copy | null {
  const [paid, state] = [amountSaid(text), stateSaid(text)]
  if (paid === null && state === undefined) return null
  return { ...(state && { state }), ...(paid !== null && { paid }) }
}
