// What a hand needs, mm.
import { SOURCE } from './sources'

/**
 * Around the middle of a socket and over it for two fingers and a plug; `yields`: so much into that
 * room fingers still go past.
 */
export const HAND = { around: 12, over: 55, yields: 6, source: SOURCE.practice } as const
