// For tests: what is wrong with a supply beside its watts.
import { altered } from '../planted-machine'
import type { Plant } from './plant'

const VITAL = ['over-voltage', 'over-current', 'short-circuit']

export const SUPPLIES: readonly Plant[] = [
  {
    name: 'a supply that does not switch off for what matters',
    plant: draw => {
      const missing = draw.whole(0, 2)
      const left = VITAL.filter((_, i) => i !== missing)
      const machine = altered(draw.tower, { supply: { protections: left } })
      return { machine, rule: 'power/protections', verdict: 'watch', names: ['supply'] }
    },
  },
  {
    name: 'a supply of which nobody knows what it switches off for',
    plant: draw => {
      const machine = altered(draw.tower, { supply: { protections: undefined } })
      return { machine, rule: 'power/protections', verdict: 'measure', names: ['supply'] }
    },
  },
  {
    name: 'a supply that draws in peaks',
    plant: draw => {
      const machine = altered(draw.tower, { supply: { pfc: 'none' } })
      return { machine, rule: 'power/factor', verdict: 'watch', names: ['supply'] }
    },
  },
]
