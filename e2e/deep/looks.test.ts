// Every place by every check, on both screens by both lights.
import { stage } from '../harness'
import { EVERY_CHECK, testLooks, type Look } from '../looks/look'
import { testOpened } from '../looks/opened'

const on = await stage()
afterAll(() => on.close())

const LOOKS = (['wide', 'narrow'] as const).flatMap(screen =>
  (['light', 'dark'] as const).map((colorScheme): Look => ({
    screen,
    colorScheme,
    checks: EVERY_CHECK,
  })),
)
testLooks(on, LOOKS)
testOpened(on, 'light')
testOpened(on, 'dark')
