// How hands go about a part, where its kind knows several ways.
import { readFigure } from '../../figures/units'
import { airAt, meantFor } from '../../case/air'
import type { Joint } from '../../joining/joint'
import type { Item } from '../../parts'
import type { Card } from '../../parts/card-schema'
import type { Drive } from '../../parts/drive-schema'
import { uprightOf } from '../../parts/case'
import { turnsOf } from '../../parts/turned'
import { processor as processorKind } from '../../parts/processor'
import { standoffPlan } from '../../plan/standoffs'
import { every, joinedBy, socketIn } from '../../plan/situation'
import { cardsInCase, slotRows } from '../../rules/fit/cards-in-case'
import { GUIDED_FROM } from '../../standards/cards'
import type { Manner } from '../step'
import type { StepsFrom } from './from'

/**
 * What of a part decides how hands go about it: where a processor's pins are, how a cooler is held
 * and pasted, a drive's size.
 */
export function mannerOf(s: StepsFrom, item: Item, joint: Joint): Manner | null {
  const { id, part: p, condition, upright: isUpright } = item
  if (p.kind === 'processor') return { of: 'processor', contacts: p.contacts }
  const isUsed = condition !== 'new'
  if (p.kind === 'drive')
    return {
      ...{ of: 'drive', shape: p.shape, isUsed, holdsData: KEEPING.includes(p.medium) },
      ...{ stick: stickOf(s, joint, p), isAtFront: isAtFront(s, joint, p) },
    }
  if (p.kind === 'supply') return { of: 'supply', fan: s.supplyFans.get(id) ?? null }
  if (p.kind === 'memory') return { of: 'memory', type: p.type }
  if (p.kind === 'board') return { of: 'board', shield: p.shield, holes: screwedAt(s, id) }
  if (p.kind === 'card') return cardManner(s, { id, isUpright: isUpright === true, part: p })
  if (p.kind === 'fan' || joint.face === 'radiator-place') return airManner(s, joint)
  if (p.kind !== 'cooler') return null
  const { fastening, paste, bracket } = p
  return {
    ...{ of: 'cooler', fastening, paste, bracket },
    ...{ isUsed, lid: lidOn(s, joint.items[1]), isLiquid: Boolean(p.liquid) },
    turned: turnedAs(item),
  }
}

/** How a part is turned, of several ways in which it goes; null where it goes in one way only. */
function turnedAs({ part, turned }: Item): string | null {
  const ways = turnsOf(part)
  if (ways.length === 0) return null
  return ways.find(way => way.turn === turned)?.label ?? 'not'
}

/** What shows nothing at the front goes behind the blank of its bay. */
function isAtFront(s: StepsFrom, joint: Joint, { medium }: Drive): boolean {
  const pc = every(s, 'case').find(c => c.id === joint.items[1])
  const bay = pc && socketIn(joint, 'bays', pc.part.bays)
  return bay?.front === true && FED_BY_HAND.includes(medium)
}

/** A stick in its socket: its length, and what of the board lies over it. */
function stickOf(s: StepsFrom, joint: Joint, { m2 }: Drive) {
  const board = every(s, 'board').find(b => b.id === joint.items[1])
  const socket = board && socketIn(joint, 'm2', board.part.m2)
  if (!m2 || !socket) return null
  return { length: m2.length, cover: socket.cover ?? null, hasSink: m2.heatSink === true }
}

/** The holes of a board that lie on a standoff of its case; null where nobody knows them. */
function screwedAt(s: StepsFrom, id: string): readonly string[] | null {
  const [seat] = joinedBy(s, 'tray', 'board', 'case').filter(j => j.plug.id === id)
  const plan = seat ? standoffPlan(seat.plug, seat.socket) : null
  return plan?.holes ? [...plan.keep, ...plan.fit].map(h => h.label) : null
}

/** Which way air goes at the place of a fan or a radiator; null where it sits at none. */
function airManner(s: StepsFrom, joint: Joint): Manner | null {
  const pc = every(s, 'case').find(c => c.id === joint.items[1])
  const place =
    pc && (socketIn(joint, 'fans', pc.part.fans) ?? socketIn(joint, 'radiators', pc.part.radiators))
  if (!place) return null
  const filter = pc.part.filters?.find(f => f.over.includes(place.key)) ?? null
  return { of: 'air', filter, ...airAt({ key: place.key, meant: meantFor(place) }, pc.airs) }
}

/** What keeps what is written on it. */
const KEEPING: readonly Drive['medium'][] = ['flash', 'disk']
/** What is put into it by hand, from in front. */
const FED_BY_HAND: readonly Drive['medium'][] = ['optical', 'cards', 'floppy']

interface Slotted {
  readonly id: string
  readonly part: Card
  readonly isUpright: boolean
}
function cardManner(s: StepsFrom, { id, part: p, isUpright }: Slotted): Manner {
  return {
    of: 'card',
    isGuided: isGuided(s, p),
    isUpright: isUpright && stands(s),
    isLatched: p.size === 'x16' || p.size === 'AGP',
    isHeavy: p.size === 'x16' && (p.slots ?? 1) > 1,
    length: readFigure(p.length, 'mm')?.value ?? null,
    rows: cardsInCase(s)
      .filter(c => c.card.id === id)
      .flatMap(slotRows),
  }
}

const stands = (s: StepsFrom): boolean => every(s, 'case').some(pc => uprightOf(pc.part) !== null)

/** Whether a card reaches the guides that the case has at its front wall. */
const isGuided = (s: StepsFrom, { length }: Card): boolean =>
  (readFigure(length, 'mm')?.value ?? 0) >= GUIDED_FROM.mm &&
  every(s, 'case').some(pc => pc.part.guides === 'fitted')

/** How wide the lid of the processor on a board is, mm. */
function lidOn(s: StepsFrom, board: string): number | null {
  const seat = s.seats.find(j => j.face === 'processor-socket' && j.items[1] === board)
  const processor = every(s, 'processor').find(p => p.id === seat?.items[0])
  return processor ? (processorKind.leaf(processor, 'lidWidth').figure?.value ?? null) : null
}
