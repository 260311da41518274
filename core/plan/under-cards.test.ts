// Teal's front audio lies between its long card and the board: it is plugged before the card goes in.
import { teal, then } from '../test-helpers/demos'

test('a lead that lies under a card is plugged before the card goes in, and says why', () => {
  const { steps } = then(teal).order
  const seat = steps.find(s => s.kind === 'card')
  const under = seat?.after.filter(a => a.reason === 'its lead lies under the Tempest 390') ?? []
  expect(under.map(a => a.title)).toEqual(['Plug the front audio into AUD on the Lagoon 9'])
  const at = (id: string | undefined): number => steps.findIndex(s => s.id === id)
  expect(at(under[0]?.step)).toBeLessThan(at(seat?.id))
})
