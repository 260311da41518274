import { BUILD_ORDER, BUILD_ORDERS } from '../core/document/build-orders'
import { then, plover } from '../core/test-helpers/demos'
import { orderDocuments } from './order-docs'

const pages = orderDocuments()

test('each demo has a page with every build order', () => {
  expect(Object.keys(pages)).toHaveLength(4)
  for (const page of Object.values(pages))
    for (const school of BUILD_ORDERS) expect(page).toContain(`## ${BUILD_ORDER[school].label}`)
})

test('a page tells each step in its place, and its words once', () => {
  const page = pages['docs/orders/plover.md'] ?? ''
  then(plover).order.steps.forEach((step, i) => {
    expect(page).toContain(`\n${i + 1}. ${step.title} (`)
    expect(page.split(`### ${step.title}\n`)).toHaveLength(2)
    for (const line of step.does) expect(page).toContain(`- ${line}`)
  })
})
