// The words that only sheets of one kind use, and how much each speaks for it.
import type { PartKind } from '../parts'
import { oneOf } from './pattern'

export type Cue = readonly [words: RegExp, weight: number]

/** At the beginning of a sheet that names nothing of a cooler. */
const NO_COOLER = '^(?![^]*(?:socket|heat ?sink|heat ?pipe|cooler|radiator))'

/** "Our new board follows the microATX format and takes KNOT-2 processors": in the first sentence. */
const A_BOARD = new RegExp(
  [
    String.raw`(?:\bATX|\bITX) (?:board|format at)`,
    String.raw`^[^\n,.]{3,50}(?<!sound|circuit|control|key) board\s*(?:\n|$)`,
    String.raw`^[^.\n]{0,40}\bboard\b(?! power| partner| support)[^.\n]*\b(?:socket|processors)\b`,
  ].join('|'),
  'i',
)

/** Named choices: how much each word speaks for a kind. Words of the title count `TITLE` times. */
export const CUES: Partial<Record<PartKind, readonly Cue[]>> = {
  board: [
    [/mother ?board|main ?board(?!s? support)/i, 3],
    [A_BOARD, 3],
    [/\bDIMM\b/i, 3],
    [/back panel|rear i\/o|back i\/o/i, 2],
    [/\bheaders?\b/i, 3],
    [/\b(?:memory|RAM) (?:slots|type|clock)|DIMM slots/i, 2],
    [/M\.?2/i, 1],
    [/chipset/i, 2],
    [/form ?factor\s*[:|\t]?\s*(?:e-?atx|atx|micro|mini-?itx|m-?atx)/i, 2],
    [/flash ?back|i\/o shield/i, 3],
    [/\bEPS\b|24-pin/i, 1],
    [/PCI(?:e| Express)?.{0,8}x16/i, 1],
    [/SATA/i, 1],
    [/BIOS/i, 2],
  ],
  case: [
    [/\b(?:mid|full|mini|midi)[- ]?tower\b|chassis|\bcase\b(?! fan)/i, 3],
    [/(?<!dual[- ]|single[- ]|twin[- ])\btower\b(?!s?\s+(?:air |cpu )?(?:cooler|heat))/i, 2],
    [/\bcube\b|\bchamber\b|\benclosure\b/i, 3],
    [
      oneOf(
        /\b(?:gpu|psu|cpu cooler)\b[^.\n]*\d ?mm[^.\n]*\b(?:gpu|psu|cpu cooler)\b/,
        /\b(?:psu|power supply)\b[^,\n]*\d ?mm[^\n]*\bcoolers?\b[^,\n]*\d ?mm/,
        /\bcoolers?\b[^,\n]*\d ?mm[^\n]*\b(?:psu|power supply)\b[^,\n]*\d ?mm/,
      ),
      3,
    ],
    [/(?:for|takes|holds|fits) [^.]*\bboards\b/i, 2],
    [/(?:coolers?|cards?|suppl(?:y|ies)) up to/i, 3],
    [/expansion slots?|pci(?:-e)? slots?/i, 1],
    [/cooler (?:height|clearance)|cpu coolers? up to|height of cpu cooler/i, 3],
    [/(?:gpu|graphics cards?|vga card).{0,14}(?:length|clearance|max|up to)|length of vga/i, 3],
    [/front (?:i\/o|panel|ports)|\bi\/o port/i, 2],
    [/drive bays?|\bbays?\b/i, 2],
    [/motherboard support|supported motherboard|mainboard|\bM\/B\b/i, 1],
    [/(?:gpu|vga|graphics card)(?: card)? length/i, 3],
    [/\b(?:front|top|rear) fans?\b/i, 3],
    [/radiator support|\bfan (?:mounts|places)\b/i, 1],
    [/^(?:gpu|graphics card|psu|power supply|cpu cooler)\s*[:|\t]\s*(?:max\.? )?\d+ ?mm/im, 4],
    [/^case (?:type|form)/im, 4],
    [/\bhow (?:long|tall|many|big)\b[^?\n]*\b(?:graphics card|cooler|fans|drives)\b/i, 4],
    [
      /\b(?:which|what) (?:mother)?boards\b|^(?:longest|tallest) .{0,12}(?:card|cooler|supply)\b/im,
      4,
    ],
    [/max\.? (?:graphics card|gpu|cpu cooler|power supply|psu)|(?:gpu|cpu cooler|psu) max/i, 3],
  ],
  processor: [
    [/\bcores?\b/i, 4],
    [/threads?/i, 2],
    [/base (?:clock|power)|turbo power|\bPPT\b/i, 4],
    [/integrated (?:graphics|gpu)|processor graphics/i, 3],
    [/\bprocessor\b|\bCPU\b/i, 1],
    [/\bsocket\b/i, 1],
    [/package power/i, 3],
    [/^\s*(?:processor|cpu)(?: name)?\s*[|:\t]/i, 5],
    [/[A-Z]{2,}-\d\w*[^\n]*\b(?:tray|boxed)\b/i, 3],
    [/\bTDP\b/, 1],
    [/discrete graphics/i, 3],
  ],
  cooler: [
    [/(?<!max\.? (?:cpu )?)cooler\b(?!\s*[:|\t(]| height| clearance| room)|cooling\b/i, 3],
    [
      /^(?:(?:overall )?height|how tall is it)\b[^]*^.*\bfan\b|\bfan\b[^]*^(?:overall )?height\b/im,
      3,
    ],
    [/\bfootprint\b/i, 2],
    [/heat ?(?:pipes?|sinks?)|\b(?:sockets|processors) (?:does|will) it\b/i, 4],
    [/\bwith(?:out)? fans?\)/i, 9],
    [/\bAIO\b|\ball[- ]in[- ]one (?:liquid|water|CPU|cooler)/i, 3],
    [/radiator(?! fans?\b)/i, 2],
    [/\bpump\b/i, 2],
    [/(?:socket|compatib)/i, 1],
    [/(?:thermal )?(?:paste|compound)/i, 3],
    [/(?:memory|RAM) height|under (?:the )?cooler|TDP class|total height/i, 3],
    [/\bfor [A-Z]{2,}-\d/, 2],
    [/[A-Z]{2,}-\d\s*[\/,]\s*[A-Z]{2,}-\d/, 3],
    [/\bRAM (?:clearance|height)/i, 2],
    [/tube|hose/i, 2],
    [/fan/i, 1],
  ],
  memory: [
    [/(?<!G)DDR\d/i, 2],
    [/\bU?R?DIMM\b|memory (?:kit|module)|\bkit\b/i, 2],
    [/\d\s*[x×]\s*\d+\s*(?:GB|MB)\b/, 4],
    [/\bCL\d+|timings?|latency/i, 3],
    [/\bECC\b|registered/i, 2],
    [/module (?:height|count)|per module/i, 3],
  ],
  card: [
    [/GDDR\d/i, 5],
    [
      oneOf(
        /(?<!max\.? )graphics? card(?!s? (?:required|up to|max|length|clearance)|s?\s*[:|\t])/,
        ...[/video card/, /\bGPU\b(?! (?:max|length|clearance|support|room))/],
      ),
      4,
    ],
    [
      oneOf(
        ...[/capture/, /sound card/, /network (?:card|adapter)/, /expansion card/],
        ...[/controller card/, /storage controller/, /audio header on the card/],
        /(?<!\bpaid (?:with|by) )\bcard\b(?! (?:reader|room|clearance|slot|ending))/,
      ),
      3,
    ],
    [/PCI(?:e|-E| Express)\b/i, 2],
    [/slots?\b/i, 1],
    [/\bTBP\b|\bTGP\b|board power/i, 3],
    [/displayport|hdmi/i, 1],
    [/low[- ]profile|(?:full|half)[- ]height bracket/i, 1],
  ],
  drive: [
    [/(?<!\b(?:external|portable) )\b(?:SSD|solid[- ]state|hard (?:disk|drive)|HDD)\b/i, 4],
    [
      oneOf(
        /optical(?! (?:out|in|audio|digital|s\/?pdif|jack|port))/,
        ...[/dvd/, /blu-?ray/, /\bBD[- ](?:writer|burner|drive)\b/, /card reader/, /floppy/],
      ),
      4,
    ],
    [/\bNVMe\b/i, 3],
    [/sequential|\bread\b|MB\/s/i, 2],
    [/(?:\b|\d)RPM\b|rotation|spindle|\/min/i, 2],
    [/\d\s*TB\b/i, 2],
    [/SATA/i, 1],
  ],
  supply: [
    [/power supply|\bPSU\b|netzteil/i, 3],
    [/80\s*(?:plus|\+)|\b\d{3,4} ?W (?:gold|platinum|titanium|bronze|silver)\b/i, 4],
    [/modular/i, 4],
    [/EPS|4\+4|6\+2|20\+4|12V-?2x6|12VHPWR/i, 3],
    [/molex|peripheral/i, 2],
    [/combined/i, 1],
    [/ATX\s?(?:3\.\d|12V)/i, 2],
    [/\+?12 ?V\b.{0,12}A\b/i, 2],
  ],
  fan: [
    [/\bradiator fans?\b|\bfans? (?:pack|set)\b|\b\d-?(?:er)?[- ]?(?:pack|set)\b/i, 3],
    [
      oneOf(
        ...[/case fan/, /^(?:\d{1,2} ?x )?[^\n,.]{3,50}\bfans\s*(?:\n|$)/],
        /\bfan\b(?! hub| header| controller| splitter| extension| adapt[eo]r| cable)/,
      ),
      3,
    ],
    [/^(?:frame|bearing)\b/im, 4],
    [/^thickness\b/im, 1],
    [/\bRPM\b/i, 1],
    [/dBA?\b/i, 1],
    [/\bCFM\b|airflow/i, 2],
    [/bearing/i, 2],
    [/blade|frame/i, 1],
    [
      new RegExp(
        [
          NO_COOLER,
          String.raw`[^]*\b(80|92|120|140|200)\s*(?:mm\s*)?[x×]\s*\1\s*(?:mm\s*)?`,
          String.raw`[x×]\s*\d\d(?!\d)`,
        ].join(''),
        'i',
      ),
      4,
    ],
    [new RegExp(String.raw`${NO_COOLER}[^]*\bfan (?:connector|speed|size|thickness)`, 'i'), 3],
  ],
  hub: [
    [/\bhub\b/i, 5],
    [/controller\b/i, 2],
    [/outputs?|channels?/i, 2],
  ],
  device: [
    [
      oneOf(
        ...[/\bmonitor\b/, /\bheadset\b/, /\bheadphones\b/, /\bspeakers\b/, /\bprinter\b/],
        ...[/\bmouse\b(?! (?:port|header|combo))/, /\bkeyboard\b(?! ?(?:\/|and|&|port|header))/],
      ),
      5,
    ],
    [/\b(?:external|portable) (?:drive|disk|SSD|HDD)\b/i, 9],
    [/refresh rate|panel type|viewing angle|cd\/m²|aspect ratio|screen size|\bVESA \d+/i, 4],
    [/\d{2}(?:\.\d)?(?:"|-inch| inch)[^\n]*(?:\b(?:IPS|VA|TN|OLED)\b|\d{4} ?x ?\d{3,4})/i, 6],
    [/\bkeys?\b layout|\bDPI\b|key switches|polling rate/i, 4],
    [/frequency response|impedance|driver size/i, 4],
  ],
  light: [
    [/(?:led|light) strip|\bstrip\b/i, 6],
    [/\bLEDs?\b/i, 2],
    [/A?RGB/i, 1],
  ],
}
