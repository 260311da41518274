// Every place by every check, on both screens by both lights.
import { stage } from '../harness'
import { EVERY_CHECK, lookAround, NOTHING_WRONG, type Look } from '../looks/look'

const on = await stage()
afterAll(() => on.close())

const LOOKS = (['wide', 'narrow'] as const).flatMap(screen =>
  (['light', 'dark'] as const).map((colorScheme): Look => ({
    screen,
    colorScheme,
    checks: EVERY_CHECK,
  })),
)
/** Named choice, ms: several times what a look around takes on two quiet cores. */
const LOOK_AT_MOST = 600_000

test.each(LOOKS)(
  'nothing is wrong with any view for anybody: $screen, $colorScheme',
  async look => {
    expect(await lookAround(on, look)).toEqual(NOTHING_WRONG)
  },
  LOOK_AT_MOST,
)
