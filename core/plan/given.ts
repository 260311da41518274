// What an analysis is given: a build and a horizon; and what of the build the stages ask for.
import type { Build } from '../document/build'
import type { Horizon } from '../document/resolve'
import { given, stage } from '../pipeline/stage'

export const build = given<Build>('build')
export const horizon = given<Horizon>('horizon', { perHorizon: true })

export const storedItems = stage('stored-items', { build }, ({ build }) => build.items)
export const budget = stage('budget', { build }, ({ build }) => build.budget ?? null)
export const progress = stage('progress', { build }, ({ build }) => build.progress)
export const leaving = stage('leaving', { build }, ({ build }) => build.leaving ?? [])
export const chosenPins = stage('chosen-pins', { build }, ({ build }) => build.choices.pins)
export const system = stage('system', { build }, ({ build }) => build.choices.system ?? null)
export const declared = stage('declared', { build }, ({ build: { choices } }) => ({
  purpose: choices.purpose ?? null,
  wants: choices.wants ?? {},
}))
export const practices = stage('practices', { build }, ({ build }) => build.choices.practices ?? {})
export const runs = stage('runs', { build }, ({ build }) => build.choices.runs ?? null)
export const school = stage('school', { build }, ({ build }) => build.choices.school)
export const leftOpen = stage('left-open', { build }, ({ build }) => build.choices.leftOpen)
export const accepted = stage('accepted', { build }, ({ build }) => build.choices.accepted)
export const buildOrder = stage('build-order', { build }, ({ build }) => build.choices.orderSchool)
export const orderWeights = stage(
  'order-weights',
  { build },
  ({ build }) => build.choices.orderWeights ?? {},
)
export const orderPins = stage('order-pins', { build }, ({ build }) => build.choices.orderPins)
