import { BUILD_ORDER, BUILD_ORDERS } from '../core/document/build-orders'
import { avocet, change, curlew, plover, teal, then } from '../core/test-helpers/demos'
import { ODD_STEPS } from './odd-steps'
import { orderDocuments } from './order-docs'

const pages = orderDocuments()

test('each demo has a page with every build order', () => {
  expect(Object.keys(pages)).toHaveLength(4)
  for (const page of Object.values(pages))
    for (const school of BUILD_ORDERS) expect(page).toContain(`## ${BUILD_ORDER[school].label}`)
})

const DEMOS = { plover, avocet, teal, curlew }
test.each(Object.entries(DEMOS))(
  'what looks odd in %s is in every order, and leans on what it says',
  (name, build) => {
    const orders = BUILD_ORDERS.map(
      school => then(change(build, { do: 'chooseOrder', school })).order.steps,
    )
    const odd = ODD_STEPS[name] ?? []
    expect(odd.length).toBeGreaterThan(1)
    for (const { step: id, leansOn } of odd) {
      for (const steps of orders) expect(steps.map(s => s.id)).toContain(id)
      const [step] = (orders[0] ?? []).filter(s => s.id === id)
      if (leansOn !== null) expect(step?.after.map(a => a.step)).toContain(leansOn)
    }
  },
)

test('a page tells each step in its place, and its words once', () => {
  const page = pages['docs/orders/plover.md'] ?? ''
  then(plover).order.steps.forEach((step, i) => {
    expect(page).toContain(`\n${i + 1}. ${step.title} (`)
    expect(page.split(`### ${step.title}\n`)).toHaveLength(2)
    for (const line of step.does) expect(page).toContain(`- ${line}`)
  })
})
