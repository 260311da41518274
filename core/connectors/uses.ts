// The plugs that a use of the machine wants: without it they stay unplugged.
import type { Use } from '../standards/purposes'
import type { PlugFace } from './connectors'

interface Wanting {
  readonly faces: readonly PlugFace[]
  /** Whose plugs they are: a cooler's USB lead is none of the front. */
  readonly of: 'the case' | 'any part'
}

export const PLUGS_OF_USE: Record<Use, Wanting> = {
  screen: { faces: [], of: 'any part' },
  'front sound': { faces: ['audio-hd', 'audio-97'], of: 'the case' },
  'front USB': { faces: ['usb-2', 'usb-3', 'usb-c'], of: 'the case' },
  lights: { faces: ['light-12', 'light-5', 'light-own'], of: 'any part' },
  speaker: { faces: ['speaker'], of: 'any part' },
}
