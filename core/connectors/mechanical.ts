// Where parts meet without a plug: how the joint is made, and the step that makes it.
import { SOURCE } from '../standards/sources'

/** The kinds of step that seat a part. */
export type SeatStep =
  | 'board-in'
  | 'shield'
  | 'processor'
  | 'cooler'
  | 'card'
  | 'memory'
  | 'm2'
  | 'supply-in'
  | 'fan'
  | 'drive'
  | 'radiator'
  | 'bracket'

/** How parts that meet are fastened, and the step that does it; null where the part's kind says. */
export interface Fastening {
  readonly name: string
  readonly kind: 'screw' | 'seat' | 'rest'
  readonly step: SeatStep | null
  readonly source: string
}

const { atx, atx12v, jedec, m2, maker, pcie, practice } = SOURCE

export const MECHANICAL = {
  tray: { name: 'board on standoffs', kind: 'screw', step: 'board-in', source: atx },
  aperture: { name: 'shield in the rear opening', kind: 'seat', step: 'shield', source: atx },
  'processor-socket': {
    name: 'processor socket',
    kind: 'seat',
    step: 'processor',
    source: maker,
  },
  'coprocessor-socket': {
    name: 'coprocessor socket',
    kind: 'seat',
    step: 'processor',
    source: maker,
  },
  'cooler-mount': { name: 'cooler mount', kind: 'screw', step: 'cooler', source: maker },
  slot: { name: 'card slot', kind: 'screw', step: 'card', source: pcie },
  'memory-slot': { name: 'memory slot', kind: 'seat', step: 'memory', source: jedec },
  'm2-slot': { name: 'M.2 slot', kind: 'screw', step: 'm2', source: m2 },
  'supply-place': { name: 'supply mount', kind: 'screw', step: 'supply-in', source: atx12v },
  'fan-place': { name: 'fan place', kind: 'screw', step: 'fan', source: practice },
  bay: { name: 'drive bay', kind: 'screw', step: 'drive', source: practice },
  'radiator-place': { name: 'radiator place', kind: 'screw', step: 'radiator', source: practice },
  'rear-cover': { name: 'rear slot cover', kind: 'screw', step: 'bracket', source: atx },
  'upright-place': { name: 'upright card place', kind: 'screw', step: null, source: maker },
  spot: { name: 'place for a small thing', kind: 'rest', step: null, source: practice },
} as const satisfies Record<string, Fastening>

export type MechanicalFace = keyof typeof MECHANICAL
