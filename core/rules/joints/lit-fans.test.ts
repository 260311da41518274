// Lights of fans and coolers have a lead of their own: it is joined, counted and warned of like that of a
// strip.
import { fieldsOf, altered, buildOf, TOWER, type Fields } from '../../test-helpers/planted-machine'
import { then } from '../../test-helpers/demos'

const fan = (lights: Fields): Fields => ({ ...fieldsOf('ottery-breeze-120'), lights })
const LIT = { face: 'light-5', lights: 12, amps: 0.5, lead: 400 }
/** The tower with its fan places and these headers for lights, and these fans. */
const withFans = (faces: readonly string[], ...fans: readonly Fields[]) =>
  then(
    buildOf(
      altered(TOWER, {
        board: {
          headers: [
            ...(TOWER['board']?.['headers'] as readonly Fields[]).filter(
              h => !String(h['face']).startsWith('light'),
            ),
            ...faces.map((face, i) => ({ key: `l${i}`, face, label: `LED${i}`, lights: 60 })),
          ],
        },
        ...Object.fromEntries(fans.map((f, i) => [`fan-${i + 1}`, { ...f, id: `own-${i}` }])),
      }),
    ),
  )
const joined = ({ joints }: ReturnType<typeof then>): readonly string[] =>
  joints.map(j => j.id).filter(id => id.includes('/lights'))
const atHeader = ({ findings }: ReturnType<typeof then>, rule: string) =>
  findings.find(f => f.rule === rule && f.sentence.includes('LED0'))

test('the lights go to the header for them, the fan to its own', () => {
  const told = withFans(['light-5'], fan(LIT))
  expect(joined(told)).toEqual(['fan-1/lights~board/l0'])
})
test('where there is only a 12 V header a 5 V lead stays open, and is told', () => {
  const told = withFans(['light-12'], fan(LIT))
  expect(joined(told)).toEqual([])
  expect(told.findings.some(f => f.verdict !== 'clear' && f.id.includes('fan-1/lights'))).toBe(true)
})
test('a maker’s own plug joins no usual header', () => {
  expect(joined(withFans(['light-5'], fan({ ...LIT, face: 'light-own', own: 'Glim' })))).toEqual([])
})
test('one after the other: all of them hang on one header, which counts them', () => {
  const chained = { ...LIT, onward: true }
  const told = withFans(['light-5'], fan(chained), fan(chained), fan(chained))
  expect(joined(told)).toHaveLength(3)
  expect(joined(told).filter(id => id.endsWith('board/l0'))).toHaveLength(1)
  expect(atHeader(told, 'joints/light-count')).toMatchObject({ need: 36, have: 60 })
  expect(atHeader(told, 'joints/header-current')).toMatchObject({ need: 1.5, have: 3 })
})
