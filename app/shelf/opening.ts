// Opening a file wherever it was dropped or chosen: parts and tables are looked at first, a build
// is gone to.
import { useRouter } from 'vue-router'
import { useShelf } from './shelf'

export function useOpening() {
  const shelf = useShelf()
  const router = useRouter()
  /** Opens the file; who has opened a build with it stands before it. */
  return async (file: File | undefined): Promise<void> => {
    if (!file) return
    const id = await shelf.open(file)
    if (id !== null) await router.push({ name: 'parts', params: { build: id } })
  }
}
