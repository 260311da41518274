// Can a card stand upright where it is meant to: has the case a place and covers for it, is there a
// riser, does that reach, and is it made for the speed?
import { fact, of, plus } from '../../figures/quantity'
import { assume, usual } from '../../figures/units'
import { AXES } from '../../geometry/solid'
import { place, type Frame, type Vec3 } from '../../geometry/space'
import type { EndOf } from '../../joining/joint'
import type { Item } from '../../parts'
import { uprightOf } from '../../parts/case'
import type { ItemOf } from '../../parts/kind'
import { sundry, type Sundry } from '../../parts/sundry'
import { ends } from '../../plan/items'
import { SEATED, type Seated } from '../../plan/situation'
import { CARD_BODY } from '../../standards/cards'
import { SOURCE } from '../../standards/sources'
import { asking, measured, plain, type Finding } from '../finding'
import { rule } from '../rule'
import { allCards, type CardInCase } from './cards-in-case'

interface Upright extends CardInCase {
  /** The riser for it; null where there is none left. */
  readonly riser: ItemOf<Sundry> | null
  /** From the board's slot to the card's edge; null where one of them is not known. */
  readonly way: { readonly from: Vec3; readonly to: Vec3 } | null
}

const ID = { rule: 'fit/upright', stage: 'fit' } as const

export const fitUpright = rule({
  id: ID.rule,
  stage: ID.stage,
  question: 'Can each card that is to stand upright do so?',
  source: SOURCE.maker,
  needs: { ...SEATED, ends },
  inputs: uprights,
  key: ({ card }) => card.id,
  judge: upright => {
    const { riser, pc } = upright
    const place = uprightOf(pc.part)
    if (!place) return [noPlace(upright)]
    if (!riser) return [covers(upright, place), noRiser(upright)]
    return [covers(upright, place), reach(upright, riser), ...speed(upright, riser)]
  },
})

const isRiser = (item: Item): item is ItemOf<Sundry> & Item =>
  item.part.kind === 'sundry' && item.part.use === 'riser'

function uprights(s: Seated & { readonly ends: ReadonlyMap<string, EndOf> }): readonly Upright[] {
  const risers = s.items.filter(isRiser)
  return allCards(s)
    .filter(({ card }) => card.upright === true)
    .map((own, i): Upright => {
      const seat = s.seats.find(j => j.id === own.joint)
      const y = seat ? (s.ends.get(seat.b)?.end.at?.[1] ?? null) : null
      const from = y === null ? null : pointIn(s.frames.get(own.board.id), [EDGE, y, 0])
      const to = pointIn(s.frames.get(own.card.id), [EDGE, 0, CARD_BODY.over])
      return { ...own, riser: risers[i] ?? null, way: from && to && { from, to } }
    })
}
/** Named choice: how far in from the rear the middle of a long slot is, mm. */
const EDGE = 90
const pointIn = (frame: Frame | undefined, point: Vec3): Vec3 | null =>
  frame ? place(frame, point) : null

const saidOf = ({ joint, card, pc }: Upright) => ({
  ...ID,
  about: [card.id, pc.id],
  joints: [joint],
})

const noPlace = (upright: Upright): Finding =>
  plain(
    {
      ...saidOf(upright),
      sentence: `The ${upright.card.name} upright in the ${upright.pc.name}, which has no place for that`,
      wayOut: 'Seat it in its slot, or a case with a place for upright cards.',
    },
    // An empty list says that it has none; no list, that nobody looked.
    upright.pc.part.upright ? 'stop' : 'measure',
  )

type Place = NonNullable<ReturnType<typeof uprightOf>>
/** Whether the place has a cover for each that the card takes. */
function covers(upright: Upright, { key, slots: has, label }: Place): Finding {
  const { card } = upright
  return plain(
    {
      ...saidOf(upright),
      part: `covers:${key}`,
      sentence: `The ${card.name} takes ${card.part.slots} of ${has} covers of the ${label}`,
      wayOut: 'Seat it in its slot, or a thinner card.',
    },
    card.part.slots > has ? 'stop' : 'clear',
  )
}

const noRiser = (upright: Upright): Finding =>
  plain(
    {
      ...saidOf(upright),
      part: 'riser',
      sentence: `The ${upright.card.name} upright without a riser: its contact edge reaches no slot`,
      wayOut: 'Add a riser as long as the way to the slot.',
    },
    'stop',
  )

/** Named choices: what both bends of a ribbon take beyond the straight way, and how far off that is, mm. */
const BENDS = { mm: 30, tol: 15 }
/** How far off the ends of the way may be, mm: the socket's place on the ribbon is nobody's figure. */
const UNSURE = 20

function reach(upright: Upright, riser: ItemOf<Sundry>): Finding {
  const { card, way } = upright
  const said = { ...saidOf(upright), about: [card.id, riser.id], part: 'reach' }
  const sentence = `Ribbon of the ${riser.name} from the slot to the ${card.name}`
  if (!way)
    return plain(
      { ...said, sentence, wayOut: 'Lay a string from the slot to the card.' },
      'measure',
    )
  const mm = Math.hypot(...AXES.map(i => way.to[i] - way.from[i]))
  const straight = fact(
    'riser-way',
    'straight way from the slot to the card',
    'mm',
    assume(mm, 'mm', UNSURE),
  )
  const bends = fact(
    'riser-bends',
    'both bends of the ribbon',
    'mm',
    usual(BENDS.mm, 'mm', BENDS.tol),
  )
  return measured({
    ...said,
    sentence,
    source: SOURCE.practice,
    wayOut: 'A longer riser, or another slot.',
    need: plus(of(straight), of(bends)),
    have: of(sundry.leaf(riser, 'ribbon')),
    where: way,
  })
}

/** A riser made for less than card and slot makes both slower, or unsteady. */
function speed({ joint, card, slot, pc }: Upright, riser: ItemOf<Sundry>): readonly Finding[] {
  const known = [card.part.generation, slot.generation].flatMap(g => g ?? [])
  const wanted = known.length > 0 ? Math.min(...known) : null
  const { generation } = riser.part
  const said = { ...ID, about: [card.id, riser.id], part: 'speed', joints: [joint], with: [pc.id] }
  if (wanted === null) return []
  if ((generation ?? null) === null)
    return [
      asking(said, {
        item: riser.id,
        path: 'generation',
        question: `For which generation of PCI Express is the ${riser.name} made?`,
        take: 'Read it on its ribbon or in its sheet.',
      }),
    ]
  return [
    plain(
      {
        ...said,
        sentence: `The ${riser.name} is made for generation ${generation ?? ''}, card and slot run ${wanted}`,
        wayOut: 'Set the slot to the riser’s generation in the firmware, or a riser made for more.',
      },
      (generation ?? 0) < wanted ? 'watch' : 'clear',
    ),
  ]
}
