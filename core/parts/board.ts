// The board: what can be joined to it, and where.
import { amount, words } from './facets'
import { PLACES } from '../case/layout'
import { plugHeight } from '../connectors/leads'
import {
  feeds,
  FURTHER_KEY,
  furtherOf,
  isData,
  isPower,
  TWIN_KEY,
  twinOf,
  type PlugFace,
} from '../connectors/connectors'
import { of, times } from '../figures/quantity'
import { usual } from '../figures/units'
import {
  FORM,
  standardHole,
  formsBySize,
  type BoardForm,
  type HolePlace,
} from '../standards/boards'
import { DRAW } from '../standards/draws'
import { SOURCE } from '../standards/sources'
import { boardSeat, boardSolids } from './bodies/board'
import { boardSchema, type Board, type Header } from './board-schema'
import { inletsOf, on, panelEnds, rearEnds, socketEnds } from './board-sockets'
import { BY_CONVERTER, defineKind, type Draw, type ItemOf, type Kind } from './kind'
import { isOpen } from './ask'
import { boardAsks } from './board-asks'
import { end, ownPlug, type End } from './end'
import { onlyRail, portsOf } from './standard-limits'

/** Whether where things lie on it was made up. */
const isMadeUp = ({ assumed }: Board): boolean => assumed?.includes(PLACES) === true

export const board: Kind<'board', typeof boardSchema> = defineKind({
  kind: 'board',
  title: 'Motherboard',
  schema: boardSchema,
  facets: [
    words('form', 'form'),
    words('processor.socket', 'socket'),
    words('memory.type', 'memory'),
    amount('memory.most', 'largest memory'),
  ],
  filmed: true,

  ends: item => boardEnds(item),

  asks: boardAsks,

  solids: boardSolids,
  seatAt: boardSeat,

  draws(item) {
    const rail = (path: string, watts: number, name: '12' | '5' | '3.3'): Draw => {
      const full = of(board.leaf(item, path, usual(watts, 'W')))
      const restShare = DRAW.board.rest / (DRAW.board.W12 + DRAW.board.W5 + DRAW.board.W3)
      return {
        rail: name,
        rest: times(full, restShare),
        work: full,
        worst: full,
        through: inletsOf(item.part, 'board'),
      }
    }
    const { W12, W5, W3 } = DRAW.board
    // Twin power brings no 3.3 V: what such a board needs of it, it makes of 5 V by itself.
    const isTwin = item.part.headers?.some(h => twinOf(h.face) !== null) === true
    return [
      rail('power.W12', W12, '12'),
      rail('power.W5', isTwin ? W5 + W3 : W5, '5'),
      ...(isTwin ? [] : [rail('power.W3', W3, '3.3')]),
    ]
  },

  inlets(item, key) {
    const own = key === 'processor' ? inletsOf(item.part, 'processor') : []
    // An old processor has no plug of its own: it is fed by the board's.
    return own.length > 0 ? own : inletsOf(item.part, 'board')
  },

  // A board that has no plug for its processor feeds it from 5 V, as it is.
  core: ({ part }) =>
    isOpen(part, 'headers', part.headers) || part.headers?.some(h => feeds(h.face) === 'processor')
      ? BY_CONVERTER
      : { rail: '5', share: 1 },
})

const boardEnds = (item: ItemOf<Board>): readonly End[] => [
  ...mountEnds(item),
  ...socketEnds(item.part),
  ...(item.part.headers ?? []).flatMap((h, i) => headerEnds(item, h, i)),
  ...panelEnds(item.part),
  ...rearEnds(item.part),
]

const mountEnds = (item: ItemOf<Board>): readonly End[] => [
  ...(item.part.form
    ? [
        end({
          key: 'mount',
          face: 'tray',
          sex: 'plug',
          label: 'mounting holes',
          traits: { form: formsBySize(item.part.form, outlineOf(item, item.part.form)) },
          count: holesOf(item).holes?.length ?? 1,
          need: 'must',
        }),
      ]
    : []),
  ...(item.part.shield === 'loose'
    ? [end({ key: 'shield', face: 'aperture', sex: 'plug', label: 'shield', need: 'should' })]
    : []),
]

/**
 * A header as the ends it offers: twin power is two sockets; one that a smaller plug fills in part
 * has a rest for a plug by itself.
 */
function headerEnds(item: ItemOf<Board>, h: Header, i: number): readonly End[] {
  const own = headerEnd(item, h, i)
  const [twin, rest] = [twinOf(h.face), furtherOf(h.face)]
  if (twin !== null)
    return [
      { ...own, label: `${h.label}, first half` },
      { ...own, key: h.key + TWIN_KEY, face: twin, label: `${h.label}, second half` },
    ]
  if (rest === null) return [own]
  const key = h.key + FURTHER_KEY
  const shuts: End['shuts'] = [{ keys: [key], when: ['type', h.face] }]
  return [
    { ...own, shuts },
    { ...own, key, face: rest, label: `${h.label}, its last four`, need: 'may', limits: {} },
  ]
}

function headerEnd(item: ItemOf<Board>, h: Header, i: number): End {
  return end({
    key: h.key,
    from: { list: 'headers', index: i },
    face: h.face,
    sex: 'socket',
    label: h.label,
    at: h.at ? on(h.at) : null,
    // Of a place that was made up nobody can say what lies over it.
    joinedHeight: h.points === 'side' || isMadeUp(item.part) ? 0 : plugHeight(h.face),
    role: h.role ?? null,
    traits: isData(h.face) ? { side: ['board'] } : ownPlug(h.own),
    rank: h.rank ?? i,
    need: h.need ?? (isPower(h.face) ? 'must' : 'may'),
    assumed: h.assumed === true,
    gives: headerGives(item, h, i),
    limits: headerLimits(item, h.face, i),
  })
}

/** What a header gives beside current: ports, and how many LEDs it drives where that is stated. */
const headerGives = (item: ItemOf<Board>, h: Header, i: number): End['gives'] => ({
  ...portsOf(h.face),
  ...(h.lights === undefined ? {} : { lights: of(board.leaf(item, `headers.${i}.lights`)) }),
})

/** The current that the board states for a header, A. */
function headerLimits(item: ItemOf<Board>, face: PlugFace, i: number): End['limits'] {
  const amps = board.leaf(item, `headers.${i}.amps`)
  const rail = onlyRail(face)
  return amps.figure && rail ? { [rail]: of(amps) } : {}
}

/** The size of a board's outline as stated, else its form's. */
export const outlineOf = (
  item: ItemOf<Board>,
  form: BoardForm,
): { edge: number; depth: number } => ({
  edge: board.leaf(item, 'edge').figure?.value ?? FORM[form].edge,
  depth: board.leaf(item, 'depth').figure?.value ?? FORM[form].depth,
})

/**
 * The board’s mounting holes: its own list, else its form’s, and what it has beside them; null where
 * nobody says. A board smaller than its form without a list is not known.
 */
export function holesOf(item: ItemOf<Board>): {
  readonly holes: readonly HolePlace[] | null
  readonly source: string
} {
  const { form, holes: listed, ownHoles } = item.part
  const own: readonly HolePlace[] = ownHoles ?? []
  if (listed) return { holes: [...listed.map(standardHole), ...own], source: SOURCE.maker }
  const source = form ? FORM[form].source : SOURCE.maker
  const byForm = form && isFullSize(item, form) ? FORM[form].holes : null
  if (byForm) return { holes: [...byForm.map(standardHole), ...own], source }
  return { holes: own.length > 0 ? own : null, source }
}

function isFullSize(item: ItemOf<Board>, form: BoardForm): boolean {
  const { edge, depth } = outlineOf(item, form)
  return edge >= FORM[form].edge - 1 && depth >= FORM[form].depth - 1
}
