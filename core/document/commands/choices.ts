// Commands on what a person decides: findings accepted, ends left open, schools, joints and steps
// put by hand, name and note.
import { endsOfJoint } from '../../ids/ids'
import { BUILD_ORDER, WEIGHT } from '../build-orders'
import type { Args } from '../command-schema'
import type { Build, Leaving, Reasoned } from '../build'
import { buildInOrder, choicesInOrder, entriesOf, withEntries } from '../canonical'
import type { Change, Specs } from '../command'
import { movedFrom, putBack, stayingIn, type Before } from './taken-out'

type Choices = Build['choices']
type Book = 'accepted' | 'leftOpen'

const withChoices = (build: Build, choices: Partial<Choices>): Build => ({
  ...build,
  choices: { ...build.choices, ...choices },
})

/** A reason written into one of the two books, or struck out of it. */
function inBook(
  build: Build,
  book: Book,
  { id, title, entry }: { id: string; title: string; entry: Reasoned | null },
): Change {
  const before = entriesOf(build.choices[book], [id])[id] ?? null
  return {
    build: withChoices(build, { [book]: withEntries(build.choices[book], { [id]: entry }) }),
    back: { do: 'setReason', book, id, entry: before, title },
  }
}

type Pins = Args<'setJoining'>['pins']

const pinnedBy = (build: Build, pins: Pins): Build =>
  withChoices(build, { pins: withEntries(build.choices.pins, pins) })

/** What takes a joining back: pins, progress and what leaves as they stood. */
const joinedAsBefore = (build: Build, pins: Pins, before: Before): Args<'setJoining'> => ({
  do: 'setJoining',
  pins: entriesOf(build.choices.pins, Object.keys(pins)),
  entries: before.entries,
  leaving: [...before.leaving],
  title: '',
})

export const choiceCommands: Specs<
  | 'accept'
  | 'unaccept'
  | 'leaveOpen'
  | 'askAgain'
  | 'setReason'
  | 'note'
  | 'rename'
  | 'setBudget'
  | 'chooseSystem'
  | 'chooseSchool'
  | 'chooseOrder'
  | 'weighOrder'
  | 'pinJoint'
  | 'setJoining'
  | 'pinOrder'
  | 'setOrderPins'
> = {
  accept: {
    run: (build, { id, title, reason }, at) =>
      inBook(build, 'accepted', { id, title, entry: { reason, at } }),
    line: ({ id, title, reason }) => `Accepted: ${title || id} (${reason})`,
  },
  unaccept: {
    run: (build, { id, title }) => inBook(build, 'accepted', { id, title, entry: null }),
    line: ({ id, title }) => `No longer accepted: ${title || id}`,
  },
  leaveOpen: {
    run: (build, { id, title, reason }, at) =>
      inBook(build, 'leftOpen', { id, title, entry: { reason, at } }),
    line: ({ id, title, reason }) => `Left open: ${title || id} (${reason})`,
  },
  askAgain: {
    run: (build, { id, title }) => inBook(build, 'leftOpen', { id, title, entry: null }),
    line: ({ id, title }) => `Asked for again: ${title || id}`,
  },
  /** A reason as it stood: takes the four above back. */
  setReason: {
    run: (build, { book, id, entry, title }) => inBook(build, book, { id, title, entry }),
    line: ({ id, title }) => `As before: ${title || id}`,
  },

  note: {
    run: (build, { note }) => ({
      build: { ...build, note },
      back: { do: 'note', note: build.note },
    }),
    line: () => 'Changed the note',
  },

  rename: {
    run: (build, { name }) => ({
      build: { ...build, name },
      back: { do: 'rename', name: build.name },
      about: { was: build.name },
    }),
    line: ({ name }, { was = '' }) => `Renamed ${was} to ${name}`,
  },

  setBudget: {
    run(build, { budget }) {
      const { budget: before, ...rest } = build
      return {
        build: buildInOrder(budget === null ? rest : { ...rest, budget }),
        back: { do: 'setBudget', budget: before ?? null },
        about: { currency: build.currency },
      }
    },
    line: ({ budget }, { currency = '' }) =>
      budget === null ? 'No budget any more' : `Budget ${budget.toFixed(2)} ${currency}`,
  },

  chooseSchool: {
    run: (build, { school }) => ({
      build: withChoices(build, { school }),
      back: { do: 'chooseSchool', school: build.choices.school },
    }),
    line: ({ school }) => `Supply sized by the ${school} school`,
  },

  chooseSystem: {
    run(build, { id, title }) {
      const item = build.items.find(i => i.id === id)
      if (id !== null && item?.part.kind !== 'drive')
        return { problem: 'The system starts from a drive of this build. Choose one of them.' }
      const { system } = build.choices
      const { system: _, ...others } = build.choices
      return {
        build: { ...build, choices: id === null ? others : { ...build.choices, system: id } },
        back: { do: 'chooseSystem', id: system ?? null, title },
      }
    },
    line: ({ id, title }) =>
      id === null ? 'No system drive marked' : `System drive: ${title || id}`,
  },

  chooseOrder: {
    run: (build, { school }) => ({
      build: withChoices(build, { orderSchool: school }),
      back: { do: 'chooseOrder', school: build.choices.orderSchool },
    }),
    line: ({ school }) => `Order by the school “${BUILD_ORDER[school].label}”`,
  },
  /** What something counts in the order; `null` as the build order has it. */
  weighOrder: {
    run(build, { weight, minutes }) {
      const { label, most } = WEIGHT[weight]
      if (minutes !== null && (minutes < 0 || minutes > most))
        return {
          problem: `${minutes} min cannot be weighed: ${label} counts 0 to ${most} min. Give a number between.`,
        }
      const orderWeights = build.choices.orderWeights ?? {}
      return {
        build: {
          ...build,
          choices: choicesInOrder({
            ...build.choices,
            orderWeights: withEntries(orderWeights, { [weight]: minutes }),
          }),
        },
        back: {
          do: 'weighOrder',
          weight,
          minutes: entriesOf(orderWeights, [weight])[weight] ?? null,
        },
      }
    },
    line: ({ weight, minutes }) =>
      `In the order ${WEIGHT[weight].label} counts ${minutes === null ? 'as usual' : `${minutes} min`}`,
  },

  /**
   * Joins a plug by hand, or lets it find its own place. A plug is in one socket and a socket holds
   * one plug: what was pinned otherwise of either is let go, and what was made otherwise comes out.
   */
  pinJoint: {
    run(build, { plug, socket, title }, at) {
      const rivals = Object.entries(build.choices.pins)
        .filter(([p, s]) => p !== plug && s === socket)
        .map(([p]) => p)
      const undone =
        socket === null
          ? []
          : Object.keys(build.progress).filter(id => {
              const ends = endsOfJoint(id)
              return ends !== null && (ends[0] === plug) !== (ends[1] === socket)
            })
      const pins = { ...Object.fromEntries(rivals.map(rival => [rival, null])), [plug]: socket }
      const moved = movedFrom(pinnedBy(build, pins), undone)
      const isHere = ({ joints: [joint, ...others] }: Leaving): boolean => {
        const ends = endsOfJoint(joint ?? '')
        return others.length === 0 && ends?.[0] === plug && ends[1] === socket
      }
      const stays = stayingIn(moved.build, isHere, at)
      const before = {
        entries: { ...stays.before.entries, ...moved.before.entries },
        leaving: moved.before.leaving,
      }
      return { build: stays.build, back: { ...joinedAsBefore(build, pins, before), title } }
    },
    line: ({ plug, socket, title }) =>
      `${socket === null ? 'Unpinned' : 'Pinned'} ${title || plug}`,
  },
  /** Pins and progress as they were: takes `pinJoint` back. */
  setJoining: {
    run(build, { pins, entries, leaving, title }) {
      const before = {
        entries: entriesOf(build.progress, Object.keys(entries)),
        leaving: build.leaving ?? [],
      }
      return {
        build: putBack(pinnedBy(build, pins), { entries, leaving }),
        back: { ...joinedAsBefore(build, pins, before), title },
      }
    },
    line: ({ title }) => `Joined as before: ${title}`,
  },

  /** Puts one step before another by hand, or takes such a wish back. */
  pinOrder: {
    run(build, { before, after, off, title }) {
      if (before === after)
        return { problem: 'A step cannot come before itself. Choose another one.' }
      const { orderPins } = build.choices
      const others = orderPins.filter(
        ([a, b]) => !(a === before && b === after) && !(a === after && b === before),
      )
      const pins: Choices['orderPins'] = off ? others : [...others, [before, after]]
      return {
        build: withChoices(build, { orderPins: pins }),
        back: { do: 'setOrderPins', pins: orderPins, title },
      }
    },
    line: ({ before, after, off, title }) =>
      `${off ? 'No longer put' : 'Put'} by hand: ${title || `${before} before ${after}`}`,
  },
  /** All pairs of steps put by hand, as they were: takes `pinOrder` back. */
  setOrderPins: {
    run: (build, { pins, title }) => ({
      build: withChoices(build, { orderPins: pins.map(([a, b]) => [a, b]) }),
      back: { do: 'setOrderPins', pins: build.choices.orderPins, title },
    }),
    line: ({ title }) => `By hand as before: ${title}`,
  },
}
