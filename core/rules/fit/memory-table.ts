// Do the modules sit in the slots that the board’s table names for their number?
import { plain } from '../finding'
import { rule } from '../rule'
import { JOINED, socketIn } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { onBoard, about } from './kits'

export const memoryTable = rule({
  id: 'fit/memory-table',
  stage: 'fit',
  question: 'Do the modules sit in the slots that the board’s table names for their number?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const row = on.board.part.memory.table.find(t => t.modules === on.joints.length)
    const { slots } = on.board.part.memory
    const used = on.joints.flatMap(j => socketIn(j, 'memory.slots', slots)?.label ?? []).sort()
    const said = {
      rule: 'fit/memory-table',
      stage: 'fit',
      about: about(on),
      joints: on.joints.map(j => j.id),
    } as const
    if (!row)
      return on.board.part.memory.table.length === 0
        ? []
        : [
            plain(
              {
                ...said,
                sentence: `The table of the ${on.board.name} has no row for ${on.joints.length} modules`,
                wayOut: 'Read its manual: another number of modules may be asked for.',
              },
              'watch',
            ),
          ]
    const because = [
      {
        fact: `${row.modules} modules`,
        value: row.slots.join(' '),
        basis: 'spec',
        source: SOURCE.maker,
      },
    ] as const
    return used.join() === [...row.slots].sort().join()
      ? [
          plain(
            {
              ...said,
              because,
              sentence: `Modules in ${used.join(' and ')} of the ${on.board.name}, as its table has it`,
            },
            'clear',
          ),
        ]
      : [
          plain(
            {
              ...said,
              because,
              sentence: `Modules in ${used.join(', ')} of the ${on.board.name}; its table says ${row.slots.join(', ')}`,
              wayOut: `Move them to ${row.slots.join(', ')}.`,
            },
            'watch',
          ),
        ]
  },
})
