// Do the wires of each cable carry what its plugs draw together?
import { connector } from '../../connectors/connectors'
import { measured } from '../finding'
import { counted } from '../../figures/format'
import { fact, knownValue, of, plus } from '../../figures/quantity'
import { rule } from '../rule'
import { supplies } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { plugIn } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { WIRE } from '../../standards/supplies'
import { NOTHING } from '../../power/sizing'
import { fed, through } from './fed'

export const powerCable = rule({
  id: 'power/cable',
  stage: 'power',
  question: 'Do the wires of each cable carry what its plugs draw together, also at the start?',
  source: SOURCE.practice,
  needs: { items: supplies, loads, plugs },
  inputs: s => fed(s).map(f => ({ ...f, plugs: s.plugs.filter(j => j.items[0] === f.supply.id) })),
  judge: ({ supply, loads, plugs }) =>
    supply.part.cables.flatMap(cable => {
      const own = plugs.filter(j => plugIn(j, 'cables', supply.part.cables) === cable)
      const on12 = loads.filter(l => l.rail === '12')
      const flows = (['worst', 'start'] as const).map(when =>
        plus(NOTHING, ...own.map(j => through(on12, j.id, when))),
      )
      const most = flows.reduce((a, b) => (knownValue(b) > knownValue(a) ? b : a), NOTHING)
      const [first] = cable.plugs
      if (!first || own.length === 0 || most.terms.length === 0) return []
      const wires = connector(first.face).wires12 ?? 0
      const watts = wires * WIRE[cable.gauge] * VOLTS
      return [
        measured({
          rule: 'power/cable',
          stage: 'power',
          about: [supply.id],
          part: cable.key,
          joints: own.map(j => j.id),
          failing: 'harm',
          source: SOURCE.practice,
          sentence: `12 V over cable ${cable.key} of the ${supply.name}, ${counted(own.length, 'plug')}`,
          wayOut: 'Spread what hangs on it over another cable.',
          need: most,
          have: of(
            fact(
              `wires:${first.face}:${cable.gauge}`,
              `${wires} × 12 V wire of ${cable.gauge} AWG`,
              'W',
              { value: watts, basis: 'standard', tol: 0 },
            ),
          ),
        }),
      ]
    }),
})

const VOLTS = 12
