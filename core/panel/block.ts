// The front-panel block: this board's pins with this case's leads on them, in each of four turns.
import type { Board } from '../parts/board'
import type { Case } from '../parts/case'
import type { ItemOf } from '../parts/kind'
import { joinedBy, type Situation } from '../situation'

export type Polarity = '+' | '-' | 'either'

export interface PinCell {
  readonly pin: number
  readonly does: Board['panel'] extends infer P | undefined ? (P extends { pins: readonly { does: infer D }[] } ? D : never) : never
  readonly row: number
  readonly col: number
  readonly lead: { readonly key: string; readonly joint: string; readonly label: string; readonly polarity: Polarity; readonly wire: string } | null
}

export interface PanelBlock {
  readonly board: string
  readonly boardName: string
  readonly caseName: string
  /** The same pins seen after 0, 1, 2 and 3 quarter turns to the right. */
  readonly turns: readonly { readonly rows: number; readonly cols: number; readonly cells: readonly PinCell[] }[]
  readonly leads: readonly { readonly joint: string; readonly label: string; readonly pins: readonly number[]; readonly says: string; readonly wide: number; readonly wants: number }[]
}

type Pin = NonNullable<Board['panel']>['pins'][number]

/** The pins that serve a job, plus before minus. */
export function pinsFor(b: Board, job: string): readonly Pin[] {
  const pins = b.panel?.pins ?? []
  const sign = (p: Pin): number => (p.does.endsWith('-') ? 1 : 0)
  return pins.filter(p => p.does.replace(/[+-]$/, '') === job).sort((a, c) => sign(a) - sign(c) || a.pin - c.pin)
}

/** How many contacts wide a plug must be to sit on these pins: 2 when they are neighbours, 3 with one between. */
export function widthOf(pins: readonly Pin[]): number {
  const [a, b] = pins
  return a && b ? Math.abs(a.row - b.row) + Math.abs(a.col - b.col) + 1 : 1
}

export interface PanelMeeting { readonly joint: string; readonly lead: Case['leads'][number]; readonly pc: ItemOf<Case>; readonly board: ItemOf<Board> }

/** Each loose lead that is joined to the block. */
export const panelMeetings = (s: Situation): readonly PanelMeeting[] => joinedBy(s, 'panel-lead', 'case', 'board').flatMap(({ joint, plug, socket }) => {
  const lead = plug.part.leads.find(l => `${plug.id}/${l.key}` === joint.a)
  return lead ? [{ joint: joint.id, lead, pc: plug, board: socket }] : []
})

const isLight = (job: string): boolean => job.endsWith('light')

/** The block of each board that has one, with its leads. */
export function panelBlocks(s: Situation): readonly PanelBlock[] {
  const meetings = panelMeetings(s)
  return s.items.flatMap((b): PanelBlock[] => {
    if (b.part.kind !== 'board' || !b.part.panel) return []
    const part = b.part
    const own = meetings.filter(m => m.board.id === b.id)
    const cells = (part.panel?.pins ?? []).map((p): PinCell => {
      const meeting = own.find(m => m.lead.job && pinsFor(part, m.lead.job).some(q => q.pin === p.pin))
      return { pin: p.pin, does: p.does, row: p.row, col: p.col, lead: meeting ? leadOn(meeting, p) : null }
    })
    return [{
      board: b.id, boardName: b.name, caseName: own[0]?.pc.name ?? '', turns: [0, 1, 2, 3].map(n => turned(cells, n)),
      leads: own.map(m => {
        const pins = pinsFor(part, m.lead.job ?? '')
        return { joint: m.joint, label: m.lead.label, pins: pins.map(p => p.pin), says: wiring(m, pins), wide: m.lead.wide ?? 2, wants: widthOf(pins) }
      }),
    }]
  })
}

function leadOn({ joint, lead }: PanelMeeting, pin: Pin): PinCell['lead'] {
  const polarity: Polarity = !isLight(lead.job ?? '') ? 'either' : pin.does.endsWith('-') ? '-' : '+'
  const wire = polarity === 'either' ? 'either way' : polarity === '+' ? lead.plus ?? 'coloured wire' : 'white or black'
  return { key: lead.key, joint, label: lead.label, polarity, wire }
}

function wiring({ lead }: PanelMeeting, pins: readonly Pin[]): string {
  const [a, b] = pins.map(p => p.pin)
  if (!isLight(lead.job ?? '')) return `on pins ${a} and ${b}, either way round`
  return `${lead.plus ?? 'coloured wire'} (+) on pin ${a}, the other (−) on pin ${b}`
}

/** A grid after n quarter turns to the right. */
function turned(cells: readonly PinCell[], n: number): PanelBlock['turns'][number] {
  const rows = Math.max(0, ...cells.map(c => c.row)) + 1
  const cols = Math.max(0, ...cells.map(c => c.col)) + 1
  if (n === 0) return { rows, cols, cells }
  return turned(cells.map(c => ({ ...c, row: c.col, col: rows - 1 - c.row })), n - 1)
}
