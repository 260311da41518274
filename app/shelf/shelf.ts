// The shelf as the interface sees it: every part's line, the groups, which parts are laid side by
// side, the file that is being read.
import type { State } from '../../core/parts/kind'
import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import type { PartKind } from '../../core/parts'
import { LARGEST_FILE, tooLarge } from '../desk/limits'
import type { ShelfRow } from '../desk/shelf/looking'
import { ask } from '../desk/remote'
import { useDesk } from '../state/desk'

export interface GroupLine {
  readonly id: string
  readonly title: string
  readonly kind: PartKind
  readonly count: number
}
/** At most so many side by side. */
const MOST = 4

export const useShelf = defineStore('shelf', () => {
  const desk = useDesk()
  const rows = shallowRef<readonly ShelfRow[]>([])
  const groups = shallowRef<readonly GroupLine[]>([])
  const compared = ref<readonly string[]>([])
  /** The file that was dropped or chosen and holds parts. */
  const opened = shallowRef<File | null>(null)
  /** How far an export or import is, as a share; null when none runs. */
  const busy = ref<number | null>(null)

  watch(
    () => desk.state.shelf,
    async () => {
      ;[rows.value, groups.value] = await Promise.all([ask('shelfRows'), ask('groups')])
    },
    { immediate: true },
  )

  function mark(id: string): void {
    compared.value = compared.value.includes(id)
      ? compared.value.filter(c => c !== id)
      : [...compared.value, id].slice(-MOST)
  }
  const add = (id: string, state: State = 'wanted'): Promise<boolean> =>
    ask('part', id).then(part =>
      part ? desk.run({ do: 'addItem', item: { part, state } }) : false,
    )
  const swap = (item: string, id: string): Promise<boolean> =>
    desk.did({ act: 'swapFor', build: desk.state.build?.id ?? '', item, part: id })

  /**
   * Opens whatever was dropped or chosen: a build's file goes to the desk, parts and tables are
   * looked at first. The build that is open then, or null.
   */
  async function open(file: File): Promise<string | null> {
    if (file.size > LARGEST_FILE) {
      desk.say(tooLarge(file.name, file.size).problem)
      return null
    }
    if ((await ask('holdsWhat', await file.text())) === 'builds') return desk.importFile(file)
    opened.value = file
    return null
  }

  return { rows, groups, open, compared, opened, busy, mark, add, swap, MOST }
})
