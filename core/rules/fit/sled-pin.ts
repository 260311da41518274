// Does a sled's locating pin find a hole in the drive?
import { asking, plain, type Because } from '../finding'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const sledPin = rule({
  id: 'fit/sled-pin',
  stage: 'fit',
  question: 'Does the drive have the middle hole that the sled’s pin needs?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: s =>
    joinedBy(s, 'bay', 'drive', 'rail')
      .filter(({ socket }) => socket.part.pin)
      .map(({ joint, plug, socket }) => ({
        joint: joint.id,
        drive: { id: plug.id, name: plug.name, holes: plug.part.middleHoles ?? null },
        rail: { id: socket.id, name: socket.name },
      })),
  judge({ joint, drive, rail }) {
    const because: Because = {
      fact: `middle side holes of the ${drive.name}`,
      value: drive.holes === null ? '?' : yesOrNo(drive.holes),
      basis: drive.holes === null ? 'missing' : 'spec',
      source: SOURCE.maker,
    }
    const said = {
      rule: 'fit/sled-pin',
      stage: 'fit',
      about: [drive.id, rail.id],
      joints: [joint],
      because: [because],
    } as const
    if (drive.holes === null) {
      const question = `Does the ${drive.name} have a hole in the middle of each side?`
      const take =
        'Look at its side: three holes, or the middle one missing, as on many newer disks.'
      return [asking(said, { item: drive.id, path: 'middleHoles', question, take })]
    }
    if (drive.holes)
      return [plain({ ...said, sentence: `The pin of the ${rail.name} finds its hole` }, 'clear')]
    return [
      plain(
        {
          ...said,
          sentence: `The ${drive.name} has no hole for the pin of the ${rail.name}`,
          wayOut: 'Another sled or rails, or another bay. Cutting the pin off cannot be undone.',
        },
        'stop',
      ),
    ]
  },
})

const yesOrNo = (is: boolean): string => (is ? 'yes' : 'no')
