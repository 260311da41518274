// Do the wires of each cable carry what its plugs draw together, on each rail?
import { connector, feeds, twinOf } from '../../connectors/connectors'
import { measured } from '../finding'
import { counted } from '../../figures/format'
import { fact, of, type Sum } from '../../figures/quantity'
import { usual } from '../../figures/units'
import type { Joint } from '../../joining/joint'
import type { Cable, Supply } from '../../parts/supply-schema'
import type { ItemOf } from '../../parts/kind'
import { rule } from '../rule'
import { supplies } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { plugIn } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { RAILS, VOLTS, type Rail } from '../../standards/rails'
import { USUAL_GAUGE, WIRE } from '../../standards/supplies'
import { mostThrough } from '../../power/flow'
import { fed } from './fed'
import { inFirstSeconds } from './moment'

/** The joints that a cable of a supply makes. */
export const joinedOf = (supply: ItemOf<Supply>, cable: Cable, plugs: readonly Joint[]) =>
  plugs.filter(j => plugIn(j, 'cables', supply.part.cables) === cable)

export const powerCable = rule({
  id: 'power/cable',
  stage: 'power',
  question:
    'Do the wires of each cable carry what its plugs draw together on each rail, also at the start?',
  source: SOURCE.practice,
  needs: { items: supplies, loads, plugs },
  inputs: s => fed(s).map(f => ({ ...f, plugs: s.plugs.filter(j => j.items[0] === f.supply.id) })),
  judge: ({ supply, loads, plugs }) =>
    (supply.part.cables ?? []).flatMap(cable => {
      const own = joinedOf(supply, cable, plugs)
      return RAILS.flatMap(rail => {
        const { watts, when } = mostThrough(
          loads,
          own.map(j => j.id),
          rail,
        )
        const have = wiresOf(cable, rail)
        if (!have || watts.terms.length === 0) return []
        return [
          measured({
            rule: 'power/cable',
            stage: 'power',
            about: [supply.id],
            part: rail === '12' ? cable.key : `${cable.key}:${rail}`,
            joints: own.map(j => j.id),
            failing: 'harm',
            source: SOURCE.practice,
            sentence:
              `${rail} V over cable ${cable.key} of the ${supply.name}, ` +
              `${counted(own.length, 'plug')}${inFirstSeconds(when)}`,
            wayOut: 'Spread what hangs on it over another cable.',
            need: watts,
            have,
          }),
        ]
      })
    }),
})

/**
 * How many wires of a cable carry a rail: plugs that follow one another share them; those that feed a
 * board each have their own, a twin among them.
 */
function wiresIn({ plugs }: Cable, rail: Rail): number {
  const faces = plugs.map(p => p.face)
  const [first, ...others] = faces.some(f => feeds(f) === 'board') ? faces : faces.slice(0, 1)
  const own = [first, ...others].flatMap(face => (face ? [face, twinOf(face) ?? []].flat() : []))
  return own.reduce((sum, face) => sum + (connector(face).wires?.[rail] ?? 0), 0)
}

/** What the wires of a cable carry on a rail, W: by custom, for no standard says it. */
function wiresOf(cable: Cable, rail: Rail): Sum | null {
  const [first] = cable.plugs
  const wires = wiresIn(cable, rail)
  if (!first || wires === 0) return null
  const gauge = cable.gauge ?? USUAL_GAUGE
  const called = cable.gauge ? `${gauge} AWG` : `${gauge} AWG, taken as usual`
  return of(
    fact(
      `wires:${first.face}:${rail}:${called}`,
      `${wires} × ${rail} V wire of ${called}`,
      'W',
      usual(wires * WIRE[gauge] * VOLTS[rail], 'W', 0),
    ),
  )
}
