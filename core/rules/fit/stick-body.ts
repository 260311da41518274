// Does a stick's own heat sink get along with the board's, and do chips on both sides find room?
import { asking, plain, type Because, type Finding } from '../finding'
import type { M2Slot } from '../../parts/board-schema'
import type { Drive } from '../../parts/drive-schema'
import { rule } from '../rule'
import { JOINED, joinedBy, socketIn } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

interface Seated {
  readonly joint: string
  readonly drive: { readonly id: string; readonly name: string; readonly m2: Drive['m2'] }
  readonly board: { readonly id: string; readonly name: string }
  readonly slot: M2Slot
  readonly path: string
}

export const stickBody = rule({
  id: 'fit/stick-body',
  stage: 'fit',
  question: 'Does an M.2 drive find room for its heat sink and for chips on both of its sides?',
  source: SOURCE.m2,
  needs: JOINED,
  inputs: s =>
    joinedBy(s, 'm2-slot', 'drive', 'board').flatMap(({ joint, plug, socket }): Seated[] => {
      const slot = socketIn(joint, 'm2', socket.part.m2)
      return slot
        ? [
            {
              joint: joint.id,
              drive: { id: plug.id, name: plug.name, m2: plug.part.m2 },
              board: { id: socket.id, name: socket.name },
              slot,
              path: `m2.${joint.members[1]?.index ?? 0}`,
            },
          ]
        : []
    }),
  judge: seated => [...ofSink(seated), ...ofSides(seated)],
})

const said = ({ joint, drive, board }: Seated, part: string) =>
  ({
    rule: 'fit/stick-body',
    stage: 'fit',
    about: [drive.id, board.id],
    joints: [joint],
    part,
  }) as const
const stated = (fact: string, value: string): Because => ({
  fact,
  value,
  basis: 'spec',
  source: SOURCE.maker,
})

/** Of two heat sinks one comes off; one that cannot leaves no room for the other. */
function ofSink(seated: Seated): readonly Finding[] {
  const { drive, board, slot, path } = seated
  const [own, cover] = [drive.m2?.heatSink ?? null, slot.cover ?? null]
  if (own === false || cover === 'none' || (own === null && cover === null)) return []
  const about = said(seated, 'sink')
  if (own === null)
    return [
      asking(about, {
        item: drive.id,
        path: 'm2.heatSink',
        question: `Does the ${drive.name} carry a heat sink of its own? ${slot.label} has the board’s`,
        take: 'Look at it: a metal block over the chips, more than a label.',
      }),
    ]
  if (cover === null)
    return [
      asking(about, {
        item: board.id,
        path: `${path}.cover`,
        question: `Does ${slot.label} of the ${board.name} have a heat sink over it?`,
        take: 'Look at the board: a metal cover beside or over the socket, and whether it unscrews.',
      }),
    ]
  const because = [
    stated(`heat sink of the ${drive.name}`, 'its own'),
    stated(`heat sink over ${slot.label}`, cover),
  ]
  return [
    cover === 'fixed'
      ? plain(
          {
            ...about,
            because,
            sentence: `The heat sink of the ${drive.name} finds no room under that of ${slot.label}`,
            wayOut: 'Another socket, or the same drive without a heat sink.',
          },
          'stop',
        )
      : plain(
          {
            ...about,
            because,
            sentence: `The ${drive.name} and ${slot.label} each have a heat sink: one comes off`,
            wayOut:
              'Leave the board’s off and keep it with the box. Prising off a glued one can break the drive.',
          },
          'watch',
        ),
  ]
}

/** Chips below want a socket that stands high enough. */
function ofSides(seated: Seated): readonly Finding[] {
  const { drive, board, slot, path } = seated
  const [sides, takes] = [drive.m2?.sides ?? null, slot.takes ?? null]
  if (sides === 'one' || takes === 'double-sided' || (sides === null && takes === null)) return []
  const about = said(seated, 'sides')
  if (sides === null)
    return [
      asking(about, {
        item: drive.id,
        path: 'm2.sides',
        question: `Does the ${drive.name} have chips on its lower side? ${slot.label} has no room there`,
        take: 'Turn it over: chips on both sides, or a bare board with a label.',
      }),
    ]
  if (takes === null)
    return [
      asking(about, {
        item: board.id,
        path: `${path}.takes`,
        question: `Does ${slot.label} of the ${board.name} take a drive with chips on both sides?`,
        take: 'Read it in the board’s manual, or lay the drive in without its screw: it must not bend.',
      }),
    ]
  return [
    plain(
      {
        ...about,
        because: [stated(`chips of the ${drive.name}`, 'on both sides'), stated(slot.label, takes)],
        sentence: `The ${drive.name} has chips on both sides; under ${slot.label} is no room for them`,
        wayOut: 'Another socket, or a drive with chips on one side.',
      },
      'stop',
    ),
  ]
}
