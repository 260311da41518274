// Documents made from the orders: for each demo every build order as a whole, to be read line by
// line as an assembler would.
import { analyse } from '../core/analysis/analyse'
import { apply } from '../core/document/apply'
import type { Build } from '../core/document/build'
import { BUILD_ORDER, BUILD_ORDERS, type BuildOrder } from '../core/document/build-orders'
import { isProblem } from '../core/document/command'
import { minutes } from '../core/figures/format'
import type { Step } from '../core/order/step'
import { Memory } from '../core/pipeline/memory'
import { contentOf } from './documents'
import { ODD_STEPS, type OddStep } from './odd-steps'

const DEMOS = ['plover', 'avocet', 'teal', 'curlew']
/** No time is told of anything here; a command wants one. */
const AT = '2031-03-02T09:00:00.000Z'

/** Path → text of each document. */
export const orderDocuments = (): Readonly<Record<string, string>> =>
  Object.fromEntries(DEMOS.map(name => [`docs/orders/${name}.md`, pageOf(name)]))

function pageOf(name: string): string {
  const [demo] = contentOf(`demo/${name}.juntura.json`).builds
  if (!demo) throw new RangeError(`the demo ${name} holds no build`)
  const { build } = demo
  const memory = new Memory()
  const orders = BUILD_ORDERS.map(school => ordered(build, school, memory))
  return [
    `# ${build.name}: every build order`,
    'The whole plan, from the first step to the last. Written by `npm run schema`.',
    ...orders.map((order, i) => sectionOf(order, orders.slice(0, i))),
    '## What looks odd, and why it stands',
    ...(ODD_STEPS[name] ?? []).map(odd =>
      oddLine(
        odd,
        orders.flatMap(o => o.steps),
      ),
    ),
    '## The words of each step',
    ...wordsOf(orders.flatMap(o => o.steps)),
    '',
  ].join('\n\n')
}

function ordered(build: Build, school: BuildOrder, memory: Memory) {
  const chosen = apply(build, { do: 'chooseOrder', school }, AT)
  if (isProblem(chosen)) throw new Error(chosen.problem)
  return analyse(chosen.build, memory).horizons.then.order
}
type Ordered = ReturnType<typeof ordered>

const sequenceOf = ({ steps }: Ordered): string => steps.map(s => s.id).join(' ')

/** One build order; where it is that of another, no list is written twice. */
function sectionOf(order: Ordered, before: readonly Ordered[]): string {
  const { school, steps, turns, toolChanges } = order
  const { label, says } = BUILD_ORDER[school]
  const figures = [
    `${steps.length} steps`,
    minutes(order.minutes),
    `${turns} turns`,
    `${toolChanges} changes of tool`,
    `first start after ${minutes(order.firstProof)}`,
  ]
  const same = before.find(b => sequenceOf(b) === sequenceOf(order))
  const list = same
    ? `As _${BUILD_ORDER[same.school].label}_: for this build it changes nothing.`
    : steps.map((s, i) => `${i + 1}. ${s.title} (${s.pose}, ${minutes(s.minutes)})`).join('\n')
  return `## ${label}: ${says}\n\n${figures.join(' · ')}\n\n${list}`
}

function oddLine({ step: id, looks, because }: OddStep, steps: readonly Step[]): string {
  const step = steps.find(s => s.id === id)
  if (!step) throw new RangeError(`no order has the step ${id}`)
  return `- _${step.title}._ ${looks} ${because}`
}

/** What is told of each step, once. */
function wordsOf(steps: readonly Step[]): readonly string[] {
  const byTitle = new Map(steps.map(s => [s.title, s]))
  return [...byTitle.values()].map(({ title, does, feel, cautions, tools, fasteners }) =>
    [
      `### ${title}`,
      '',
      ...does.map(d => `- ${d}`),
      ...(feel === null ? [] : [`- Feel: ${feel}`]),
      ...cautions.map(c => `- Care: ${c}`),
      ...(tools.length + fasteners.length > 0
        ? [`- In hand: ${[...tools, ...fasteners].join(', ')}`]
        : []),
    ].join('\n'),
  )
}
