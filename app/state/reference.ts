// What is known of connectors, words and rules: asked for once, kept for all.
import { shallowRef } from 'vue'
import type { Reference } from '../desk/questions'
import { ask } from '../desk/remote'

const reference = shallowRef<Reference | null>(null)
let asked: Promise<void> | null = null

/** The reference, as soon as it has come. */
export function useReference() {
  asked ??= ask('reference').then(known => {
    reference.value = known
  })
  return reference
}
