// The plugs that a use of the machine wants: without it they stay unplugged.
import type { Use } from '../standards/purposes'
import type { PlugFace } from './connectors'

export const FACES_OF_USE: Record<Use, readonly PlugFace[]> = {
  screen: [],
  'front sound': ['audio-hd', 'audio-97'],
  'front USB': ['usb-2', 'usb-3', 'usb-c'],
  lights: ['light-12', 'light-5', 'light-own'],
  speaker: ['speaker'],
}
