// A slice of torture: browsers, renderers and workers killed at work, mangled files for every
// reader. `npm run deep` does the whole of it.
import { stage } from './harness'
import { mangledFiles } from './torture/files'
import { kills } from './torture/kills'
import { failures } from './torture/tally'

const on = await stage()
afterAll(() => on.close())

const SEED = 2
const KILLS = 10
const FILES = 300
/** Named choice, ms: several times what it takes on two quiet cores. */
const AT_MOST = 900_000

test(
  'ten kills: whatever was answered is there again, what was not is there whole or not at all',
  async () => {
    const trials = await kills({ base: on.base, seed: SEED, kills: KILLS })
    expect(failures(trials)).toEqual([])
    expect(trials.length).toBeGreaterThanOrEqual(KILLS)
  },
  AT_MOST,
)

test(
  '300 mangled files: each is answered with a sentence or opens, and nothing beside it changes',
  async () => {
    const trials = await mangledFiles(on, { seed: SEED, files: FILES, only: null })
    expect(failures(trials)).toEqual([])
    expect(trials).toHaveLength(FILES)
  },
  AT_MOST,
)
