// The desk's worker as the interface sees it: one for the whole page.
import { wrap, type Remote } from 'comlink'
import type { DeskApi } from './desk.worker'

export const worker: Remote<DeskApi> = wrap<DeskApi>(
  new Worker(new URL('./desk.worker.ts', import.meta.url), { type: 'module' }),
)
