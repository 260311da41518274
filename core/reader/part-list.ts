// A list of the parts of a machine, each under what it is: "Case: …", "GPU: …", with or without lines on
// it below.
import { formsIn, socketsIn } from './common'
import { only } from './pattern'
import { withoutTimes } from './times'

/** What lists call the parts of a machine. */
const CALLED: Readonly<Record<string, RegExp>> = {
  case: only(/(?:pc )?case/, /chassis/, /tower/),
  board: only(/mother ?board/, /main ?board/, /mobo/, /MB/, /board/),
  processor: only(/cpu/, /processor/),
  cooler: only(/(?:cpu |air |liquid |water )?cool(?:er|ing)/, /AIO/, /heat ?sink/),
  memory: only(/ram/, /memory(?: kit)?/),
  drive: only(
    ...[/(?:boot |system |data )?(?:SSD|HDD|drive|disk)(?: ?\d)?/, /NVMe/, /storage(?: ?\d)?/],
    ...[/hard (?:disk|drive)/, /M\.2(?: SSD)?/],
  ),
  card: only(/gpu/, /graphics(?: card)?/, /(?:video|VGA|sound|network|capture) card/, /VGA/),
  supply: only(/psu/, /power supply/),
  fan: only(/(?:case |extra |front |rear |top )?fans?(?: ?\d)?/),
  hub: only(/(?:fan |light )?(?:hub|controller)/),
  device: only(/monitor/, /screen/, /keyboard/, /mouse/, /headset/),
}
const ENTRY =
  /^\s*(?:[-•*]\s+|\d{1,2}[.)]\s+)?([A-Za-z][A-Za-z.\d ]{1,18}?)\s*(?:[:|\t]|\s[-–—]\s)\s*(\S.*)$/
/** What says something of a part under the same word is no name: "CPU: Socket TERN-2". */
const NO_NAME = new RegExp(
  [
    String.raw`^(?:sockets?|supports?|supported|up to|max(?:imum)?|min(?:imum)?|dual|single|quad|for|yes|no`,
    String.raw`|none|integrated|onboard|DDR\d|U?R?DIMM|SATA|M\.2|NVMe|PCI|USB|HDMI|DisplayPort`,
    String.raw`|PWM|RPM|front|rear|top|bottom|included|optional|see|not|all|any|steel|black|white)\b`,
  ].join(''),
  'i',
)
/** Whether what stands behind the word for a part is what it is called. */
export const isName = (value: string): boolean => {
  const name = withoutTimes(value)
  const [socket] = socketsIn(name)
  return (
    /^[A-Z][A-Za-z]/.test(name) &&
    !NO_NAME.test(name) &&
    (socket === undefined || !name.startsWith(socket)) &&
    formsIn(name.split(/\s/)[0] ?? '').length === 0
  )
}

/** Which sort of part a line of such a list names; null where it names none. */
export function namedIn(line: string): string | null {
  const [, label = '', value = ''] = ENTRY.exec(line) ?? []
  const [kind] = Object.entries(CALLED).find(([, word]) => word.test(label.trim())) ?? []
  return kind !== undefined && isName(value) ? kind : null
}

/** Named choice: who names so many sorts of parts lists a machine. */
const A_MACHINE = 3

/** The lines at which the parts of a list begin; none where a text is no such list. */
export function partsListed(lines: readonly string[]): readonly number[] {
  const named = lines.flatMap((line, at) => {
    const kind = namedIn(line)
    return kind === null ? [] : [{ at, kind }]
  })
  return new Set(named.map(n => n.kind)).size >= A_MACHINE ? named.map(n => n.at) : []
}
