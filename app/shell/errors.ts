// Whatever goes wrong where nobody catches it is said in a sentence: a part of the program that
// does not come, a call that is refused.
import type { App } from 'vue'
import type { Router } from 'vue-router'
import { Stopped } from '../desk/link'
import { useDesk } from '../state/desk'
import { useTrouble } from '../state/trouble'

/** How browsers say that a part of the program could not be fetched. */
const MISSING =
  /dynamically imported module|Importing a module script failed|Unable to preload|error loading/i
const isMissing = (error: unknown): boolean => error instanceof Error && MISSING.test(error.message)

export function tellOfErrors(app: App, router: Router): void {
  const tell = (error: unknown): void => {
    // A worker that stopped has said so already.
    if (error instanceof Stopped) return
    if (isMissing(error)) void useTrouble().partMissing()
    else useDesk().say(sentenceOf(error))
  }
  app.config.errorHandler = error => {
    tell(error)
    console.error(error)
  }
  router.onError(tell)
  window.addEventListener('vite:preloadError', () => void useTrouble().partMissing())
  window.addEventListener('unhandledrejection', event => tell(event.reason))
}

function sentenceOf(error: unknown): string {
  const name = error instanceof Error ? error.name : 'unknown error'
  return (
    `Something could not be shown (${name}). What was kept is safe; reload the page, and ` +
    'say what you did last if it stays.'
  )
}
