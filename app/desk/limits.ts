// How large what is brought in may be, so that nothing stops the tab.
import { LIMITS } from '../../core/document/limits'

/** The largest file that is read, bytes: far beyond any build with its pictures. */
export const LARGEST_FILE = 60_000_000
/** What is said of a larger one. */
export const tooLarge = (name: string, size: number) => ({
  problem:
    `${name} is too large (${Math.round(size / 1e6)} MB; at most ${LARGEST_FILE / 1e6}). ` +
    'Take it apart, or export the build again without pictures; nothing was changed.',
})
/** The largest picture that is kept, characters of its data URL. */
export const LARGEST_PICTURE = 400_000
/** The longest text that is read as a spec sheet, characters. */
export const LONGEST_SHEET = LIMITS.sheet.most
