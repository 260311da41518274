// The one door: a build in, everything that can be said of it out. Pure and the same to the byte for
// the same build.
//
// What is said is declared stage by stage, each with the stages it is made from; here they are only
// gathered, in the order of the work.
import type { Build } from '../document/build'
import { HORIZONS, type Horizon } from '../document/resolve'
import { blocks, type Blocks } from '../drawing/blocks'
import { drawings } from '../drawing/drawing'
import { paths } from '../drawing/paths'
import { stepPlaces } from '../drawing/step-places'
import { rounded } from '../figures/rounded'
import { STEPS_FROM } from '../order/steps/from'
import { schoolRows, type SchoolRow } from '../order/compared'
import { order } from '../order/section'
import { panel } from '../panel/block'
import { Memory } from '../pipeline/memory'
import { Run } from '../pipeline/run'
import type { Stage, ValuesOf } from '../pipeline/stage'
import { build as givenBuild, horizon as givenHorizon } from '../plan/given'
import { exact } from '../plan/joints'
import { PLAN, type Situation } from '../plan/situation'
import { firstPower } from '../proof/first-power'
import { findings } from '../rules/findings'
import { air } from '../stages/air'
import { alternativesFor, type Alternative } from '../stages/alternatives'
import { boardTours, type Tour } from '../stages/board-tour'
import { buying } from '../stages/buying'
import { choices } from '../stages/choices'
import { counts, open } from '../stages/counts'
import { glance, type Glance } from '../stages/glance'
import { dressing } from '../plan/dressing'
import { joints, loose } from '../stages/joints'
import { asking, measuring } from '../stages/measuring'
import { outside } from '../stages/outside'
import { parts } from '../stages/parts'
import { power } from '../stages/power'
import { record } from '../stages/record'
import { routes, waysProved } from '../stages/routes'
import { stillMissing } from '../stages/still-missing'
import { strips } from '../stages/strips'
import { supplyPlugs } from '../stages/supply-plugs'
import { waysIn } from '../stages/ways-in'
import { toHand } from '../to-hand/to-hand'

/** Everything about one horizon: what is here or on its way, or also what is wanted. */
export const SHOWN = {
  findings,
  counts,
  open,
  strips,
  parts,
  buying,
  measuring,
  asking,
  joints,
  loose,
  power,
  order,
  panel,
  routes,
  waysProved,
  dressing,
  supplyPlugs,
  drawings,
  stepPlaces,
  air,
  waysIn,
  paths,
  proof: firstPower,
  record,
  exact,
  choices,
  outside,
  stillMissing,
  toHand,
} as const
export type HorizonAnalysis = ValuesOf<typeof SHOWN>

export interface Analysis {
  readonly build: string
  readonly name: string
  readonly horizons: Readonly<Record<Horizon, HorizonAnalysis>>
}

/**
 * Analyses a build. With a memory, what did not change since the last call is not computed again;
 * the result is the same.
 */
export function analyse(build: Build, memory = new Memory()): Analysis {
  const [now, then] = HORIZONS.map(h => analyseIn(build, h, memory))
  if (!now || !then) throw new RangeError('a build has two horizons')
  return { build: build.id, name: build.name, horizons: { now, then } }
}

/** An analysis under way: each stage of it can be asked for. */
export const runOn = (build: Build, horizon: Horizon, memory: Memory): Run =>
  new Run(
    memory,
    horizon,
    new Map<Stage<unknown>, unknown>([
      [givenBuild, build],
      [givenHorizon, horizon],
    ]),
  )

/** One horizon by itself. */
export const analyseIn = (build: Build, horizon: Horizon, memory: Memory): HorizonAnalysis =>
  runOn(build, horizon, memory).values(SHOWN)

/** The machine in space, for who looks from an angle; null without a case. */
export const blocksIn = (build: Build, horizon: Horizon, memory = new Memory()): Blocks | null =>
  runOn(build, horizon, memory).values({ blocks }).blocks

/** A tour of each of its boards, edge by edge. */
export const toursIn = (build: Build, horizon: Horizon, memory = new Memory()): readonly Tour[] =>
  runOn(build, horizon, memory).values({ boardTours }).boardTours

/** A build at a glance, all that is planned. */
export const glanceAt = (build: Build, memory = new Memory()): Glance =>
  runOn(build, 'then', memory).values({ glance }).glance

/** The plan of one horizon, for those who look for ways out. */
export const situationIn = (build: Build, horizon: Horizon, memory: Memory): Situation =>
  runOn(build, horizon, memory).values(PLAN)

/** Where a plug could go instead, in one horizon: asked for on demand. */
export const placesFor = (
  build: Build,
  horizon: Horizon,
  plug: string,
  memory: Memory,
): readonly Alternative[] => alternativesFor(situationIn(build, horizon, memory), plug)

/**
 * All build orders on one horizon of a build, side by side: asked for on demand, outside the base
 * analysis.
 */
export const orderSchools = (
  build: Build,
  horizon: Horizon,
  memory = new Memory(),
): readonly SchoolRow[] =>
  rounded(
    schoolRows(runOn(build, horizon, memory).values(STEPS_FROM), {
      school: build.choices.orderSchool,
      pins: build.choices.orderPins,
      weights: build.choices.orderWeights,
      practices: build.choices.practices ?? {},
    }),
  )
