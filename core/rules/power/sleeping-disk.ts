// Does a disk that sleeps on live 3.3 V get a lead without it?
import { connector } from '../../connectors/connectors'
import { itemOf } from '../../ids/ids'
import { isKind, type Item } from '../../parts'
import { items } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { every } from '../../plan/situation'
import { plain, type Because } from '../finding'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

export const sleepingDisk = rule({
  id: 'power/sleeping-disk',
  stage: 'power',
  question: 'Does a disk that sleeps on live 3.3 V get a lead without it?',
  source: SOURCE.sata,
  needs: { items, plugs },
  inputs: s =>
    every(s, 'drive')
      .filter(d => d.part.wakes === false)
      .flatMap(({ id, name }) =>
        s.plugs
          .filter(j => j.socketFace === 'sata-power' && itemOf(j.b) === id)
          .map(j => {
            const by = s.items.find(i => i.id === itemOf(j.a))
            return {
              id,
              name,
              joint: j.id,
              by: by?.name ?? '',
              isWithout: by !== undefined && isWithout33(by),
            }
          }),
      ),
  judge({ id, name, joint, by, isWithout }) {
    const because: Because = {
      fact: `the ${name}`,
      value: 'stays asleep while the third 3.3 V contact is live',
      basis: 'spec',
      source: SOURCE.maker,
    }
    const said = {
      rule: 'power/sleeping-disk',
      stage: 'power',
      about: [id],
      joints: [joint],
      because: [because],
    } as const
    if (isWithout)
      return [
        plain({ ...said, sentence: `The ${name} hangs on the ${by}, without 3.3 V` }, 'clear'),
      ]
    return [
      plain(
        {
          ...said,
          sentence: `The ${name} stays asleep if the plug of the ${by} has 3.3 V on its third contact`,
          wayOut:
            'Plug it in and listen: where it does not spin up, a lead from the 4-pin peripheral power plug, ' +
            'which has no 3.3 V, wakes it.',
        },
        'measure',
      ),
    ]
  },
})

/** An adapter whose inlet carries no 3.3 V gives none. */
const isWithout33 = (by: Item): boolean =>
  isKind('adapter')(by) &&
  (by.part.inlets ?? []).length > 0 &&
  (by.part.inlets ?? []).every(
    ({ face }) => face && connector(face).limit?.rails?.amps['3.3'] === undefined,
  )
