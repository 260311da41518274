// A plug and a slot of 44 mm beside the board, the only way there: a 24-pin is 51.6, its 20 43.2.
import { then } from '../../test-helpers/demos'
import { altered, buildOf, SOUND, type Fields } from '../../test-helpers/planted-machine'

const TWO_CHAMBERS = SOUND.towers.find(m => m['case']?.['model'] === 'Twinlock 8') ?? {}
type Cable = Fields & { readonly plugs: readonly (Fields & { readonly face: string })[] }

function findings(split: readonly string[] | undefined) {
  const cables = TWO_CHAMBERS['supply']?.['cables'] as readonly Cable[]
  const own = (plug: Fields): Fields =>
    plug['face'] === 'main-24' ? { face: 'main-24', ...(split ? { split } : {}) } : plug
  const machine = altered(TWO_CHAMBERS, {
    supply: { cables: cables.map(c => ({ ...c, plugs: c.plugs.map(own) })) },
  })
  return then(buildOf(machine)).findings
}

test('a plug that comes apart goes through piece by piece', () => {
  const found = findings(['main-20', 'main-4']).find(f => f.rule === 'routes/plug-head')
  expect(found).toMatchObject({ verdict: 'clear' })
  expect(found?.because.map(b => b.value.match(/[\d.]+/)?.[0])).toEqual(['51.6', '43.2'])
})

test('where nobody says whether it does, somebody looks', () => {
  const all = findings(undefined)
  expect(all.find(f => f.rule === 'routes/plug-head')).toMatchObject({ verdict: 'measure' })
  expect(all.filter(f => /stop|harm/.test(f.verdict))).toEqual([])
})

test('a plug of one piece does not pass, and the board stays without power', () => {
  const all = findings([])
  expect(all.filter(f => f.rule === 'routes/plug-head')).toEqual([])
  const unmet = all.find(f => f.rule === 'joints/unmet' && f.verdict === 'stop')
  expect(unmet?.sentence).toContain('no hole leads')
})
