// Does the drive that the system starts from hang on the first port of its kind?
import { compareBy } from '../../collections/compare'
import { itemOf } from '../../ids/ids'
import { system } from '../../plan/given'
import { ends, names } from '../../plan/items'
import { plugs, seats } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { plain, type Finding } from '../finding'
import { rule } from '../rule'
import { nameOf } from './names'

/** What of a drive carries its data. */
const DATA = ['m2-slot', 'sata-data', 'ribbon-40', 'usb-2'] as const

export const systemPort = rule({
  id: 'joints/system-port',
  stage: 'joints',
  question: 'Does the drive that the system starts from hang on the first port that is in use?',
  source: SOURCE.practice,
  needs: { seats, plugs, ends, names, system },
  inputs: s => {
    if (s.system === null) return []
    const all = [...s.seats, ...s.plugs]
    const toBoard = new Map(all.map(j => [j.a as string, j]))
    /** The joint at the board's end: of a loose lead that of its other end. */
    const portOf = (drive: string) =>
      all.flatMap(joint => {
        if (!DATA.some(face => face === joint.face) || !joint.items.includes(drive)) return []
        if (joint.items[0] === drive) return [joint]
        return toBoard.get(`${itemOf(joint.a)}/board`) ?? []
      })[0]
    const own = portOf(s.system)
    if (!own) return []
    const ports = all
      .filter(j => j.socketFace === own.socketFace && j.items[1] === own.items[1])
      .flatMap(j => s.ends.get(j.b) ?? [])
      .sort(compareBy(e => e.end.rank))
    const [first] = ports
    return [
      {
        ...{ drive: s.system, joint: own, board: own.items[1] },
        name: nameOf(s, s.system),
        label: s.ends.get(own.b)?.end.label ?? '',
        before: first && first.ref !== own.b ? first.end.label : null,
      },
    ]
  },
  judge({ drive, joint, board, name, label, before }): readonly Finding[] {
    const said = {
      rule: 'joints/system-port',
      stage: 'joints',
      about: [drive, board],
      joints: [joint.id],
    } as const
    if (before === null)
      return [
        plain(
          { ...said, sentence: `The system drive ${name} has ${label}, the first in use` },
          'clear',
        ),
      ]
    return [
      plain(
        {
          ...said,
          sentence: `The system drive ${name} has ${label}, and ${before} comes before it`,
          wayOut: `Put it into ${before}, or set it first in the firmware’s start order.`,
        },
        'watch',
      ),
    ]
  },
})
