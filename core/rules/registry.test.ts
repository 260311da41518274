import { analyse } from '../analysis/analyse'
import { randomBuild, SPEAKING } from '../test-helpers/random-builds'
import { runs } from '../test-helpers/runs'
import { RULES } from './registry'
import type { Verdict } from '../figures/verdict'

/** Rules that parts of the shelf never set off; each has a test of its own for both answers. */
const TRIED_APART = [
  'fit/pump-below',
  'fit/sled-pin',
  'fit/sled-thickness',
  'fit/slot-key',
  'fit/retainer',
  'joints/jumper',
  'panel/mains-lead',
  'power/battery-volts',
  'power/least-load',
  'power/mains-switch',
  'joints/monitor',
  'joints/outer-speed',
  'fit/protruding',
  'power/beyond',
  'proof/software',
  'proof/speaker',
  'fit/uplink',
  'fit/stick-body',
  'fit/paste',
  'joints/ribbon-order',
  'routes/longest-lead',
  'routes/plug-head',
  'routes/chamber-depth',
  'routes/socket-places',
  'routes/bend',
  'power/sleeping-disk',
  'proof/condition',
  'power/age',
  'fit/memory-type',
  'fit/memory-banks',
  'fit/memory-channels',
  'fit/memory-below',
  'fit/memory-under-radiator',
  'joints/pump-header',
  'joints/processor-fan',
  'panel/block-map',
  'joints/known',
  'joints/system-port',
  'joints/light-count',
  'joints/port-count',
  'power/adapter',
  'power/heads',
  'power/hub',
  'power/sockets',
  'power/standby',
  // Plans avoid it where they can; nobody chose the way of the air.
  'fit/radiator-room',
  'fit/way-in',
  'fit/upright',
  'fit/cooler-turn',
  'air/against',
  'air/warm-radiator',
]
const FIRST = 4001

test('every rule speaks both ways', () => {
  const said = new Map<string, Set<Verdict>>()
  for (const seed of SPEAKING)
    for (const f of analyse(randomBuild(seed)).horizons.then.findings)
      said.set(f.rule, (said.get(f.rule) ?? new Set()).add(f.verdict))
  const oneSided = RULES.filter(r => {
    const own = said.get(r.id) ?? new Set()
    return !TRIED_APART.includes(r.id) && (!own.has('clear') || own.size < 2)
  }).map(r => r.id)
  expect(oneSided).toEqual([])
})

test('builds thrown together: none breaks, no two findings have one name', () => {
  for (let seed = FIRST; seed < FIRST + runs(200); seed++) {
    const { findings } = analyse(randomBuild(seed)).horizons.then
    expect(new Set(findings.map(f => f.id)).size).toBe(findings.length)
  }
})

test('a seed is a build: the same again, another one otherwise', () => {
  expect(randomBuild(7)).toEqual(randomBuild(7))
  expect(randomBuild(7)).not.toEqual(randomBuild(8))
})
