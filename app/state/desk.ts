// What the interface knows of the builds: the worker's latest state, and the ways to change it.
import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { ElMessage } from 'element-plus/es/components/message/index'
import 'element-plus/es/components/message/style/css'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { HorizonAnalysis } from '../../core/analysis/analyse'
import type { Horizon } from '../../core/document/resolve'
import type { Difference } from '../../core/analysis/compare'
import { LARGEST_FILE, tooLarge } from '../desk/limits'
import type { Command } from '../../core/document/command-schema'
import type { Act, Answer, DeskState } from '../desk/acts'
import type { Progress } from '../desk/shelf/chunks'
import { listen, openBuild, send } from '../desk/remote'
import { looking, placeBeside } from './kept'
import { useTrouble } from './trouble'

const EMPTY: DeskState = {
  builds: [],
  bin: [],
  examples: [],
  deeds: [],
  build: null,
  analysis: null,
  aside: null,
  undo: null,
  redo: null,
  shelfUndo: null,
  shelfRedo: null,
  newer: [],
  shelf: 0,
  arrivals: [],
}

/** What is shown: the worker's latest state, and what the latest change did. */
function shownState() {
  return {
    state: shallowRef<DeskState>(EMPTY),
    ready: ref(false),
    /** Why the store does not open; null when it does. */
    closed: ref<string | null>(null),
    /** Builds that are asked for and have not come: what is shown may not be what is open then. */
    opening: ref(0),
    /** Changes that are asked for and not yet kept. */
    keeping: ref(0),
    /** Whether the latest change found no room left. */
    full: ref(false),
    /** What the latest change did to the plan, for those who ask. */
    changed: shallowRef<Difference | null>(null),
  }
}
type Shown = ReturnType<typeof shownState>

const MESSAGE = { duration: 8000, showClose: true, grouping: true } as const
/** Something that was done, but not all of it. */
const tell = (notice: string): void => {
  ElMessage({ ...MESSAGE, message: notice, type: 'warning' })
}
function say(problem: string): null {
  ElMessage({ ...MESSAGE, message: problem, type: 'error' })
  return null
}

/** An answer is taken: the new state, or the sentence why not. */
function takeInto(shown: Shown, answer: Answer): void {
  if ('problem' in answer) {
    shown.full.value = answer.full ?? false
    if (answer.closed) shown.closed.value = answer.problem
    else if (!answer.shown) say(answer.problem)
    return
  }
  shown.full.value = false
  shown.closed.value = null
  shown.ready.value = true
  if (answer.notice !== null) tell(answer.notice)
  // First what changed, then the change: who waits for it hears of it while all is as it was.
  if (answer.changed) shown.changed.value = answer.changed
  shown.state.value = answer.state
}

/** The ways to change something: each waits until it is kept. */
function actsOn(shown: Shown) {
  const { keeping } = shown
  // Whoever leaves the page while changes are not kept yet is asked first.
  useEventListener(window, 'beforeunload', event => {
    if (keeping.value > 0) event.preventDefault()
  })
  /** Does one act and waits until it is kept. */
  async function act(what: Act, progress?: Progress): Promise<Answer> {
    keeping.value += 1
    try {
      const answer = await send(what, progress)
      takeInto(shown, answer)
      return answer
    } finally {
      keeping.value -= 1
    }
  }
  /** As `act`: whether it was done. */
  const did = async (what: Act, progress?: Progress): Promise<boolean> =>
    !('problem' in (await act(what, progress)))
  /** As `act`: the build it is about then, or null. */
  async function made(what: Act): Promise<string | null> {
    const answer = await act(what)
    return 'problem' in answer ? null : answer.build
  }
  return { act, did, made }
}

/** Named choice, ms: who waits longer for an answer is told that one is worked on. */
const PATIENCE = 1000

/** Whether somebody has waited for an answer for long. */
function longWait({ keeping }: Shown): Ref<boolean> {
  const isLong = ref(false)
  const { start, stop } = useTimeoutFn(
    () => {
      isLong.value = true
    },
    PATIENCE,
    { immediate: false },
  )
  const isWaiting = computed(() => keeping.value > 0)
  watch(isWaiting, waits => {
    if (waits) start()
    else stop()
    isLong.value = false
  })
  return isLong
}

/** Asks the browser once to keep what is stored even when space runs short. */
function persistence() {
  let asked = false
  return async (): Promise<void> => {
    if (asked) return
    asked = true
    await navigator.storage?.persist?.()
  }
}

/** The acts on the open build. */
function actsOnBuild(shown: Shown, { did }: ReturnType<typeof actsOn>) {
  const keep = persistence()
  const openId = (): string => shown.state.value.build?.id ?? ''
  return {
    run: async (asked: Command): Promise<boolean> => {
      if (openId() === '') return false
      void keep()
      return did({ act: 'run', build: openId(), command: asked })
    },
    /** Takes back or does again the latest step of the open build, or of the shelf. */
    turn: (way: 'undo' | 'redo', of: 'build' | 'shelf'): Promise<boolean> =>
      did({ act: way, of: of === 'build' ? openId() : null }),
    attach: (about: string, name: string, picture: string): Promise<boolean> =>
      did({ act: 'attach', build: openId(), about, name, picture }),
    /** The parts of these items as they are on the shelf now. */
    takeNewer: (items: readonly string[]): Promise<boolean> =>
      did({ act: 'takeNewer', build: openId(), items: [...items] }),
  }
}

export const useDesk = defineStore('desk', () => {
  const shown = shownState()
  const { state, ready, opening } = shown
  const horizon = ref<Horizon>('then')
  const analysis = computed<HorizonAnalysis | null>(
    () => state.value.analysis?.horizons[horizon.value] ?? null,
  )
  const horizonsDiffer = computed(() =>
    (state.value.build?.items ?? []).some(i => i.state === 'wanted' || i.state === 'later'),
  )
  const take = (answer: Answer): void => {
    takeInto(shown, answer)
  }
  const trouble = useTrouble()
  const look = looking(sentence => trouble.tell('store', sentence), placeBeside())
  watch(state, look)
  listen({
    trouble: sentence => trouble.tell('worker', sentence),
    changed: next => {
      state.value = next
    },
    revived: () => void openBuild(state.value.build?.id ?? null).then(take),
  })
  async function open(id: string | null): Promise<boolean> {
    const isShown = id !== null && state.value.build?.id === id
    if (ready.value && opening.value === 0 && isShown) return true
    opening.value += 1
    try {
      const answer = await openBuild(id)
      take(answer)
      return !('problem' in answer) && answer.state.build?.id === id
    } finally {
      opening.value -= 1
    }
  }
  const acts = actsOn(shown)
  /** A file is looked at before it is read: one that is too large never comes in. */
  const importFile = async (file: File): Promise<string | null> =>
    file.size > LARGEST_FILE
      ? say(tooLarge(file.name, file.size).problem)
      : acts.made({ act: 'openFile', text: await file.text(), name: file.name })
  return {
    ...{ ...shown, horizon, analysis, horizonsDiffer, isLong: longWait(shown) },
    ...{ say, open, importFile },
    ...acts,
    ...actsOnBuild(shown, acts),
  }
})
