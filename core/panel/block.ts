// The front-panel block: this board's pins with this case's leads on them, loose or in one block
// plug, in each of four turns.
import type { Board } from '../parts/board-schema'
import type { Case, CaseLead } from '../parts/case-schema'
import { basisAt, type ItemOf } from '../parts/kind'
import { rounded } from '../figures/rounded'
import type { Frame } from '../geometry/space'
import { boardsAndCases } from '../plan/items'
import { frames, plugs, seats } from '../plan/joints'
import { joinedBy, type Joined, plugIn } from '../plan/situation'
import { stage } from '../pipeline/stage'
import { jobName, jobOf, pinName, USUAL_BLOCK, type PinJob } from '../standards/panel'

export type Polarity = '+' | '-' | 'either'

export interface PinCell {
  readonly pin: number
  readonly does: PinJob
  /** That in words, as boards print it. */
  readonly says: string
  readonly row: number
  readonly col: number
  readonly lead: {
    readonly key: string
    readonly joint: string
    readonly label: string
    readonly polarity: Polarity
    readonly wire: string
  } | null
}

export interface PanelBlock {
  readonly board: string
  readonly boardName: string
  readonly caseName: string
  /** Whether the usual order of pins is taken, because nobody stated this board's. */
  readonly isAssumed: boolean
  /** How many quarter turns to the right its board is put in, seen from the near side; 0 on the table. */
  readonly lies: number
  /** The same pins seen after 0, 1, 2 and 3 quarter turns to the right. */
  readonly turns: readonly {
    readonly rows: number
    readonly cols: number
    readonly cells: readonly PinCell[]
  }[]
  readonly leads: readonly {
    readonly joint: string
    readonly label: string
    readonly pins: readonly number[]
    readonly says: string
    readonly wide: number
    readonly wants: number
  }[]
}

export type Pin = NonNullable<Board['panel']>['pins'][number]
type Lead = CaseLead

/** Whether nobody stated which pin is for what: the usual order is taken. */
export const arePinsAssumed = (b: Board): boolean => basisAt(b, 'panel.pins') === 'assumed'
/** The question that such a block leaves. */
export const pinsAsked = (board: ItemOf<Board>) => ({
  assumed: true,
  asks: [
    {
      item: board.id,
      path: 'panel',
      question: `Which pin of the front-panel block of the ${board.name} is for what?`,
      take: 'Read it in the board’s manual, or beside the block: the usual order is only taken.',
    },
  ],
})

/** The pins that serve a job, plus before minus. */
export function pinsFor(b: Board, job: string): readonly Pin[] {
  const pins = b.panel?.pins ?? []
  const sign = (p: Pin): number => (p.does.endsWith('-') ? 1 : 0)
  return pins.filter(p => jobOf(p.does) === job).sort((a, c) => sign(a) - sign(c) || a.pin - c.pin)
}

/**
 * How many contacts wide a plug must be to sit on these pins: 2 when they are neighbours, 3 with
 * one between.
 */
export function widthOf(pins: readonly Pin[]): number {
  const [a, b] = pins
  return a && b ? Math.abs(a.row - b.row) + Math.abs(a.col - b.col) + 1 : 1
}

/** What a block plug has over each place of the block: as stated, else in the usual order. */
export const contactsOf = (lead: Lead): NonNullable<Lead['pins']> =>
  lead.pins ?? USUAL_BLOCK.rows.flatMap((row, r) => row.map((does, col) => ({ row: r, col, does })))

export interface PanelMeeting {
  readonly joint: string
  readonly lead: Lead
  readonly pc: ItemOf<Case>
  readonly board: ItemOf<Board>
}

/** Each loose lead, and each block plug, that is joined to the block. */
export const panelMeetings = (s: Joined): readonly PanelMeeting[] =>
  (['panel-lead', 'panel-block'] as const)
    .flatMap(face => joinedBy(s, face, 'case', 'board'))
    .flatMap(({ joint, plug, socket }) => {
      const lead = plugIn(joint, 'leads', plug.part.leads)
      return lead ? [{ joint: joint.id, lead, pc: plug, board: socket }] : []
    })

export interface PanelJoint {
  readonly joint: string
  readonly key: string
  readonly label: string
  readonly job: string
  readonly block: boolean
}

/** The light of the drives on their controller, not on the board. */
const onCards = (s: Joined, job: string): readonly PanelJoint[] =>
  joinedBy(s, 'panel-lead', 'case', 'card').flatMap(({ joint, plug }) => {
    const lead = plugIn(joint, 'leads', plug.part.leads)
    if (lead?.job !== job) return []
    const key = `${plug.id}/${lead.key}`
    return [{ joint: joint.id, key, label: lead.label, job, block: false }]
  })

/** The joints that serve a job, by a loose lead or within a block plug. */
export const panelJoints = (s: Joined, job: string): readonly PanelJoint[] => [
  ...onBoards(s, job),
  ...onCards(s, job),
]
const onBoards = (s: Joined, job: string): readonly PanelJoint[] =>
  panelMeetings(s).flatMap(({ joint, lead, pc }): readonly PanelJoint[] => {
    const key = `${pc.id}/${lead.key}`
    if (lead.face !== 'panel-block')
      return lead.job === job ? [{ joint, key, label: lead.label, job, block: false }] : []
    const serves = contactsOf(lead).some(c => jobOf(c.does) === job)
    const label = jobName(job)
    return serves ? [{ joint, key: `${key}.${job}`, label, job, block: true }] : []
  })

/** What is done with each lead of a block, by its joint: pins, and which wire on which. */
export const leadSayings = (s: Joined): ReadonlyMap<string, string> =>
  new Map(panelMeetings(s).map(m => [m.joint, leadRow(m, m.board.part).says]))

const isLight = (job: string): boolean => job.endsWith('light')

/** The block of each board that has one, with its leads. */
export const panel = stage('panel', { items: boardsAndCases, seats, plugs, frames }, values =>
  rounded(panelBlocks(values)),
)

function panelBlocks(
  s: Joined & { readonly frames: ReadonlyMap<string, Frame> },
): readonly PanelBlock[] {
  const meetings = panelMeetings(s)
  return s.items.flatMap((b): PanelBlock[] => {
    if (b.part.kind !== 'board' || !b.part.panel) return []
    const part = b.part
    const own = meetings.filter(m => m.board.id === b.id)
    const cells = (part.panel?.pins ?? []).map((p): PinCell => ({
      pin: p.pin,
      does: p.does,
      says: pinName(p.does),
      row: p.row,
      col: p.col,
      lead: own.flatMap(m => onPin(m, part, p) ?? []).at(0) ?? null,
    }))
    return [
      {
        board: b.id,
        boardName: b.name,
        caseName: own[0]?.pc.name ?? '',
        isAssumed: arePinsAssumed(part),
        lies: lyingOf(s.frames.get(b.id)),
        turns: [0, 1, 2, 3].map(n => turned(cells, n)),
        leads: own.map(m => leadRow(m, part)),
      },
    ]
  })
}

/** The board's own right, and where it points on the near side: right, down, left, up. */
function lyingOf(frame: Frame | undefined): number {
  const [x, y] = frame?.axes[0] ?? [1, 0]
  if (x !== 0) return x > 0 ? 0 : 2
  return y < 0 ? 1 : 3
}

function leadRow(m: PanelMeeting, b: Board): PanelBlock['leads'][number] {
  const { joint, lead } = m
  if (lead.face === 'panel-block') {
    const pins = (b.panel?.pins ?? []).filter(p => onPin(m, b, p)).map(p => p.pin)
    const width = Math.max(0, ...(b.panel?.pins ?? []).map(p => p.col)) + 1
    return {
      joint,
      label: lead.label,
      pins,
      says: 'one plug over the whole block, its blocked hole over the missing pin',
      wide: width,
      wants: width,
    }
  }
  const pins = pinsFor(b, lead.job ?? '')
  return {
    joint,
    label: lead.label,
    pins: pins.map(p => p.pin),
    says: wiring(m, pins),
    wide: lead.wide ?? 2,
    wants: widthOf(pins),
  }
}

/** What of a meeting sits on a pin, or null. */
const onPin = (m: PanelMeeting, b: Board, pin: Pin): PinCell['lead'] =>
  m.lead.face === 'panel-block' ? contactOnPin(m, pin) : leadOnPin(m, b, pin)

/** A contact of a plug that covers the whole block. */
function contactOnPin({ joint, lead, pc }: PanelMeeting, pin: Pin): PinCell['lead'] {
  const contact = contactsOf(lead).find(c => c.row === pin.row && c.col === pin.col)
  const job = contact ? jobOf(contact.does) : null
  if (!contact || job === null) return null
  return {
    key: lead.key,
    joint,
    label: jobName(job),
    polarity: polarityOf(job, contact.does),
    wire: `in the plug of the ${pc.name}`,
  }
}

/** A loose lead of one job, on one of the pins of that job. */
function leadOnPin({ joint, lead }: PanelMeeting, b: Board, pin: Pin): PinCell['lead'] {
  const job = lead.face === 'panel-lead' ? (lead.job ?? null) : null
  if (job === null || !pinsFor(b, job).some(q => q.pin === pin.pin)) return null
  const polarity = polarityOf(job, pin.does)
  const wires: Record<Polarity, string> = {
    either: 'either way',
    '+': lead.plus ?? 'coloured wire',
    '-': 'white or black',
  }
  return { key: lead.key, joint, label: lead.label, polarity, wire: wires[polarity] }
}

function polarityOf(job: string, does: string): Polarity {
  if (!isLight(job)) return 'either'
  return does.endsWith('-') ? '-' : '+'
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
  return turned(
    cells.map(c => ({ ...c, row: c.col, col: rows - 1 - c.row })),
    n - 1,
  )
}
