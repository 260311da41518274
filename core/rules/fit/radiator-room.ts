// Does a radiator, with its fans, stay within the room of its place?
import { at } from '../../collections/at'
import { fact, of, plus, valueOf, type Sum } from '../../figures/quantity'
import { assume } from '../../figures/units'
import { pcCase } from '../../parts/case'
import { cooler } from '../../parts/cooler'
import type { Cooler } from '../../parts/cooler-schema'
import type { ItemOf } from '../../parts/kind'
import { joinedBy, SEATED } from '../../plan/situation'
import { RADIATOR_FAN, RADIATOR_SIZE, RADIATOR_THICKNESS } from '../../standards/modules'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'
import { rule } from '../rule'

export const radiatorRoom = rule({
  id: 'fit/radiator-room',
  stage: 'fit',
  question: 'Does the radiator with its fans stay within the room of its place?',
  source: SOURCE.maker,
  needs: SEATED,
  inputs: s =>
    joinedBy(s, 'radiator-place', 'cooler', 'case').flatMap(({ joint, plug, socket }) => {
      const place = joint.members[1]
      return place?.list === 'radiators'
        ? [{ joint: joint.id, wet: plug, pc: socket, place: place.index }]
        : []
    }),
  judge({ joint, wet, pc, place }) {
    const { label } = at(pc.part.radiators ?? [], place)
    return [
      measured({
        rule: 'fit/radiator-room',
        stage: 'fit',
        about: [wet.id, pc.id],
        joints: [joint],
        source: SOURCE.maker,
        sentence: `Radiator of the ${wet.name} with its fans at the ${label} of the ${pc.name}`,
        wayOut: 'Another place for it, a thinner radiator, or thinner fans.',
        need: thicknessOf(wet),
        have: of(pcCase.leaf(pc, `radiators.${place}.room`)),
      }),
    ]
  },
})

/** The radiator and its fans, mm: on one side of it, or on both where one side has not enough places. */
function thicknessOf(wet: ItemOf<Cooler>): Sum {
  const { liquid } = wet.part
  const radiator = of(cooler.leaf(wet, 'liquid.thickness', UNSTATED_RADIATOR))
  if (!liquid?.radiator || liquid.fans.length === 0) return plus(radiator, of(UNSTATED_FAN))
  const side = RADIATOR_SIZE[liquid.radiator].fans
  const fans = liquid.fans.map((_, i) => of(fanThickness(wet, i)))
  return plus(radiator, thickest(fans.slice(0, side)), ...sideAbove(fans.slice(side)))
}

const sideAbove = (fans: readonly Sum[]): readonly Sum[] =>
  fans.length > 0 ? [thickest(fans)] : []
const thickest = (fans: readonly Sum[]): Sum =>
  fans.reduce((a, b) => ((valueOf(b) ?? 0) > (valueOf(a) ?? 0) ? b : a))

const UNSTATED_RADIATOR = assume(
  RADIATOR_THICKNESS.mm,
  'mm',
  RADIATOR_THICKNESS.most - RADIATOR_THICKNESS.mm,
)
const UNSTATED = assume(RADIATOR_FAN.mm, 'mm')
const UNSTATED_FAN = fact('radiator-fan', 'a fan of usual thickness', 'mm', UNSTATED)
const fanThickness = (wet: ItemOf<Cooler>, i: number) =>
  cooler.leaf(wet, `liquid.fans.${i}.thickness`, UNSTATED)
