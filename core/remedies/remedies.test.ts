import { analyse } from '../analysis/analyse'
import { difference } from '../analysis/compare'
import { avocet, change, done, measure, part, plover, shelf, then } from '../test-helpers/demos'
import { altered, buildOf, TOWER, type Fields } from '../test-helpers/planted-machine'
import { remediesFor, searchRemedies } from './remedies'
import { remedyCommand, type Remedy } from './remedy'

const SHORTAGES = [
  ['joints/unmet:case:case/usb-b', 'the second wide front USB lead'],
  ['joints/unmet:disk-4:disk-4/data', 'the fourth disk'],
  ['joints/unmet:strip-12:strip-12/lead', 'the 12 V strip'],
] as const
const before = then(avocet)
const found = new Map<string, readonly Remedy[]>()
const remedies = (finding: string): readonly Remedy[] => {
  const known = found.get(finding) ?? remediesFor(avocet, 'then', finding, shelf)
  found.set(finding, known)
  return known
}

describe.each(SHORTAGES)('%s', (id, what) => {
  test(`${what} has at least three kinds of remedy`, () => {
    expect(new Set(remedies(id).map(r => r.kind)).size).toBeGreaterThanOrEqual(3)
  })

  test('each, carried out as one command, gives exactly what it promised: findings, price, uses', () => {
    for (const remedy of remedies(id)) {
      const { build, back } = done(avocet, remedyCommand(remedy))
      const after = analyse(build).horizons.then
      expect(difference(before, after)).toEqual(remedy.promise)
      expect(after.findings.find(f => f.id === id && f.verdict !== 'clear')?.verdict ?? null).toBe(
        remedy.leaves,
      )
      // Taken back in one go as well.
      expect(JSON.stringify(change(build, back))).toBe(JSON.stringify(avocet))
    }
  })
})

const titles = (id: string): readonly string[] => remedies(id).map(r => r.title)

test(
  'the second wide lead: a splitter for 16, a card for 26 or a larger one, a board ' +
    'with two headers, or nothing',
  () => {
    expect(titles(SHORTAGES[0][0])).toEqual([
      'Add the USB 3 splitter',
      'Add the Two-port card x1',
      'Add the Inner USB hub wide',
      'Add the Four-port card x4',
      'Swap the Lagoon 6 for the Lagoon 9',
      'Leave it open',
    ])
    const [splitter, card, , , , open] = remedies(SHORTAGES[0][0])
    expect(splitter?.promise.left).toEqual({
      before: before.parts.left,
      after: before.parts.left + 16,
    })
    expect(card?.promise.uses).toEqual(['Lagoon 6: PCIE_4'])
    expect(open?.leaves).toBe('watch')
  },
)

test('the fourth disk: a storage card in a free slot brings ports', () => {
  const card = remedies(SHORTAGES[1][0]).find(r => r.kind === 'card')
  expect(card?.promise.findings.gone.map(f => f.id)).toEqual([SHORTAGES[1][0]])
  expect(card?.promise.findings.come).toEqual([])
  expect(card?.promise.left.after).toBe(before.parts.left + 27)
})

test('a lead that ends short of every port: a longer lead', () => {
  const id =
    before.findings.find(f => f.rule === 'routes/lead-length' && f.verdict === 'stop')?.id ?? ''
  expect(new Set(remedies(id).map(r => r.kind))).toEqual(new Set(['lead', 'leave out']))
  expect(titles(id)).toContain('Swap the SATA lead 150 for the SATA lead 500')
})

test('what is in hand lies beside the build when it is swapped, and what was made with it is open again', () => {
  const made = change(
    plover,
    { do: 'setState', id: 'cooler', state: 'have' },
    { do: 'make', ids: ['cooler/mount~board/cooler'] },
    measure('case', 'coolerRoom', 70),
  )
  const id = then(made).findings.find(f => f.rule === 'fit/cooler-height')?.id ?? ''
  const swap = remediesFor(made, 'then', id, shelf).find(
    r => r.title === 'Swap the Lowbank 65 for the Lowbank 47',
  )
  if (!swap) throw new Error('the lower cooler was not found')
  const after = change(made, remedyCommand(swap))
  expect(
    after.items.filter(i => i.part.kind === 'cooler').map(i => [i.part.model, i.state]),
  ).toEqual([
    ['Lowbank 47', 'wanted'],
    ['Lowbank 65', 'spare'],
  ])
  expect(after.progress).toEqual({})
})

test('a search tells how far it is, and nothing of a finding that is not there', () => {
  const steps = [...searchRemedies(plover, 'then', 'fit/cooler-height:cooler:case', shelf)]
  expect(steps.map(s => s.tried)).toEqual(steps.map((_, i) => i + 1))
  expect(steps.at(-1)?.tried).toBe(steps.at(-1)?.of)
  expect([...searchRemedies(plover, 'then', 'no such finding', shelf)]).toEqual([])
})

test('a small drive where only a large bay is left: a sled for it', () => {
  const bays = TOWER['case']?.['bays'] as readonly Fields[]
  const large = { bays: bays.filter(bay => bay['size'] === '3.5') }
  const drive = { ...part('sedgeline-s2-1000') }
  const machine = { case: large, drive, lead: { ...part('hollin-sata-500') } }
  const build = buildOf(altered(TOWER, machine))
  const found = then(build).findings.find(f => f.demand === 'drive/bay')
  expect(found?.verdict).toBe('stop')
  const titles = remediesFor(build, 'then', found?.id ?? '', shelf).map(r => r.title)
  const sleds = shelf.filter(p => p.kind === 'rail' && p.takes === '2.5' && p.fits === '3.5')
  for (const sled of sleds) expect(titles).toContain(`Add the ${sled.model}`)
})
