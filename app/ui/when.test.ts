import { fileName } from './download'
import { clockOf, dayOf, when } from './when'

test('a time is shown by the wall’s clock, whatever zone it was stored in', () => {
  const local = new Date(2031, 2, 2, 9, 5)
  expect(when(local.toISOString(), 'sv')).toBe('2031-03-02 09:05')
  expect(when(local.toISOString(), 'en-GB')).toBe('02/03/2031, 09:05')
  expect(dayOf(local.toISOString(), 'de')).toBe('02.03.2031')
})
test('of today only the minutes', () => {
  const now = new Date()
  const past = new Date(now.getFullYear() - 1, 2, 2, 9, 5)
  const minutes = [now.getHours(), now.getMinutes()].map(n => String(n).padStart(2, '0')).join(':')
  expect(clockOf(now.toISOString(), 'sv')).toBe(minutes)
  expect(clockOf(past.toISOString(), 'sv')).toBe(`${past.getFullYear()}-03-02 09:05`)
})
test('what is no time is shown as it is', () => {
  expect(when('yesterday')).toBe('yesterday')
})
test('a file is named after its build, in letters, digits and dashes', () => {
  expect(fileName('Plover (2)', '.juntura.json')).toBe('plover-2.juntura.json')
  expect(fileName('Rohrdommel: Ärger!', '.csv')).toBe('rohrdommel-ärger.csv')
  expect(fileName('???', '.csv')).toBe('build.csv')
})
