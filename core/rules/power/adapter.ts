// Is each adapter between power plugs one that such a plug can feed?
import { connector, isMechanical, isPower } from '../../connectors/connectors'
import type { Feeding } from '../../connectors/connector'
import type { Joint } from '../../joining/joint'
import { rule } from '../rule'
import { ends, names } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { plain } from '../finding'

interface Adapted {
  readonly item: string
  readonly name: string
  readonly goal: string
  /** By which joints power comes into the adapter, and by which it goes on. */
  readonly inlets: readonly Joint[]
  readonly outlet: Joint
  /** The cables that its inlets hang on. */
  readonly chains: readonly string[]
}

export const powerAdapter = rule({
  id: 'power/adapter',
  stage: 'power',
  question: 'Is each adapter between power plugs one that such a plug can feed?',
  source: connector('sata-power').source,
  needs: { plugs, ends, names },
  inputs: s => {
    const power = s.plugs.filter(j => isPower(j.face))
    return power.flatMap((outlet): Adapted[] => {
      const [item, goal] = outlet.items
      const inlets = power.filter(j => j.items[1] === item)
      if (inlets.length === 0) return []
      const chains = inlets.map(j => `${j.items[0]} ${s.ends.get(j.a)?.end.lead?.chain ?? j.a}`)
      const name = (id: string): string => s.names.get(id) ?? id
      return [{ item, name: name(item), goal: name(goal), inlets, outlet, chains }]
    })
  },
  judge({ item, name, goal, inlets, outlet, chains }) {
    const [said] = inlets.flatMap(j => feedingBy(j, outlet) ?? [])
    if (!said) return []
    const isOneChain = new Set(chains).size < chains.length
    return [
      plain(
        {
          rule: 'power/adapter',
          stage: 'power',
          about: [item, outlet.items[1]],
          with: inlets.map(j => j.items[0]),
          part: outlet.id,
          joints: [outlet.id, ...inlets.map(j => j.id)],
          sentence: `The ${name} feeds the ${goal} from ${inletName(inlets)}: ${said.note}`,
          wayOut:
            said.verdict === 'harm'
              ? 'A power supply with a plug of its own for it.'
              : `${isOneChain ? 'Both inlets hang on one chain: move one. ' : ''}Better a plug of its own.`,
          because: [
            {
              fact: `adapter from ${inletName(inlets)}`,
              value: said.note,
              basis: 'standard',
              source: said.source,
            },
          ],
        },
        said.verdict,
      ),
    ]
  },
})

const feedingBy = ({ face }: Joint, outlet: Joint): Feeding | null =>
  isMechanical(face)
    ? null
    : (connector(face).adapted?.find(a => a.to.includes(outlet.face)) ?? null)

const inletName = ([first]: readonly Joint[]): string =>
  first && !isMechanical(first.face) ? connector(first.face).name : 'another plug'
