// The case: what it holds, where, and which leads hang from its front.
import { amount, words } from './facets'
import { isData } from '../connectors/connectors'
import { layoutOf } from '../case/layout'
import { usualLead } from '../connectors/leads'
import { fact, of, type Sum } from '../figures/quantity'
import { frame, type Vec3 } from '../geometry/space'
import { FIRST_SLOT, SLOT_PITCH } from '../standards/cards'
import { caseSchema, type Case } from './case-schema'
import { defineKind, type ItemOf, type Kind } from './kind'
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

  body(item) {
    const { inner } = layoutOf(item.part)
    return { min: [0, 0, -inner.behind], max: [inner.x, inner.y, inner.z] }
  },
})

function caseEnds(item: ItemOf<Case>): readonly End[] {
  const p = item.part
  const { tray, supply, leadsFrom } = layoutOf(p)
  return [
    place({
      key: 'tray',
      face: 'tray',
      label: 'tray',
      seat: frame(tray, '+x -y +z'),
      traits: { form: p.boards },
      need: 'must',
    }),
    place({ key: 'aperture', face: 'aperture', label: 'rear opening' }),
    place({
      key: 'supply',
      face: 'supply-place',
      label: 'supply mount',
      seat: frame(supply, p.supply.axes),
      traits: { form: p.supply.forms },
      need: 'must',
    }),
    ...p.bays.map((bay, i) =>
      place({
        ...named(bay, i),
        from: { list: 'bays', index: i },
        face: 'bay',
        traits: { size: [bay.size], face: bay.front ? ['front', 'inside'] : ['inside'] },
        rank: bay.front ? p.bays.length + i : i,
      }),
    ),
    ...p.fans.map((fan, i) =>
      place({
        ...named(fan, i),
        from: { list: 'fans', index: i },
        face: 'fan-place',
        traits: { size: fan.sizes },
      }),
    ),
    ...p.radiators.map((r, i) =>
      place({
        ...named(r, i),
        from: { list: 'radiators', index: i },
        face: 'radiator-place',
        traits: { size: r.sizes },
        shuts: r.instead.length > 0 ? [{ keys: r.instead, when: null }] : [],
      }),
    ),
    ...covers(p, tray),
    ...p.spots.map((spot, i) =>
      place({
        ...named(spot, i),
        from: { list: 'spots', index: i },
        face: 'spot',
        traits: { use: spot.takes },
      }),
    ),
    ...p.leads.map((l, i) => leadEnd(item, l, i, leadsFrom)),
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
  }: {
    readonly key: string
    readonly label: string
    readonly at?: Vec3 | undefined
    readonly axes: string
  },
  i: number,
): Pick<End, 'key' | 'label' | 'seat' | 'rank'> => ({
  key,
  label,
  seat: at ? frame(at, axes) : null,
  rank: i,
})

/**
 * Slot covers at the rear, for brackets: the one farthest from the processor first, where it is
 * least missed.
 */
function covers(p: Case, tray: Vec3): readonly End[] {
  const count = p.slots ?? 0
  return Array.from({ length: count }, (_, i) =>
    end({
      key: `cover-${i + 1}`,
      from: { list: 'covers', index: i },
      face: 'rear-cover',
      sex: 'socket',
      label: `slot cover ${i + 1}`,
      rank: count - i,
      seat: frame([0, tray[1] - FIRST_SLOT.y - i * SLOT_PITCH.mm, tray[2]], '+x -y +z'),
    }),
  )
}

function leadEnd(item: ItemOf<Case>, l: Case['leads'][number], i: number, exit: Vec3): End {
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
    takes: l.ports === undefined ? {} : { ports: portsTaken(item, l, l.ports) },
    among: l.among ? { group: l.among, how: 'one-of' } : null,
  })
}

function leadTraits(l: Case['leads'][number]): End['traits'] {
  if (l.job) return { job: [l.job] }
  return isData(l.face) ? { side: ['board'] } : {}
}

const portsTaken = (
  item: ItemOf<Case>,
  { key, label }: Case['leads'][number],
  value: number,
): Sum =>
  of(
    fact(`${item.id}:${key}.ports`, `ports on the ${label} lead`, 'pcs', {
      value,
      basis: 'spec',
      tol: 0,
    }),
  )
