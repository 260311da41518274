// Two drives on one ribbon: is one the first and the other the second?
import { compareBy } from '../../collections/compare'
import { groupBy } from '../../collections/groups'
import { itemOf } from '../../ids/ids'
import { PLACE_JUMPER } from '../../parts/jumpers'
import { asking, plain, type Because, type Finding } from '../finding'
import { JOINED, every, plugIn, type Joined } from '../../plan/situation'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

interface OnRibbon {
  readonly id: string
  readonly name: string
  readonly jumper: 'first' | 'second' | 'by cable' | null
  /** Whether it hangs past the twist; null where the ribbon does not say, or has none. */
  readonly past: boolean | null
  readonly joint: string
}
interface Ribbon {
  readonly id: string
  readonly name: string
  readonly wires: number | null
  /** Floppy drives are told apart by the twist of their ribbon, not by their jumpers. */
  readonly isTwisted: boolean
  readonly drives: readonly OnRibbon[]
}

export const ribbonOrder = rule({
  id: 'joints/ribbon-order',
  stage: 'joints',
  question: 'Of two drives on one ribbon, is one the first and the other the second?',
  source: SOURCE.ata,
  needs: JOINED,
  inputs: s => ribbons(s),
  judge: ribbon => [ribbon.isTwisted ? atTheTwist(ribbon) : byJumper(ribbon)],
})

/** The places on a ribbon without a twist are told by jumpers, or by the ribbon itself. */
function byJumper(ribbon: Ribbon): Finding {
  const { drives } = ribbon
  const unknown = drives.filter(d => d.jumper === null)
  if (unknown.length > 0) return notKnown(ribbon, unknown)
  const set = drives.map(d => d.jumper)
  const byCable = set.filter(j => j === 'by cable').length
  if (byCable === set.length) return byItsCable(ribbon)
  const share = `${namesOf(ribbon)} share one ribbon`
  if (byCable > 0)
    return plain(
      {
        ...about(ribbon),
        sentence: `${share}, one by jumper and one by cable`,
        wayOut: WAY_OUT,
      },
      'watch',
    )
  if (new Set(set).size === set.length)
    return plain({ ...about(ribbon), sentence: `${share}, each at its place` }, 'clear')
  const alike = `${namesOf(ribbon)} are both set ${set[0] ?? ''} on one ribbon: neither is seen`
  return plain({ ...about(ribbon), sentence: alike, wayOut: WAY_OUT }, 'stop')
}

/** Floppy drives are told apart by the twist. */
function atTheTwist(ribbon: Ribbon): Finding {
  const { drives } = ribbon
  if (drives.length === 1) return alone(ribbon)
  if (drives.some(d => d.past === null)) return twistNotKnown(ribbon)
  const unknown = drives.filter(d => d.jumper === null)
  return unknown.length > 0 ? notKnown(ribbon, unknown) : byTwist(ribbon)
}

const WAY_OUT = 'One first and one second, or both by cable: the jumper, with the power off.'

/** The plugs of ribbons that two drives may share. */
const RIBBONS = ['ribbon-40', 'ribbon-34', 'floppy-edge'] as const
/** Each ribbon that two drives share. */
function ribbons(s: Joined): readonly Ribbon[] {
  const [drives, leads] = [every(s, 'drive'), every(s, 'lead')]
  const there = s.plugs
    .filter(j => RIBBONS.some(face => face === j.face))
    .flatMap(j => {
      const drive = drives.find(d => d.id === itemOf(j.b))
      if (!drive) return []
      const { id, name, part } = drive
      const ribbon = leads.find(l => l.id === itemOf(j.a))
      const past = plugIn(j, 'branches', ribbon?.part.branches)?.past ?? null
      return [{ ribbon: itemOf(j.a), id, name, jumper: part.jumper ?? null, past, joint: j.id }]
    })
  return [...groupBy(there, d => d.ribbon)].flatMap(([id, own]) => {
    const lead = leads.find(l => l.id === id)
    if (!lead) return []
    const { face, wires } = lead.part
    // A lone drive has its place by the twist only.
    const isAlone = own.length < 2 && !own.some(d => d.past !== null)
    if (isAlone) return []
    return [
      {
        ...{ id, name: lead.name, wires: wires ?? null, isTwisted: face === 'ribbon-34' },
        drives: [...own].sort(compareBy(d => d.id)),
      },
    ]
  })
}

const namesOf = ({ drives }: Ribbon): string => drives.map(d => d.name).join(' and ')
const about = ({ id, drives }: Ribbon) =>
  ({
    rule: 'joints/ribbon-order',
    stage: 'joints',
    about: drives.map(d => d.id),
    with: [id],
    joints: drives.map(d => d.joint),
    because: drives.map(becauseOf),
  }) as const

function notKnown(ribbon: Ribbon, unknown: readonly OnRibbon[]): Finding {
  const asks = unknown.map(({ id, name }) => ({
    item: id,
    path: 'jumper',
    jumper: PLACE_JUMPER,
    question: `How is the jumper of the ${name} set?`,
    take: 'Look at the pins beside its ribbon socket, and at the print beside them.',
  }))
  const sentence = `${namesOf(ribbon)} share one ribbon: how their jumpers are set is not known`
  return plain({ ...about(ribbon), asks, sentence, wayOut: asks[0]?.take ?? '' }, 'measure')
}

/** Where the twist is decides which one is first. */
const twistNotKnown = (ribbon: Ribbon): Finding =>
  asking(about(ribbon), {
    item: ribbon.id,
    path: 'branches',
    question: `Which plugs of the ${ribbon.name} are past the twist?`,
    take: 'Look where seven of its wires cross: what comes after, from the controller, is past it.',
  })

/** A lone drive belongs at the end, past the twist: old boards start from the first. */
function alone(ribbon: Ribbon): Finding {
  const isPast = ribbon.drives[0]?.past === true
  const hangs = `${namesOf(ribbon)} hangs ${isPast ? 'past' : 'before'} the twist of the ${ribbon.name}`
  return isPast
    ? plain({ ...about(ribbon), sentence: `${hangs}: it is the first` }, 'clear')
    : plain(
        {
          ...about(ribbon),
          sentence: `${hangs}: it is the second, and nothing starts from it`,
          wayOut: 'To the plug at the end of the ribbon, past the twist.',
        },
        'watch',
      )
}

/** The twist before its end makes the last drive the first: both are set alike. */
function byTwist(ribbon: Ribbon): Finding {
  const areAlike = new Set(ribbon.drives.map(d => d.jumper)).size === 1
  return areAlike
    ? plain(
        {
          ...about(ribbon),
          sentence: `${namesOf(ribbon)} are set alike: the twist makes the one at the end the first`,
        },
        'clear',
      )
    : plain(
        {
          ...about(ribbon),
          sentence: `${namesOf(ribbon)} are set unlike: with the twist between them both answer as one`,
          wayOut:
            'Set both alike, usually second; the twisted end of the ribbon goes to the first.',
        },
        'stop',
      )
}

/** Wires by which a ribbon tells the places of its plugs apart. */
const TELLS_PLACES = 80
/** Set by cable, the ribbon has to tell the places apart. */
function byItsCable(ribbon: Ribbon): Finding {
  const { id, name, wires } = ribbon
  if (wires === null)
    return asking(about(ribbon), {
      item: id,
      path: 'wires',
      question: `Has the ${name} 40 wires or 80?`,
      take: 'Count ten of them: 80 are half as wide, and its plugs are blue, black and grey.',
    })
  if (wires >= TELLS_PLACES)
    return plain(
      {
        ...about(ribbon),
        sentence:
          `${namesOf(ribbon)} take their places from the ribbon: blue to the board, black is the ` +
          'first, grey the second',
      },
      'clear',
    )
  return plain(
    {
      ...about(ribbon),
      sentence: `${namesOf(ribbon)} are set by cable, and few ribbons of ${wires} wires tell them apart`,
      wayOut: 'A ribbon of 80 wires; or set one first and one second by jumper.',
    },
    'watch',
  )
}

const becauseOf = ({ name, jumper }: OnRibbon): Because => ({
  fact: `jumper of the ${name}`,
  value: jumper ?? '?',
  basis: jumper === null ? 'missing' : 'spec',
  source: SOURCE.maker,
})
