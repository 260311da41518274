// A tour of the boards, edge by edge: each socket, its job, what of this build goes there, what it is
// mistaken for, where it is printed. Asked for on demand.
import { compareBy } from '../collections/compare'
import { groupBy } from '../collections/groups'
import {
  CONNECTORS,
  connector,
  faceName,
  isFurther,
  isMechanical,
  MATINGS,
  socketName,
  type Face,
  type PlugFace,
} from '../connectors/connectors'
import { panelBlockOf, type EndRef } from '../ids/ids'
import { shutBy, type Shut } from '../joining/cover'
import type { EndOf } from '../joining/joint'
import type { Item } from '../parts'
import type { Board } from '../parts/board-schema'
import type { ItemOf } from '../parts/kind'
import { markWords } from '../parts/mark'
import { ends, items, names } from '../plan/items'
import { plugs, seats } from '../plan/joints'
import { stage, type ValuesOf } from '../pipeline/stage'
import { EDGES, standingOf, type BoardEdge, type Standing } from './board-edges'

export interface Tour {
  readonly board: string
  readonly name: string
  readonly edges: readonly { readonly edge: BoardEdge; readonly stops: readonly TourStop[] }[]
}
export interface TourStop {
  /** Under which id it is drawn. */
  readonly id: string
  readonly face: Face
  /** What is printed beside it; of like sockets that all stay empty, of each. */
  readonly labels: readonly string[]
  readonly name: string
  readonly job: string
  readonly where: string
  /** What goes there, by part and plug; none where it stays empty. */
  readonly here: readonly string[]
  /** Why nothing goes there, where there is a reason. */
  readonly why: string
  /** Nobody stated that it is there. */
  readonly isAssumed: boolean
  /** What looks like it, in a sentence. */
  readonly lookAlike: string
  /** What looks like its plug or like itself and is forced: what that does. */
  readonly mistaken: readonly Mistaken[]
}
export interface Mistaken {
  /** Whether a wrong plug comes here, or its own plug goes elsewhere. */
  readonly way: 'here' | 'there'
  readonly face: PlugFace
  readonly name: string
  readonly note: string
}

const FROM = { items, ends, names, seats, plugs } as const
type Given = ValuesOf<typeof FROM>

/** Each board of the horizon, its sockets in the order of a walk around it. */
export const boardTours = stage('board-tours', FROM, (s): readonly Tour[] =>
  s.items.filter(isBoard).map(board => tourOf(s, board)),
)
const isBoard = (item: Item): item is ItemOf<Board> => item.part.kind === 'board'

interface Stood extends Standing {
  readonly stop: TourStop
}

function tourOf(s: Given, board: ItemOf<Board>): Tour {
  const own = [...s.ends.values()].filter(e => e.item === board.id)
  const used = usedOn(s, own)
  const stood = [...groupBy(own.filter(isShown), drawnAs)].flatMap(([id, sockets]) =>
    sockets.slice(0, 1).map(({ end }): Stood => {
      const standing = standingOf(board, end)
      return { ...standing, stop: { id, where: standing.where, ...socketOf(sockets, used) } }
    }),
  )
  const edges = EDGES.map(edge => ({ edge, stops: walked(stood.filter(p => p.edge === edge)) }))
  return {
    ...{ board: board.id, name: board.name },
    edges: edges.filter(e => e.stops.length > 0),
  }
}

/** A cooler's mount is around the processor's socket; what a smaller plug leaves free is told with it. */
const isShown = ({ end: { sex, face } }: EndOf): boolean =>
  sex === 'socket' && face !== 'cooler-mount' && !isFurther(face)
/** All pins of the front-panel block are one thing. */
const drawnAs = ({ ref, end }: EndOf): EndRef =>
  end.face === 'panel-lead' || end.face === 'panel-block' ? panelBlockOf(ref) : ref

/** What is joined on a board, and what no longer can be for it: by the ends of its sockets. */
interface Used {
  readonly here: ReadonlyMap<string, readonly string[]>
  readonly shut: ReadonlyMap<string, string>
}

function usedOn({ ends, names, seats, plugs }: Given, own: readonly EndOf[]): Used {
  const refs = new Set<string>(own.map(e => e.ref))
  const joints = [...seats, ...plugs].filter(j => refs.has(j.b))
  const called = (item: string, label: string): string => `${names.get(item) ?? item}: ${label}`
  const shut = joints.flatMap(j => {
    const [plug, socket] = [ends.get(j.a), ends.get(j.b)]
    if (!plug || !socket) return []
    return shutBy(plug, socket, own).map(({ ref, how }): readonly [string, string] => [
      ref,
      `${HOW[how]} ${names.get(plug.item) ?? ''}`,
    ])
  })
  const here = groupBy(joints, j => j.b)
  return {
    here: new Map(
      [...here].map(([ref, all]) => [
        ref,
        all.map(j => called(j.items[0], ends.get(j.a)?.end.label ?? '')),
      ]),
    ),
    shut: new Map(shut),
  }
}
const HOW: Readonly<Record<Shut['how'], string>> = {
  covered: 'covered by the',
  'switched off': 'switched off for the',
}

/** One socket, or the block that all of these are pins of. */
function socketOf(sockets: readonly EndOf[], used: Used): Omit<TourStop, 'id' | 'where'> {
  const ends = sockets.map(e => e.end)
  const face = ends.find(e => e.face === 'panel-block')?.face ?? ends[0]?.face ?? 'panel-block'
  const [first] = sockets
  const marked = first?.end.marked ?? null
  return {
    face,
    labels: face === 'panel-block' ? ['front-panel block'] : ends.slice(0, 1).map(e => e.label),
    here: sockets.flatMap(e => used.here.get(e.ref) ?? []),
    why: marked === null ? (used.shut.get(first?.ref ?? '') ?? '') : `it ${markWords[marked]}`,
    isAssumed: ends.every(e => e.assumed),
    ...knownOf(face),
  }
}

/** What its row says of it; of a seat that is no connector only its name. */
function knownOf(face: Face): Pick<TourStop, 'name' | 'job' | 'lookAlike' | 'mistaken'> {
  if (isMechanical(face)) return { name: faceName(face), job: '', lookAlike: '', mistaken: [] }
  const { carries, lookAlike } = connector(face)
  return {
    ...{ name: socketName(face), job: carries, lookAlike: lookAlike ?? '' },
    mistaken: mistakenFor(face),
  }
}

/** Each other connector once: what comes here by force first, else where its own plug would go. */
function mistakenFor(face: PlugFace): readonly Mistaken[] {
  const forced = MATINGS.filter(m => m.verdict === 'stop' || m.verdict === 'harm')
  const here = forced.filter(m => m.socket === face).map(m => mistaken('here', m.plug, m.note))
  const there = forced.filter(m => m.plug === face).map(m => mistaken('there', m.socket, m.note))
  return [...groupBy([...here, ...there], m => m.face).values()].flatMap(of => of.slice(0, 1))
}
const mistaken = (way: Mistaken['way'], face: PlugFace, note: string): Mistaken => ({
  ...{ way, face, note },
  name: CONNECTORS[face].name,
})

/** In the order of the walk; like sockets that follow each other and stay empty are one stop. */
function walked(stood: readonly Stood[]): readonly TourStop[] {
  const sorted = [...stood].sort(
    compareBy(
      p => p.along,
      p => p.stop.id,
    ),
  )
  const stops: TourStop[] = []
  for (const { stop } of sorted) {
    const last = stops.at(-1)
    if (last && isLike(last, stop))
      stops[stops.length - 1] = { ...last, labels: [...last.labels, ...stop.labels] }
    else stops.push(stop)
  }
  return stops
}
const isLike = (a: TourStop, b: TourStop): boolean =>
  a.face === b.face && [...a.here, ...b.here].length === 0 && a.why === b.why && a.where === b.where
