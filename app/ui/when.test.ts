import { fileName } from './download'
import { when } from './when'

test('a time is shown by the wall’s clock, whatever zone it was stored in', () => {
  const local = new Date(2031, 2, 2, 9, 5)
  expect(when(local.toISOString())).toBe('2031-03-02 09:05')
})
test('what is no time is shown as it is', () => {
  expect(when('yesterday')).toBe('yesterday')
})
test('a file is named after its build, in letters, digits and dashes', () => {
  expect(fileName('Plover (2)', '.juntura.json')).toBe('plover-2.juntura.json')
  expect(fileName('Rohrdommel: Ärger!', '.csv')).toBe('rohrdommel-ärger.csv')
  expect(fileName('???', '.csv')).toBe('build.csv')
})
