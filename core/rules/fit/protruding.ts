// What sticks out of a socket is knocked against: sooner or later it is broken off.
import { measured } from '../finding'
import { fact, of } from '../../figures/quantity'
import { usual } from '../../figures/units'
import { stick as stickKind, STICKS_OUT } from '../../parts/stick'
import { items } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { every } from '../../plan/situation'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

export const protruding = rule({
  id: 'fit/protruding',
  stage: 'fit',
  question: 'Does a USB stick stand out of its socket so far that it is knocked against?',
  source: SOURCE.practice,
  needs: { plugs, items },
  inputs: s =>
    every(s, 'stick').flatMap(stick => {
      const joint = s.plugs.find(j => j.items[0] === stick.id)
      const holder = s.items.find(i => i.id === joint?.items[1])
      // Inside the case nothing knocks against it.
      const isInside = holder?.part.kind === 'adapter' || holder?.part.kind === 'hub'
      return joint && holder && !isInside ? [{ joint: joint.id, stick, holder: holder.id }] : []
    }),
  judge: ({ joint, stick, holder }) => [
    measured({
      rule: 'fit/protruding',
      stage: 'fit',
      about: [stick.id, holder],
      joints: [joint],
      failing: 'watch',
      source: SOURCE.practice,
      sentence: `How far the ${stick.name} stands out of its socket`,
      wayOut: 'A socket inside the case on a USB 2 header, a shorter USB stick, or a short lead.',
      need: of(stickKind.leaf(stick, 'sticksOut')),
      have: of(fact('sticks-out', 'what is not knocked against', 'mm', usual(STICKS_OUT, 'mm', 0))),
    }),
  ],
})
