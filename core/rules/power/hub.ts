// Does each hub and splitter give what all its outlets take together?
import { groupBy } from '../../collections/groups'
import { at } from '../../collections/at'
import { converted, plus, type Sum } from '../../figures/quantity'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { mostThrough } from '../../power/flow'
import type { Load } from '../../power/loads'
import { RAILS, VOLTS } from '../../standards/rails'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'

export const powerHub = rule({
  id: 'power/hub',
  stage: 'power',
  question: 'Does each hub give what all its outlets take together?',
  source: SOURCE.maker,
  needs: { plugs, ends, loads, names },
  inputs: s => {
    const sharing = [...s.ends.values()].filter(e => e.end.shared)
    return [...groupBy(sharing, e => e.item)].map(([item, outlets]) => {
      const refs = new Set<string>(outlets.map(e => e.ref))
      const joints: readonly string[] = s.plugs
        .filter(j => refs.has(j.a) || refs.has(j.b))
        .map(j => j.id)
      return {
        item,
        name: s.names.get(item) ?? item,
        joints,
        limit: at(outlets, 0).end.shared?.amps ?? null,
        loads: s.loads.filter(l => l.feeds.some(f => f.joints.some(j => joints.includes(j)))),
      }
    })
  },
  judge({ item, name, joints, limit, loads }) {
    if (limit === null || loads.length === 0) return []
    return [
      measured({
        rule: 'power/hub',
        stage: 'power',
        about: [item],
        with: [...new Set(loads.map(l => l.item))],
        joints,
        failing: 'harm',
        source: SOURCE.maker,
        sentence: `All outlets of the ${name} together`,
        wayOut: 'Move some to a header of the board, or a hub that gives more.',
        need: together(loads, joints),
        have: limit,
      }),
    ]
  },
})

/** The amps that pass all outlets, whatever their rail: so does a hub state what it gives. */
const together = (loads: readonly Load[], joints: readonly string[]): Sum =>
  plus(
    { unit: 'A', terms: [] },
    ...RAILS.map(rail => converted(mostThrough(loads, joints, rail).watts, 1 / VOLTS[rail], 'A')),
  )
