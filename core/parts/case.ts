// The case: what it holds, where, and which leads hang from its front.
import { amount, words } from './facets'
import { isData } from '../connectors/connectors'
import { wallOf } from '../case/air'
import { airOrder } from '../case/air-order'
import { layoutOf } from '../case/layout'
import { usualLead } from '../connectors/leads'
import { fact, of, type Sum } from '../figures/quantity'
import { frame, place as placed, type Frame, type Vec3 } from '../geometry/space'
import {
  BOARD_FORMS,
  FORM,
  smallerForms,
  standardHole,
  type BoardForm,
  type HolePlace,
} from '../standards/boards'
import { slotLine } from '../standards/cards'
import { backplaneEnds, backplaneInlets } from './backplane'
import { caseSolids } from './bodies/case'
import { caseSeat } from './bodies/case-seats'
import { caseSchema, type Case, type CaseLead } from './case-schema'
import { basisAt, defineKind, type ItemOf, type Kind } from './kind'
import { caseAsks } from './case-asks'
import { end, type End } from './end'

export const pcCase: Kind<'case', typeof caseSchema> = defineKind({
  kind: 'case',
  title: 'Case',
  schema: caseSchema,
  facets: [
    words('archetype', 'layout'),
    words('boards', 'boards'),
    amount('coolerRoom'),
    amount('cardRoom'),
  ],
  filmed: true,

  ends: caseEnds,
  inlets: ({ part }, key) => backplaneInlets(part, key),
  asks: caseAsks,

  solids: caseSolids,
  seatAt: caseSeat,
})

function caseEnds(item: ItemOf<Case>): readonly End[] {
  const p = item.part
  const { leadsFrom } = layoutOf(p)
  return [
    ...mounts(item),
    ...places(p),
    ...covers(p),
    ...uprightPlaces(p),
    ...backplaneEnds(p),
    ...p.spots.map((spot, i) =>
      place({
        ...named(spot, i),
        from: { list: 'spots', index: i },
        face: 'spot',
        traits: { use: spot.takes },
      }),
    ),
    ...(p.leads ?? []).map((l, i) => leadEnd(item, l, i, leadsFrom)),
  ]
}

/** How the board lies on the tray: upright, unless the case turns or mirrors it. */
const onTray = (p: Case): Frame => frame(layoutOf(p).tray, p.tray.axes ?? '+x -y +z')

/** Where board, shield and supply are screwed, as far as it is known which go there. */
function mounts(item: ItemOf<Case>): readonly End[] {
  const p = item.part
  const { supply } = layoutOf(p)
  const { boards } = p
  const { forms, axes } = p.supply
  const board = boards && {
    ...({ key: 'tray', face: 'tray', label: 'tray', need: 'must' } as const),
    seat: onTray(p),
    traits: { form: formsTaken(item) },
  }
  const power = forms && {
    ...({ key: 'supply', face: 'supply-place', label: 'supply mount', need: 'must' } as const),
    seat: frame(supply, axes),
    traits: { form: forms },
    assumed: basisAt(p, 'supply.forms') === 'assumed',
  }
  return [
    ...(board ? [place(board)] : []),
    place({ key: 'aperture', face: 'aperture', label: 'rear opening' }),
    ...(power ? [place(power)] : []),
  ]
}

/**
 * The forms of board that lie on its tray: those it names, all that are smaller, and each whose
 * size and holes its tray takes as stated, whatever its words.
 */
function formsTaken(item: ItemOf<Case>): readonly BoardForm[] {
  const named = item.part.boards ?? []
  const threads = item.part.standoffs.threads ?? []
  const reaches = (path: 'tray.roomX' | 'tray.roomY', mm: number): boolean =>
    (pcCase.leaf(item, path).figure?.value ?? 0) >= mm
  const hasRoomFor = (form: BoardForm): boolean => {
    const { edge, depth, holes, rear } = FORM[form]
    return (
      named.some(n => FORM[n].rear === rear) &&
      holes?.every(h => threads.includes(h)) === true &&
      reaches('tray.roomX', depth) &&
      reaches('tray.roomY', edge)
    )
  }
  const all = [...named, ...named.flatMap(smallerForms), ...BOARD_FORMS.filter(hasRoomFor)]
  return [...new Set(all)]
}

/** The threads of its tray: as stated, else those of the forms that it names; and those of its own. */
export const threadsOf = ({ boards, standoffs }: Case): readonly HolePlace[] => {
  const byForm = (boards ?? []).flatMap(f => FORM[f].holes ?? [])
  const named = standoffs.threads ?? [...new Set(byForm)].sort()
  return [...named.map(standardHole), ...(standoffs.own ?? [])]
}

/** Bays, fan places and radiator places; fan places in the order of the air they are for. */
const places = (p: Case): readonly End[] => {
  const turns = airOrder(p.fans ?? [])
  return [
    ...(p.bays ?? []).map((bay, i) =>
      place({
        ...named(bay, i),
        from: { list: 'bays', index: i },
        face: 'bay',
        traits: { size: [bay.size], face: bay.front ? ['front', 'inside'] : ['inside'] },
        rank: bay.front ? (p.bays?.length ?? 0) + i : i,
      }),
    ),
    ...(p.fans ?? []).map((fan, i) =>
      place({
        ...named(fan, i),
        from: { list: 'fans', index: i },
        face: 'fan-place',
        traits: { size: fan.sizes },
        role: wallOf(fan.axes),
        rank: turns.get(fan.key) ?? i,
      }),
    ),
    ...(p.radiators ?? []).map((r, i) =>
      place({
        ...named(r, i),
        from: { list: 'radiators', index: i },
        face: 'radiator-place',
        traits: { size: r.sizes },
        shuts: r.instead.length > 0 ? [{ keys: r.instead, when: null }] : [],
      }),
    ),
  ]
}

const place = (about: Omit<Parameters<typeof end>[0], 'sex'>): End =>
  end({ ...about, sex: 'socket' })

/** A place of a list: its name, where it lies when that is known, its number as its rank. */
const named = (
  {
    key,
    label,
    at,
    axes,
    assumed,
  }: {
    readonly key: string
    readonly label: string
    readonly at?: Vec3 | undefined
    readonly axes: string
    readonly assumed?: boolean | undefined
  },
  i: number,
): Pick<End, 'key' | 'label' | 'seat' | 'rank' | 'assumed'> => ({
  key,
  label,
  seat: at ? frame(at, axes) : null,
  rank: i,
  assumed: assumed === true,
})

/** Where cards stand upright: what is plugged into a board's slot stands there by a riser. */
const uprightPlaces = (p: Case): readonly End[] =>
  (p.upright ?? []).map((own, i) =>
    place({ ...named(own, i), from: { list: 'upright', index: i }, face: 'upright-place' }),
  )
/** The place that an upright card takes; null where the case has none, or nobody says. */
export const uprightOf = ({ upright }: Case) => upright?.[0] ?? null

/**
 * Slot covers at the rear, for brackets: the one farthest from the processor first, where it is
 * least missed.
 */
function covers(p: Case): readonly End[] {
  const tray = onTray(p)
  const count = p.slots ?? 0
  const [form = 'ATX'] = p.boards ?? []
  const isOld = FORM[form].rear === 'keyboard hole'
  const line = isOld ? { edge: FORM[form].edge, last: count } : { edge: null, last: null }
  return Array.from({ length: count }, (_, i) =>
    end({
      key: `cover-${i + 1}`,
      from: { list: 'covers', index: i },
      face: 'rear-cover',
      sex: 'socket',
      label: `slot cover ${i + 1}`,
      rank: count - i,
      seat: { ...tray, origin: placed(tray, [0, slotLine(i + 1, line), 0]) },
    }),
  )
}

function leadEnd(item: ItemOf<Case>, l: CaseLead, i: number, exit: Vec3): End {
  const usual = usualLead(l.face)
  const isVital = l.job === 'power-switch' || l.face === 'panel-block'
  return end({
    key: l.key,
    from: { list: 'leads', index: i },
    face: l.face,
    sex: 'plug',
    label: l.label,
    need: l.need ?? (isVital ? 'must' : 'should'),
    lead: { length: of(pcCase.leaf(item, `leads.${i}.length`, usual)), exit },
    traits: leadTraits(l),
    assumed: l.assumed === true,
    takes: l.ports === undefined ? {} : { ports: portsTaken(item, l, l.ports) },
    among: l.among ? { group: l.among, how: 'one-of' } : null,
  })
}

function leadTraits(l: CaseLead): End['traits'] {
  if (l.job) return { job: [l.job] }
  return isData(l.face) ? { side: ['board'] } : {}
}

const portsTaken = (item: ItemOf<Case>, { key, label }: CaseLead, value: number): Sum =>
  of(
    fact(`${item.id}:${key}.ports`, `ports on the ${label} lead`, 'pcs', {
      value,
      basis: 'spec',
      tol: 0,
    }),
  )
