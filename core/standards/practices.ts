// Where careful people differ: each way with its reason, chosen once. Facts and reach decide no more
// here; the board's manual goes before any of them.
import { SOURCE } from './sources'

interface Option {
  readonly id: string
  readonly says: string
  readonly why: string
}
interface Practice {
  readonly title: string
  readonly options: readonly [Option, Option, ...Option[]]
}

export const PRACTICE_IDS = [
  'static',
  'paste',
  'wiggle',
  'pins',
  'pump',
  'screws',
  'speaker',
  'ends',
  'plugs',
] as const
export type PracticeId = (typeof PRACTICE_IDS)[number]

export const PRACTICES: Record<PracticeId, Practice> = {
  static: {
    title: 'Static',
    options: [
      {
        id: 'strap',
        says: 'a strap',
        why: 'at a point made for it, it takes every charge away; at an improvised one it is worse than none',
      },
      {
        id: 'touch',
        says: 'bare earthed metal touched now and then',
        why: 'it takes the charge away before each part, and no lead is in the way',
      },
      {
        id: 'neither',
        says: 'neither',
        why: 'many never lost a part so; a spark that nobody feels can still kill one',
      },
    ],
  },
  paste: {
    title: 'Paste on the lid',
    options: [
      {
        id: 'drop',
        says: 'a drop in the middle',
        why: 'the cooler presses it out, no air is caught',
      },
      { id: 'spread', says: 'spread thin', why: 'every corner of the lid is covered for sure' },
    ],
  },
  wiggle: {
    title: 'Processor in its socket',
    options: [
      { id: 'none', says: 'laid in and let be', why: 'pushed sideways, contacts bend' },
      {
        id: 'light',
        says: 'a light wiggle',
        why: 'it shows that it lies flat before the lever goes down',
      },
    ],
  },
  pins: {
    title: 'Push-pins of a cooler',
    options: [
      { id: 'pressed', says: 'pressed straight down', why: 'as their maker shows it' },
      {
        id: 'turned',
        says: 'turned as they go down',
        why: 'they go in with less force on the board',
      },
    ],
  },
  pump: {
    title: 'Pump of a liquid cooler',
    options: [
      { id: 'own', says: 'on the pump header', why: 'it gives full speed and more current' },
      {
        id: 'processor',
        says: 'on the processor’s header',
        why: 'the board stops the machine when the pump stands still',
      },
    ],
  },
  screws: {
    title: 'Screws of the board',
    options: [
      { id: 'all', says: 'in every hole', why: 'the board does not bend under stiff plugs' },
      { id: 'some', says: 'four or five', why: 'they hold it, and it comes out sooner' },
    ],
  },
  speaker: {
    title: 'Speaker (beeper)',
    options: [
      { id: 'always', says: 'always', why: 'it tells what is wrong before there is a picture' },
      { id: 'never', says: 'never', why: 'lamps and displays tell the same' },
    ],
  },
  ends: {
    title: 'Device ends of power leads',
    options: [
      { id: 'going', says: 'as one goes', why: 'each drive is done once, while the hand is there' },
      {
        id: 'last',
        says: 'all at the end',
        why: 'no stiff lead is in the way of the small ones, and none is forgotten',
      },
    ],
  },
  plugs: {
    title: 'Plugs in the case',
    options: [
      {
        id: 'small',
        says: 'the small and hidden ones first',
        why: 'stiff power leads cover the small headers',
      },
      {
        id: 'part',
        says: 'each with its part',
        why: 'a part is done while the hand is there, and nothing is reached for twice',
      },
      {
        id: 'end',
        says: 'all at the end',
        why: 'all parts are in their places: no lead is in the way of a part, and none is forgotten',
      },
    ],
  },
}
export const PRACTICE_SOURCE = SOURCE.practice
