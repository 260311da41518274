// From each version of the format to the next. What once landed opens for ever: no row is ever
// taken out.
import { outerSockets } from './outer-sockets'
import { radiatorMiddles } from './radiator-middles'
import { eachPart, threeAnswers } from './three-answers'

/**
 * How data of one version becomes data of the next. What comes in is unparsed; what goes out is
 * parsed by the present schema.
 */
export interface Migration {
  readonly from: number
  /** What a reader of the next version must know. */
  readonly says: string
  build(raw: unknown): unknown
  part(raw: unknown): unknown
}

const same = (raw: unknown): unknown => raw

export const MIGRATIONS: readonly Migration[] = [
  {
    from: 1,
    says:
      'An entry of the log may hold the command that was done; the lines that version 1 ' +
      'wrote stay as they are. A file may name builds that lay in the bin.',
    build: same,
    part: same,
  },
  {
    from: 2,
    says:
      'Three answers: what is left out or null is not known, an empty list is none. `places: ' +
      '"derived"` became `assumed`, a list of the fields that nobody stated; `partly` names lists ' +
      'of which only a part is known, `assumed` on a member that nobody stated it. What version 2 ' +
      'wrote wherever nothing was said (18 AWG, the older guide, empty lists) is not known now.',
    build: raw => eachPart(raw, threeAnswers),
    part: raw => eachPart(raw, threeAnswers),
  },
  {
    from: 3,
    says:
      'New fields, all of which may be left out: how a fan header slows a fan (`control`), a fan’s ' +
      'second plug and what hands power on, a cooler’s further fans, how many sockets of its supply ' +
      'a cable takes, the drive that the system starts from, the lanes of an M.2 socket, what memory ' +
      'runs at without a profile.',
    build: same,
    part: same,
  },
  {
    from: 4,
    says:
      'Sockets on the brackets of cards are sockets (`rear`), no longer words; the speed of a socket ' +
      'at the rear is a number, Gb/s. New fields, all of which may be left out: holes and threads at ' +
      'places of their own, guide pegs, the height of brackets, heat sinks and sides of sticks, what ' +
      'shares lanes, backplanes, which way a fan-out goes, all sockets of a drive; of a copy what is ' +
      'broken, reserved, cut off or declared to run beyond its rating; of a build its purpose, its ' +
      'system, and habits. What is lent is a state.',
    build: raw => eachPart(raw, outerSockets),
    part: raw => eachPart(raw, outerSockets),
  },
  {
    from: 5,
    says:
      'A new kind of part, the battery, and single chips as a sort of memory. New fields, all of ' +
      'which may be left out: how the jumpers of a copy stand, and what a jumper is for; a ' +
      'coprocessor’s socket, plastic posts, memory on a card, what a supply lacks and its least ' +
      'load, its mains switch, retainers and guides of cards.',
    build: same,
    part: same,
  },
  {
    from: 6,
    says:
      'A radiator place lies where its middle is; before, where the first of its fan places is. New ' +
      'fields, all of which may be left out: where the pieces of a case begin and end, and which of ' +
      'them are fixed; of a copy of a case the pieces that are out; what stands high on a board, the ' +
      'room under a cooler’s fins, on which side of its radiator a fan stands.',
    build: raw => eachPart(raw, radiatorMiddles),
    part: raw => eachPart(raw, radiatorMiddles),
  },
  {
    from: 7,
    says:
      'New fields, all of which may be left out: how a cooler or a supply is turned, and how far its ' +
      'mounting lets it; which way air goes at places of a case, in which of its walls there are ' +
      'openings; what a fan moves, what cools a card, where a supply draws air in.',
    build: same,
    part: same,
  },
  {
    from: 8,
    says:
      'A build may name what was in the machine and has to come out (`leaving`), and what counts in ' +
      'its order (`orderWeights`); an order that starts by stages. New habits: what is done about ' +
      'static, when the device ends of power leads are plugged. A piece of a case may name the leads ' +
      'that hang on it (`carries`).',
    build: same,
    part: same,
  },
  {
    from: 9,
    says:
      'New fields, all of which may be left out: the lights of a fan and of a cooler, with a lead and ' +
      'a plug of their own; how many are sold as one pack; what comes with a part and is a part of ' +
      'its own (`includes`), and of which copies that is left out (`bare`); what a build may cost ' +
      '(`budget`); which copies went back to the shop.',
    build: same,
    part: same,
  },
  {
    from: 10,
    says:
      'New fields, both of which may be left out: what comes with a case in its place (`fitted`), and ' +
      'the copies of which that is so.',
    build: same,
    part: same,
  },
  {
    from: 11,
    says:
      'New fields, all of which may be left out: how high memory may be under a radiator, of each ' +
      'radiator place of a case (`memoryRoom`); what a minute lost to a fault counts in the order of a ' +
      'build (`orderWeights.lost`). A habit more: which plugs come first in the case.',
    build: same,
    part: same,
  },
  {
    from: 12,
    says: 'A new field, which may be left out: the cable channels behind the tray of a case (`channels`).',
    build: same,
    part: same,
  },
  {
    from: 13,
    says:
      'A new field, which may be left out: where each socket of a modular supply is on the side of its ' +
      'plugs (`sockets.*.at`).',
    build: same,
    part: same,
  },
]
