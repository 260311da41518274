// What hands are told of what they hold: nothing of a shield that is not there, of a drive that is a hub,
// of a latch that the slot does not have.
import { avocet, change, curlew, plover, teal, then } from '../../test-helpers/demos'
import { altered, buildOf, TOWER, type Fields } from '../../test-helpers/planted-machine'

const stepsOf = (board: Fields = {}) => then(buildOf(altered(TOWER, { board }))).order.steps
const said = (build: typeof avocet) =>
  then(build).order.steps.map(s => ({
    ...s,
    all: [...s.does, s.feel ?? '', ...s.cautions].join(' '),
  }))

test.each([
  ['loose', 'Sockets into the shield first'],
  ['fixed', 'Its plate into the rear opening first'],
  ['none', 'Sockets to the rear opening first'],
])('a board whose shield is %s', (shield, words) => {
  const lay = stepsOf({ shield }).find(s => s.kind === 'board-in')
  expect(lay?.does.join()).toContain(words)
  if (shield !== 'loose') expect(lay?.does.join()).not.toContain('shield')
})

test('what comes off first is a line of its own: cap, film, rim, blank, cover', () => {
  const lines = (build: typeof avocet, id: string) =>
    then(build).order.steps.find(s => s.id.startsWith(id))?.does ?? []
  expect(lines(avocet, 'processor:')).toContain(
    'The socket’s cap off now, not before. Keep it: a return asks for it.',
  )
  expect(lines(avocet, 'cooler:')).toContain('Peel off the film of its base.')
  expect(lines(plover, 'task:shield')[0] ?? lines(plover, 'shield:')[0]).toMatch(/^The plate that/)
  // A board that brings its plate fixed has no such step: it is said where it goes in.
  expect(lines(avocet, 'board-in:')[0]).toMatch(/^The plate that the case came with/)
  expect(lines(plover, 'board-in:').join()).not.toContain('came with')
  expect(lines(avocet, 'drive:optical')[0]).toMatch(/^The blank of the bay/)
  expect(lines(avocet, 'drive:disk-1').join()).not.toContain('blank')
  expect(lines(avocet, 'task:covers:card').filter(l => /^Cover \d off/.test(l))).toHaveLength(3)
})

test('a cooler that can be turned says how it stands', () => {
  const cooler = (build: typeof avocet) => then(build).order.steps.find(s => s.kind === 'cooler')
  expect(cooler(plover)?.does).toContain(
    'Not turned: its front side toward the memory, as its sheet draws it.',
  )
  const turned = change(plover, { do: 'turnPart', id: 'cooler', turned: 1 })
  expect(cooler(turned)?.does).toContain(
    'Turned a quarter: its front side toward the lower edge of the board.',
  )
  expect(cooler(teal)?.does.join()).not.toMatch(/turned:/i)
})

test('the board is held from beneath where its own power is plugged, and nowhere else', () => {
  const held = said(avocet).filter(s => s.all.includes('from beneath'))
  expect(held.map(s => s.to)).toEqual(held.map(() => 'Lagoon 6'))
  expect(held.map(s => s.label).sort()).toEqual(['PWR_M', 'PWR_P1', 'PWR_P2'])
})

test('a plug is put in where its socket is: on the board in front, at a hub behind the tray', () => {
  const plug = (title: RegExp) => said(avocet).find(s => title.test(s.title))
  expect(plug(/header lead of the Hub 6 into FAN_1/)?.pose).toBe('lying')
  expect(plug(/lead of the Breeze 120 \(1\) into fan 1/)?.pose).toBe('behind')
})

test('a hub is no drive, and a reader neither', () => {
  for (const build of [avocet, plover, teal, curlew])
    for (const s of said(build)) {
      expect(s.all).not.toContain('kills a drive')
      if (/Hub|hub/.test(s.to)) expect(s.all).not.toContain('drive')
    }
})

test('old cards have neither latch nor weight; graphics cards of two slots have both', () => {
  const old = said(curlew).filter(s => s.kind === 'card')
  expect(old.length).toBeGreaterThan(0)
  for (const s of old) expect(s.all).not.toMatch(/latch|click|sags/)
  const [graphics] = said(teal).filter(s => s.kind === 'card')
  expect(graphics?.all).toMatch(/latch.*click.*sags/s)
})

test('each plug says the way of its lead, and which plug of which cable it is', () => {
  const main = said(avocet).find(s => s.label === 'PWR_M')
  expect(main?.does).toContain(
    'Its way: through the opening behind the supply, then the middle side hole.',
  )
  const disk = said(avocet).find(s => s.what.startsWith('SATA power (cable 2, plug 1)'))
  expect(disk?.title).toBe('Plug the SATA power (cable 2, plug 1) into power on the R3 8 TB (1)')
})
