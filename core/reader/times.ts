// How many of a part a list has: "3x Breeze 120 PWM fan" before its title.

/** "2 x 8-pin" counts sockets: behind the count of a part its name begins. */
const TIMES = new RegExp(
  [
    String.raw`(?<=^\s*(?:[-•*]\s+)?(?:[A-Za-z][A-Za-z ]{1,17}:\s+)?)(\d{1,2})\s*(?:x|×|pcs\.?|pieces)\s+`,
    String.raw`(?!(?:U?R?DIMM|DDR|SATA|USB|M\.2|PCI|HDMI|DisplayPort|LAN|RJ|EPS|ATX|Molex|Type)\b)`,
    String.raw`(?=[A-Z][A-Za-z])`,
  ].join(''),
)

/** The count before the title of a sheet; null where there is none. */
export function timesIn(text: string): number | null {
  const count = Number(TIMES.exec(text)?.[1] ?? 0)
  return count > 0 ? count : null
}

/** A sheet, or its first line, without the count before its title. */
export const withoutTimes = (text: string): string => text.replace(TIMES, '')
