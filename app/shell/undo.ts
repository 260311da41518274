// Whose undo the keys and the two buttons are: the shelf's where the shelf is looked at, else the
// open build's. Never the list's of builds.
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useDesk } from '../state/desk'

const ON_SHELF: readonly unknown[] = ['shelf', 'entry', 'parts-compare']

export function useUndo() {
  const desk = useDesk()
  const route = useRoute()
  const of = computed<'shelf' | 'build'>(() => (ON_SHELF.includes(route.name) ? 'shelf' : 'build'))
  const undo = computed(() => (of.value === 'shelf' ? desk.state.shelfUndo : desk.state.undo))
  const redo = computed(() => (of.value === 'shelf' ? desk.state.shelfRedo : desk.state.redo))
  async function turn(way: 'undo' | 'redo'): Promise<void> {
    if ((way === 'undo' ? undo.value : redo.value) !== null) await desk.turn(way, of.value)
  }
  return { undo, redo, turn }
}
