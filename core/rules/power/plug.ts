// Does each power plug carry what flows through it, on each rail?
import { capital } from '../../figures/format'
import { converted, type Sum } from '../../figures/quantity'
import { isPower } from '../../connectors/connectors'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { RAILS, VOLTS, type Rail } from '../../standards/rails'
import { mostThrough, passing } from '../../power/flow'
import { limitOf } from '../../power/limits'
import { measured } from '../finding'
import { inFirstSeconds } from './moment'

export const powerPlug = rule({
  id: 'power/plug',
  stage: 'power',
  question:
    'Does each power plug carry no more on each rail than its contacts, and those of its socket, stand?',
  source: SOURCE.atx12v,
  needs: { plugs, ends, loads, names },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const socket = s.ends.get(joint.b)
      const loads = passing(s.loads, joint.id)
      return plug && socket && isPower(joint.face) && loads.length > 0
        ? [{ joint, plug, socket, loads, name: s.names.get(joint.items[1]) ?? '' }]
        : []
    }),
  judge: ({ joint, plug, socket, loads, name }) =>
    RAILS.flatMap(rail => {
      const { watts, when } = mostThrough(loads, [joint.id], rail)
      const have = limitOf(plug.end, socket.end, rail)
      if (!have || watts.terms.length === 0) return []
      return [
        measured({
          rule: 'power/plug',
          stage: 'power',
          about: joint.items,
          with: loads.map(l => l.item),
          part: railPart(joint.id, rail),
          joints: [joint.id],
          failing: 'harm',
          source: SOURCE.atx12v,
          sentence: capital(
            `${rail} V through ${plug.end.label} at ${socket.end.label} of the ${name}${inFirstSeconds(when)}`,
          ),
          wayOut: 'Use the whole plug, or spread the load over a second one.',
          need: watts,
          have: inWatts(have, rail),
        }),
      ]
    }),
})

/** 12 V is what people mean by a plug's load; the other rails say theirs. */
const railPart = (joint: string, rail: Rail): string => (rail === '12' ? joint : `${joint}:${rail}`)
const inWatts = (amps: Sum, rail: Rail): Sum => converted(amps, VOLTS[rail], 'W')
