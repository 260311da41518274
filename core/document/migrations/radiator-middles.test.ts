// A radiator place lies between the fan places that it takes, no longer at the first of them.
import { radiatorMiddles } from './radiator-middles'

const fans = [365, 223, 81].map((y, i) => ({ key: `front-${i + 1}`, at: [395, y, 95] }))
const place = (about: object) => ({ key: 'front', instead: fans.map(f => f.key), ...about })
const moved = (about: object): unknown =>
  (radiatorMiddles({ kind: 'case', fans, radiators: [place(about)] })['radiators'] as object[])[0]

test('what stood at the first of three fans stands between the outermost: (365 + 81) / 2', () => {
  expect(moved({ at: [395, 365, 95] })).toEqual(place({ at: [395, 223, 95] }))
})
test('what somebody put elsewhere stays there, and what has no place gets none', () => {
  expect(moved({ at: [395, 300, 95] })).toEqual(place({ at: [395, 300, 95] }))
  expect(moved({})).toEqual(place({}))
})
test('a place for one fan lies where the fan does', () => {
  const one = { instead: ['front-1'], at: [395, 365, 95] }
  expect(moved(one)).toEqual(place(one))
})
test('other parts, and what is no list, stay as they are', () => {
  const board = { kind: 'board', radiators: [place({ at: [395, 365, 95] })] }
  expect(radiatorMiddles(board)).toBe(board)
  const broken = { kind: 'case', fans: 'none', radiators: 'two' }
  expect(radiatorMiddles(broken)).toBe(broken)
})
