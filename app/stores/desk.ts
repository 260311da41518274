// What the interface knows of the builds: the worker's latest state, and the ways to change it.
import { useEventListener } from '@vueuse/core'
import { proxy } from 'comlink'
import { ElMessage } from 'element-plus/es/components/message/index'
import 'element-plus/es/components/message/style/css'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { HorizonAnalysis } from '../../core/analyse'
import type { Horizon } from '../../core/build/resolve'
import type { Difference } from '../../core/compare'
import { LARGEST_FILE, tooLarge } from '../limits'
import type { Answer, Ask, DeskState } from '../worker/desk'
import type { Progress, TablePlan } from '../worker/shelf'
import type { Reference } from '../worker/desk.worker'
import { worker } from '../worker/remote'

const EMPTY: DeskState = {
  builds: [],
  build: null,
  analysis: null,
  undo: null,
  redo: null,
  newer: [],
  shelf: 0,
}

export const useDesk = defineStore('desk', () => {
  const state = shallowRef<DeskState>(EMPTY)
  const ready = ref(false)
  /** What the latest change did to the plan, for those who ask. */
  const changed = shallowRef<Difference | null>(null)
  const horizon = ref<Horizon>('then')
  const analysis = computed<HorizonAnalysis | null>(
    () => state.value.analysis?.horizons[horizon.value] ?? null,
  )
  const horizonsDiffer = computed(() =>
    (state.value.build?.items ?? []).some(i => i.state === 'wanted' || i.state === 'later'),
  )

  void worker.watch(
    proxy((next: DeskState) => {
      state.value = next
    }),
  )

  function say(problem: string): null {
    ElMessage({ message: problem, type: 'error', duration: 8000, showClose: true, grouping: true })
    return null
  }

  /** Changes that are asked for and not yet kept. Whoever leaves the page while there are any is asked first. */
  let keeping = 0
  useEventListener(window, 'beforeunload', event => {
    if (keeping > 0) event.preventDefault()
  })

  /** Waits until a change is kept, then takes the answer. */
  async function change(asked: Promise<Answer>): Promise<string | null> {
    keeping += 1
    try {
      return take(await asked)
    } finally {
      keeping -= 1
    }
  }

  /** As `change`, for what is about no build: whether it was done. */
  async function did(asked: Promise<Answer>): Promise<boolean> {
    keeping += 1
    try {
      const answer = await asked
      take(answer)
      return !('problem' in answer)
    } finally {
      keeping -= 1
    }
  }

  /** Takes an answer: the new state, or the sentence why not. */
  function take(answer: Answer): string | null {
    if ('problem' in answer) return say(answer.problem)
    // First what changed, then the change: who waits for it hears of it while all is as it was.
    if (answer.changed) changed.value = answer.changed
    state.value = answer.state
    return answer.build
  }

  async function open(id: string | null): Promise<boolean> {
    if (ready.value && id !== null && state.value.build?.id === id) return true
    const opened = take(await worker.open(id))
    ready.value = true
    return opened === id
  }

  async function run(ask: Ask): Promise<boolean> {
    const id = state.value.build?.id
    if (!id) return false
    void keep()
    return (await change(worker.run(id, ask))) !== null
  }

  /** Asks the browser once to keep what is stored even when space runs short. */
  let asked = false
  async function keep(): Promise<void> {
    if (asked) return
    asked = true
    await navigator.storage?.persist?.()
  }

  return {
    state,
    ready,
    changed,
    say,
    horizon,
    analysis,
    horizonsDiffer,
    open,
    run,
    undo: () => change(worker.undo()),
    redo: () => change(worker.redo()),
    create: (name: string) => change(worker.create(name)),
    copy: (id: string, name: string) => change(worker.copy(id, name)),
    remove: async (id: string) => {
      await change(worker.remove(id))
    },
    /** A file is looked at before it is read: one that is too large never comes in. */
    importFile: async (file: File) =>
      file.size > LARGEST_FILE
        ? say(tooLarge(file.name, file.size).problem)
        : change(worker.importText(await file.text(), file.name)),
    attach: async (about: string, name: string, picture: string) =>
      (await change(worker.attach(state.value.build?.id ?? '', about, name, picture))) !== null,
    pictures: (): Promise<Readonly<Record<string, string>>> =>
      worker.pictures(state.value.build?.id ?? ''),
    /** The parts of these items as they are on the shelf now. */
    takeNewer: (items: readonly string[]) =>
      change(worker.takeNewer(state.value.build?.id ?? '', [...items])),
    keepPart: (part: unknown) => did(worker.keepPart(part)),
    dropParts: (ids: readonly string[]) => did(worker.dropParts([...ids])),
    addPage: (part: string, title: string, picture: string) =>
      did(worker.addPage(part, title, picture)),
    removePage: (part: string, page: string) => did(worker.removePage(part, page)),
    measurePart: (item: string, path: string, figure: unknown) =>
      did(worker.measurePart(state.value.build?.id ?? '', item, path, figure)),
    /** Takes in what was opened for import; the page hears how far it is. */
    importParts: (plan: TablePlan | null, progress: Progress) =>
      did(worker.importParts(plan, proxy(progress))),
    compare: (one: string, other: string) => worker.compare(one, other, horizon.value),
    exportText: (ids: readonly string[]): Promise<string> => worker.exportText([...ids]),
    exportCsv: (id: string): Promise<string> => worker.exportCsv(id),
    exportSheet: (id: string): Promise<string> => worker.exportSheet(id, horizon.value),
    exportDrawing: (id: string): Promise<string | null> => worker.exportDrawing(id, horizon.value),
    reference: (): Promise<Reference> => worker.reference(),
  }
})
