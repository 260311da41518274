// Leads of the demos as a hand would lay them, corner by corner: what the ways that are worked out are
// calibrated against. Chosen by looking at the machine, not by any rule of the program.
import type { EndRef } from '../ids/ids'
import type { Vec3 } from '../geometry/space'

export interface LaidByHand {
  /** The plug at the end of the lead. */
  readonly lead: EndRef
  /** The holes it goes through, in order. */
  readonly through: readonly string[]
  /** Its corners in the case's frame, mm, from where it leaves to where it is plugged. */
  readonly corners: readonly Vec3[]
  readonly why: string
}

/** Where leads leave the field of plugs of Avocet's supply, and the turn behind it. */
const AVOCET_SUPPLY: readonly Vec3[] = [
  [160, 51, 95],
  [195, 51, 95],
]
const BEHIND_THE_SUPPLY: readonly Vec3[] = [...AVOCET_SUPPLY, [210, 55, 0], [210, 55, -13]]
/** From the front of Longreed along its top edge and through the hole over the board. */
const ALONG_THE_TOP: readonly Vec3[] = [
  [422, 505, 40],
  [400, 505, 10],
  [190, 497, 10],
  [170, 492, 0],
  [174, 437, -13],
]

const AVOCET: readonly LaidByHand[] = [
  {
    lead: 'supply/cpu-1.1',
    through: ['basement-back', 'top-rear'],
    corners: [
      ...BEHIND_THE_SUPPLY,
      ...([
        [40, 492, -13],
        [40, 492, 12],
        [20, 470, 12],
        [20, 462, 8],
      ] as const),
    ],
    why: 'behind the tray, slanting up to the hole over its socket: around by the edges it would end short',
  },
  {
    lead: 'supply/cpu-2.1a',
    through: ['basement-back', 'top-rear'],
    corners: [
      ...BEHIND_THE_SUPPLY,
      ...([
        [40, 492, -13],
        [40, 492, 12],
        [45, 470, 12],
        [45, 462, 8],
      ] as const),
    ],
    why: 'beside the other',
  },
  {
    lead: 'supply/main.1',
    through: ['basement-back', 'side-mid'],
    corners: [
      ...BEHIND_THE_SUPPLY,
      ...([
        [262, 330, -13],
        [262, 330, 12],
        [250, 360, 20],
        [238, 360, 8],
      ] as const),
    ],
    why: 'through the hole beside its socket',
  },
  {
    lead: 'supply/card-1.1',
    through: ['shroud-front'],
    corners: [
      ...AVOCET_SUPPLY,
      ...([
        [258, 100, 40],
        [258, 120, 40],
        [258, 222, 150],
      ] as const),
      ...([
        [258, 222, 172],
        [250, 285, 172],
        [250, 285, 160],
      ] as const),
    ],
    why: 'up before the cards and over their edge to the plug',
  },
  {
    lead: 'supply/sata-1.1',
    through: [],
    corners: [...AVOCET_SUPPLY, [250, 43, 106], [272, 43, 106]],
    why: 'straight across the room under the shroud',
  },
  {
    lead: 'supply/sata-2.1',
    through: ['basement-back'],
    corners: [...BEHIND_THE_SUPPLY, [285, 205, -13], [300, 210, -20]],
    why: 'what hangs behind the tray is fed behind the tray',
  },
  {
    lead: 'case/audio-hd',
    through: ['top-mid', 'side-low'],
    corners: [
      ...ALONG_THE_TOP,
      ...([
        [262, 215, -13],
        [262, 215, 8],
        [250, 160, 10],
        [15, 160, 10],
        [15, 172, 8],
      ] as const),
    ],
    why: 'down behind the tray, then along the lower edge of the board',
  },
  {
    lead: 'case/usb-a',
    through: ['top-mid', 'side-mid'],
    corners: [...ALONG_THE_TOP, [262, 330, -13], [262, 330, 10], [238, 330, 8]],
    why: 'behind the tray to the hole beside its socket',
  },
  {
    lead: 'case/power-switch',
    through: ['top-mid', 'side-low'],
    corners: [
      ...ALONG_THE_TOP,
      ...([
        [262, 215, -13],
        [262, 215, 8],
        [250, 162, 10],
        [212, 162, 10],
        [212, 172, 8],
      ] as const),
    ],
    why: 'with the audio lead, as far as the block',
  },
  {
    lead: 'cooler/fan',
    through: [],
    corners: [
      [163, 385, 53],
      [163, 458, 40],
      [145, 468, 20],
      [130, 464, 8],
    ],
    why: 'along the edge of the fins to the header over them',
  },
]

/** Where leads leave Plover's supply, in the gap before the middle wall. */
const PLOVER_SUPPLY: readonly Vec3[] = [
  [215, 72, 37],
  [200, 72, 37],
]
/** From the front of Reedbox over the disk, down the gap and through the lower hole. */
const DOWN_THE_GAP: readonly Vec3[] = [
  [315, 200, 42],
  [195, 200, 40],
  [195, 55, 40],
  [182, 40, 40],
]

const PLOVER: readonly LaidByHand[] = [
  {
    lead: 'supply/main.1',
    through: ['wall-low'],
    corners: [
      ...PLOVER_SUPPLY,
      ...([
        [200, 50, 37],
        [182, 45, 40],
        [172, 60, 25],
        [172, 85, 20],
        [166, 85, 8],
      ] as const),
    ],
    why: 'through the hole beside it and up the edge of the board',
  },
  {
    lead: 'supply/cpu.1a',
    through: ['wall-high'],
    corners: [
      ...PLOVER_SUPPLY,
      ...([
        [197, 180, 40],
        [182, 190, 40],
        [150, 194, 20],
        [25, 194, 15],
        [16, 179, 8],
      ] as const),
    ],
    why: 'through the upper hole, along the upper edge of the board under the fan',
  },
  {
    lead: 'supply/sata.1',
    through: [],
    corners: [
      [215, 72, 37],
      [203, 80, 37],
      [203, 150, 49],
      [217, 153, 49],
    ],
    why: 'up the gap to the disk',
  },
  {
    lead: 'sata/board',
    through: ['wall-low'],
    corners: [
      ...([
        [217, 153, 31],
        [200, 150, 31],
        [198, 60, 35],
      ] as const),
      ...([
        [182, 50, 40],
        [170, 40, 20],
        [160, 35, 8],
      ] as const),
    ],
    why: 'down the gap and through the lower hole',
  },
  {
    lead: 'case/usb',
    through: ['wall-high'],
    corners: [
      ...([
        [315, 200, 42],
        [200, 200, 40],
        [182, 190, 40],
      ] as const),
      ...([
        [174, 180, 20],
        [174, 45, 15],
        [166, 45, 8],
      ] as const),
    ],
    why: 'over the disk, through the upper hole, down the edge of the board',
  },
  {
    lead: 'case/audio-hd',
    through: ['wall-low'],
    corners: [...DOWN_THE_GAP, [170, 12, 12], [20, 12, 12], [20, 20, 8]],
    why: 'down the gap, then along the lower edge of the board',
  },
  {
    lead: 'case/power-switch',
    through: ['wall-low'],
    corners: [...DOWN_THE_GAP, [170, 12, 12], [130, 12, 12], [130, 19, 8]],
    why: 'with the audio lead, as far as the block',
  },
  {
    lead: 'case/disk-light',
    through: ['wall-low'],
    corners: [...DOWN_THE_GAP, [170, 12, 12], [130, 12, 12], [130, 19, 8]],
    why: 'with the switch',
  },
  {
    lead: 'fan/lead',
    through: [],
    corners: [
      ...([
        [85, 230, 42],
        [130, 215, 15],
        [174, 190, 12],
        [174, 25, 12],
        [166, 25, 8],
      ] as const),
    ],
    why: 'off the fan and down the edge of the board, clear of the memory',
  },
  {
    lead: 'cooler/fan',
    through: [],
    corners: [
      [117, 125, 54],
      [117, 125, 45],
      [112, 176, 30],
      [110, 179, 8],
    ],
    why: 'up under the fan to the header at the edge',
  },
]

const TEAL: readonly LaidByHand[] = [
  {
    lead: 'supply/cpu-1.1',
    through: ['top'],
    corners: [
      ...([
        [210, 305, -57],
        [225, 312, -57],
        [225, 390, -57],
        [60, 412, -50],
      ] as const),
      ...([
        [60, 412, 12],
        [20, 396, 12],
        [20, 387, 8],
      ] as const),
    ],
    why: 'over the supply to the hole at its socket',
  },
  {
    lead: 'case/usb-1',
    through: [],
    corners: [
      [425, 395, 30],
      [400, 395, 15],
      [262, 330, 15],
      [250, 255, 12],
      [238, 255, 8],
    ],
    why: 'under the radiator and down beside the board',
  },
  {
    lead: 'cooler/pump',
    through: [],
    corners: [
      [95, 310, 8],
      [50, 290, 10],
      [20, 270, 12],
      [20, 265, 8],
    ],
    why: 'off the block to the nearest header',
  },
]

const CURLEW: readonly LaidByHand[] = [
  {
    lead: 'supply/pair.1',
    through: [],
    corners: [
      [140, 325, 90],
      [160, 325, 90],
      [160, 275, 40],
      [70, 272, 20],
      [57, 260, 8],
    ],
    why: 'down before the supply and along the upper edge of the board',
  },
  {
    lead: 'supply/drive-2.1',
    through: [],
    corners: [
      ...([
        [140, 325, 90],
        [165, 310, 90],
        [262, 225, 90],
        [316, 205, 90],
      ] as const),
      ...([
        [316, 175, 90],
        [262, 100, 91],
        [278, 78, 91],
      ] as const),
    ],
    why: 'around the end of the long card, not over it',
  },
  {
    lead: 'ribbon-disks/device-1',
    through: [],
    corners: [
      [167, 172, 67],
      [190, 150, 67],
      [258, 85, 66],
      [278, 78, 66],
    ],
    why: 'from the end of the controller down to the disks',
  },
]

export const BY_HAND = { avocet: AVOCET, plover: PLOVER, teal: TEAL, curlew: CURLEW } as const

/** How long a lead laid so is, mm: along its corners. */
export const lengthByHand = ({ corners }: LaidByHand): number =>
  corners
    .slice(1)
    .reduce((sum, p, i) => sum + Math.hypot(...p.map((v, k) => v - (corners[i]?.[k] ?? v))), 0)
