// What is wrong with the program itself, in sentences that stay in sight until it is well again: a
// worker, a file of it that is missing, the server, a store that was emptied.
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'

export type Source = 'worker' | 'search' | 'program' | 'store'

const UPDATED =
  'Juntura was updated while this window was open: a part that is needed now is no ' +
  'longer there. All you did is kept; reload the page to go on.'
const NO_SERVER =
  'Juntura’s server does not answer, and a part that is needed now is not loaded yet. ' +
  'All you did is kept in this browser. Start the server (npm start), then reload the ' +
  'page.'

export const useTrouble = defineStore('trouble', () => {
  const says = ref<Readonly<Partial<Record<Source, string>>>>({})
  const sentences = computed(() => Object.values(says.value))
  const tell = (source: Source, sentence: string | null): void => {
    const { [source]: _before, ...others } = says.value
    says.value = sentence === null ? others : { ...others, [source]: sentence }
  }
  /** Takes the newer version that is ready and loads the page anew; null while none is. */
  const newer = shallowRef<(() => Promise<void>) | null>(null)
  const newerIsReady = (take: () => Promise<void>): void => {
    newer.value = take
  }
  const dismiss = (): void => {
    says.value = {}
    newer.value = null
  }

  /** A part of the program did not come: because it was updated, or because nobody serves it. */
  async function partMissing(): Promise<void> {
    const served = await fetch('/', { method: 'HEAD', cache: 'no-store' }).then(
      answer => answer.ok,
      () => false,
    )
    tell('program', served ? UPDATED : NO_SERVER)
  }
  return { sentences, tell, newer, newerIsReady, dismiss, partMissing }
})
