// Every machine to begin with is whole, and comes out without a stop.
import { PURPOSES } from '../../core/standards/purposes'
import { newDesk, state as stateOf } from './test-helpers/hand'
import { TEMPLATES } from './templates'

test.each(PURPOSES)('a machine for %s has all it needs, and nothing stops it', async purpose => {
  const { desk } = newDesk()
  const made = await desk.send({ act: 'create', name: 'New' })
  const build = ('build' in made ? made.build : null) ?? ''
  const after = stateOf(await desk.send({ act: 'beginWith', build, purpose }))
  expect(after.build?.items.map(i => i.part.id)).toEqual(TEMPLATES[purpose])
  expect(after.build?.choices.purpose).toBe(purpose)
  const { counts, stillMissing } = after.analysis?.horizons.then ?? {}
  expect([counts?.harm, counts?.stop, stillMissing]).toEqual([0, 0, []])
  const back = stateOf(await desk.send({ act: 'undo', of: build }))
  expect(back.build?.items).toEqual([])
})
