// What a machine is for, and which of its possible joints it then wants.

/** Joints that a machine may do without, by what they are good for. */
export const USES = ['screen', 'front sound', 'front USB', 'lights', 'speaker'] as const
export type Use = (typeof USES)[number]

export const USE: Record<Use, string> = {
  screen: 'A screen',
  'front sound': 'Sound at the front',
  'front USB': 'USB at the front',
  lights: 'LEDs for their looks',
  speaker: 'Speaker (beeper)',
}

/** Named choices: what careful people leave out for a purpose. Each use can be switched by itself. */
export const PURPOSES = ['desk', 'sound', 'games', 'server', 'storage'] as const
export type Purpose = (typeof PURPOSES)[number]
export const PURPOSE: Record<Purpose, { readonly says: string; readonly without: readonly Use[] }> =
  {
    desk: { says: 'Work at a desk', without: [] },
    sound: { says: 'Recording and editing sound or pictures', without: ['lights'] },
    games: { says: 'Games', without: [] },
    server: {
      says: 'Runs by itself, without a screen',
      without: ['screen', 'front sound', 'lights'],
    },
    storage: { says: 'Keeps data, without a screen', without: ['screen', 'front sound', 'lights'] },
  }
