// Ports of a front lead or a bracket against those of the header.
import { part, then } from '../../test-helpers/demos'
import { altered, buildOf, TOWER } from '../../test-helpers/planted-machine'

const said = (ports: number | undefined) =>
  then(
    buildOf(
      altered(TOWER, {
        case: { leads: [{ key: 'wide', label: 'front USB', face: 'usb-3', ports }] },
        bracket: {
          ...part('hollin-bracket-usb2'),
          leads: [{ key: 'l', label: 'lead', face: 'usb-2', ports }],
        },
      }),
    ),
  ).findings.filter(f => f.rule === 'joints/port-count')

test('a header has two ports: two are served, of three one stays dead', () => {
  expect(said(2)).toMatchObject([
    { verdict: 'clear', need: 2, have: 2 },
    { verdict: 'clear', need: 2, have: 2 },
  ])
  expect(said(3).map(f => f.verdict)).toEqual(['watch', 'watch'])
})
test('nothing stated, nothing said', () => {
  expect(said(undefined)).toEqual([])
})
