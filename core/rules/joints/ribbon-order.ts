// Two drives on one ribbon: is one the first and the other the second?
import { compareBy } from '../../collections/compare'
import { groupBy } from '../../collections/groups'
import { itemOf } from '../../ids/ids'
import { plain, type Because } from '../finding'
import { items } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { every } from '../../plan/situation'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

interface OnRibbon {
  readonly id: string
  readonly name: string
  readonly jumper: 'first' | 'second' | 'by cable' | null
  readonly joint: string
}

export const ribbonOrder = rule({
  id: 'joints/ribbon-order',
  stage: 'joints',
  question: 'Of two drives on one ribbon, is one set first and the other second?',
  source: SOURCE.ata,
  needs: { items, plugs },
  inputs: s => {
    const drives = every(s, 'drive')
    const onRibbons = s.plugs
      .filter(j => j.face === 'ribbon-40')
      .flatMap(j => {
        const drive = drives.find(d => d.id === itemOf(j.b))
        if (!drive) return []
        const { id, name, part } = drive
        return [{ ribbon: itemOf(j.a), id, name, jumper: part.jumper ?? null, joint: j.id }]
      })
    return [...groupBy(onRibbons, d => d.ribbon).values()]
      .filter(own => own.length > 1)
      .map(own => ({ drives: [...own].sort(compareBy(d => d.id)) }))
  },
  judge({ drives }) {
    const names = drives.map(d => d.name).join(' and ')
    const said = {
      rule: 'joints/ribbon-order',
      stage: 'joints',
      about: drives.map(d => d.id),
      joints: drives.map(d => d.joint),
      because: drives.map(becauseOf),
    } as const
    const unknown = drives.filter(d => d.jumper === null)
    if (unknown.length > 0) {
      const asks = unknown.map(({ id, name }) => ({
        item: id,
        path: 'jumper',
        question: `How is the jumper of the ${name} set?`,
        take: 'Look at the pins beside its ribbon socket, and at the print beside them.',
      }))
      const sentence = `${names} share one ribbon: how their jumpers are set is not known`
      return [plain({ ...said, asks, sentence, wayOut: asks[0]?.take ?? '' }, 'measure')]
    }
    const set = drives.map(d => d.jumper)
    const byCable = set.filter(j => j === 'by cable').length
    if (byCable === set.length || (byCable === 0 && new Set(set).size === set.length))
      return [plain({ ...said, sentence: `${names} share one ribbon, each at its place` }, 'clear')]
    const wayOut = 'One first and one second, or both by cable: the jumper, with the power off.'
    if (byCable > 0)
      return [
        plain(
          {
            ...said,
            sentence: `${names} share one ribbon, one by jumper and one by cable`,
            wayOut,
          },
          'watch',
        ),
      ]
    return [
      plain(
        {
          ...said,
          sentence: `${names} are both set ${set[0] ?? ''} on one ribbon: neither is seen`,
          wayOut,
        },
        'stop',
      ),
    ]
  },
})

const becauseOf = ({ name, jumper }: OnRibbon): Because => ({
  fact: `jumper of the ${name}`,
  value: jumper ?? '?',
  basis: jumper === null ? 'missing' : 'spec',
  source: SOURCE.maker,
})
