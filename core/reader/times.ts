// How many of a part a list has: "3x Breeze 120 PWM fan" before its title, behind the word for it, in a
// line below ("Quantity: 3").
import { kindLabelled } from './kind-words'
import { withoutMarks } from './markup'

/** "2 x 8-pin" counts sockets: behind the count of a part its name begins. */
const COUNT = [
  String.raw`(\d{1,2})\s*(?:x|×|pcs\.?|pieces)\s+`,
  String.raw`(?!(?:U?R?DIMM|DDR|SATA|USB|M\.2|PCI|HDMI|DisplayPort|LAN|RJ|EPS|ATX|Molex|Type)\b)`,
  String.raw`(?=[A-Z][A-Za-z])`,
].join('')
const BEFORE_A_TITLE = new RegExp(String.raw`^\s*(?:[-•*]\s+)?${COUNT}`)
/** "Fans: 3x Gust 140": behind the word for a part. */
const BEHIND_A_LABEL = new RegExp(
  String.raw`^\s*(?:[-•*]\s+)?([^:|]{2,24}?)\s*(?::|\s[-–—])\s+${COUNT}`,
)
/** "Kite NVMe 2TB x2": a name in one line, and nothing else behind it; lanes stand behind their bus. */
const BEHIND = /^[A-Z][^\n,;:|]*(?:\d ?[GT]B|\)|[a-z]{3,})\s+[x×]\s?([2-9])\s*$/
/** "Qty: 2   €139.00", "Menge: 2 Stück". */
const IN_ITS_LINE = /^\s*(?:qty|quantity|menge|anzahl)\.?\s*[:x×|\t]?\s*(\d{1,2})(?=\s|$|[x×,;|])/i

/** What a line says of how many are bought; null where it says nothing of it. */
export function countLine(line: string): number | null {
  const count = Number(IN_ITS_LINE.exec(line)?.[1] ?? 0)
  return count > 0 ? count : null
}

/** The count of a part by its list; null where there is none. */
export function timesIn(text: string): number | null {
  const said = BEFORE_A_TITLE.exec(text)?.[1] ?? countBehindALabel(text) ?? BEHIND.exec(text)?.[1]
  if (said !== undefined) return Number(said)
  const counts = text.split('\n').map(countLine)
  return counts.find(count => count !== null) ?? null
}

function countBehindALabel(text: string): string | undefined {
  const [, label = '', count] = BEHIND_A_LABEL.exec(withoutMarks(text.split('\n')[0] ?? '')) ?? []
  return kindLabelled(label) === null ? undefined : count
}

/** A sheet, or its first line, without the count before its title. */
export const withoutTimes = (text: string): string => text.replace(BEFORE_A_TITLE, '')
