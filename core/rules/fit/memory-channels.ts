// Does a lone module leave a channel of the board unused?
import { plain, type Because } from '../finding'
import { rule } from '../rule'
import { JOINED } from '../../plan/situation'
import { drivenByProcessor } from '../../standards/modules'
import { SOURCE } from '../../standards/sources'
import { about, onBoard, slotOf, type OnBoard } from './kits'

export const memoryChannels = rule({
  id: 'fit/memory-channels',
  stage: 'fit',
  question: 'Is more than one channel of the memory used, where the board has several?',
  source: SOURCE.jedec,
  needs: JOINED,
  inputs: s => onBoard(s).filter(hasChannels),
  judge(on) {
    const said = {
      rule: 'fit/memory-channels',
      stage: 'fit',
      about: about(on),
      joints: on.joints.map(j => j.id),
      assumed: pairOf(on) === null,
      because: [channelsOf(on)],
    } as const
    const [only, ...more] = on.joints
    if (!only || more.length > 0)
      return usesBoth(on) ? [plain({ ...said, ...both(on) }, 'clear')] : []
    const other = (pairOf(on) ?? []).filter(slot => slot !== slotOf(on, only))
    const keep = other.length > 0 ? `${other.join(', ')} is kept for it` : 'its slot is kept for it'
    return [
      plain(
        {
          ...said,
          sentence: `One module on the ${on.board.name}: one of two channels, about half the bandwidth`,
          wayOut: `A second of the same model, now or later; ${keep}.`,
        },
        'watch',
      ),
    ]
  },
})

const channelsOf = (on: OnBoard): Because => ({
  fact: `slots of the ${on.board.name} for two modules`,
  value: pairOf(on)?.join(' ') ?? 'usually one on each of two channels',
  basis: pairOf(on) ? 'spec' : 'assumed',
  source: pairOf(on) ? SOURCE.maker : SOURCE.practice,
})

/** Only its table says which slots lie on which channel; where they sit is the table's own check. */
const usesBoth = (on: OnBoard): boolean => {
  const used = on.joints.map(j => slotOf(on, j))
  return pairOf(on)?.every(slot => used.includes(slot)) ?? false
}
const both = ({ board }: OnBoard) => ({ sentence: `Memory on both channels of the ${board.name}` })

/** The slots that the board's table names for two modules: one on each channel. */
const pairOf = ({ board }: OnBoard): readonly string[] | null =>
  board.part.memory.table.find(t => t.modules === 2)?.slots ?? null

/** By its table, or because boards of these generations with several slots have two channels. */
const hasChannels = (on: OnBoard): boolean =>
  pairOf(on) !== null ||
  ((on.board.part.memory.slots ?? []).length > 1 &&
    on.kits.every(kit => drivenByProcessor(kit.part.type ?? null)))
