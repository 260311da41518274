// The program is kept in the browser: it starts with the server stopped, and an open window goes on
// with what it began with when a newer one comes.
import { registerSW } from 'virtual:pwa-register'
import { useTrouble } from '../state/trouble'

export function keepProgram(): void {
  const letIn = registerSW({ onNeedRefresh: () => useTrouble().newerIsReady(takeNewer) })

  /** Lets the newer program in, waits until it is in charge, and loads the page anew. */
  async function takeNewer(): Promise<void> {
    const waiting = (await navigator.serviceWorker.getRegistration())?.waiting
    const inCharge = waiting && becomesActive(waiting)
    await letIn(true)
    await inCharge
    location.reload()
  }
}

const becomesActive = (worker: ServiceWorker): Promise<void> =>
  new Promise(done => {
    const look = (): void => {
      if (worker.state === 'activated' || worker.state === 'redundant') done()
    }
    worker.addEventListener('statechange', look)
    look()
  })
