// The power switch of a case: a lead for a board, or a mains switch.
import { part, then } from '../../test-helpers/demos'
import {
  altered,
  buildOf,
  TOWER,
  type Fields,
  type Machine,
} from '../../test-helpers/planted-machine'

const said = (machine: Machine) =>
  then(buildOf(machine)).findings.filter(f => f.rule === 'panel/mains-lead')
const SWITCH = { key: 'power', label: 'power switch', face: 'panel-lead', job: 'power-switch' }
const PINS = (TOWER['board']?.['panel'] as Fields | undefined) ?? {}

test('in a machine with an AT supply it carries mains, whatever pins the board has', () => {
  const old: Machine = {
    case: { ...part('fenwright-loft-at'), leads: [SWITCH] },
    board: { ...part('saltpan-ford-33'), panel: PINS },
    supply: { ...part('teazle-at-200') },
  }
  expect(said(old)).toMatchObject([{ verdict: 'harm', parts: ['case'] }])
  expect(then(buildOf(old)).joints.some(j => j.id.startsWith('case/power~'))).toBe(false)
  // A supply of a form that nobody stated says nothing: the case does.
  const unknown = { ...old, supply: { ...old['supply'], form: undefined } }
  expect(said(unknown)).toMatchObject([{ verdict: 'harm' }])
  // Before a supply is chosen the case alone says it.
  expect(said({ case: old['case'] ?? {} })).toMatchObject([{ verdict: 'harm' }])
})
test('with a supply that is switched softly it is a lead like others', () => {
  expect(said(TOWER)).toEqual([])
  const late = altered(TOWER, { case: { boards: ['Baby-AT'] } })
  expect(said(late)).toEqual([])
})
test('an old case without such a lead: clear', () => {
  expect(
    said({ case: { ...part('fenwright-barn-at') }, supply: { ...part('teazle-at-200') } }),
  ).toMatchObject([{ verdict: 'clear' }])
})
