<script setup lang="ts">
// The machine from an angle: solids that are turned by dragging or by the arrow keys. What is pointed at
// lights as elsewhere; nothing is to be seen here alone.
import { useElementSize } from '@vueuse/core'
import { onBeforeUnmount, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { ask } from '../desk/remote'
import { useDesk } from '../state/desk'
import { usePointer } from '../state/pointer'
import { theme } from '../ui/theme'
import type { Inks } from './solid-pieces'
import { SolidView } from './solid-view'

const desk = useDesk()
const pointer = usePointer()
const canvas = useTemplateRef('canvas')
const { width, height } = useElementSize(canvas)
const view = shallowRef<SolidView | null>(null)
const trouble = ref('')
const named = ref('')

function inksOf(element: HTMLElement): Inks {
  const style = getComputedStyle(element)
  const ink = (name: string): string => style.getPropertyValue(name).trim()
  return {
    ...{ ground: ink('--sheet'), body: ink('--paper'), board: ink('--mat-soft') },
    ...{ dark: ink('--ink-2'), line: ink('--ink'), lit: ink('--mat') },
  }
}

async function build(): Promise<void> {
  const id = desk.state.build?.id
  const machine = id ? await ask('blocks', id, desk.horizon) : null
  if (!canvas.value || !machine) return
  view.value?.dispose()
  try {
    view.value = new SolidView(canvas.value, machine, inksOf(canvas.value))
    view.value.resize(width.value, height.value)
    view.value.light(pointer.lights)
  } catch {
    trouble.value =
      'This browser draws no solids: its graphics are switched off or not there. The five sides show the same.'
  }
}
onMounted(build)
onBeforeUnmount(() => view.value?.dispose())
watch([() => desk.analysis, theme], build, { flush: 'post' })
watch([width, height], ([w, h]) => {
  if (w > 0 && h > 0) view.value?.resize(w, h)
})
watch([() => pointer.items, () => pointer.chosen], () => view.value?.light(pointer.lights))

const under = ({ offsetX, offsetY }: MouseEvent) =>
  view.value?.under((offsetX / width.value) * 2 - 1, 1 - (offsetY / height.value) * 2) ?? null
function point(event: MouseEvent): void {
  if (event.buttons !== 0) return
  const block = under(event)
  named.value = block ? [block.name, block.note].filter(Boolean).join(': ') : ''
  pointer.point(block?.item ? [block.item] : [])
}
let pressedAt = [0, 0]
const press = ({ offsetX, offsetY }: MouseEvent): void => {
  pressedAt = [offsetX, offsetY]
}
/** A press that did not turn the machine chooses. */
function choose(event: MouseEvent): void {
  const [x = 0, y = 0] = pressedAt
  if (Math.hypot(event.offsetX - x, event.offsetY - y) > STILL) return
  const item = under(event)?.item
  if (item) pointer.choose(item)
}
/** Named choice: a hand that moves less than this stands still, px. */
const STILL = 4

const KEYS: Readonly<Record<string, (on: SolidView) => void>> = {
  ArrowLeft: on => on.turn(-1, 0),
  ArrowRight: on => on.turn(1, 0),
  ArrowUp: on => on.turn(0, -1),
  ArrowDown: on => on.turn(0, 1),
  '+': on => on.closer(1),
  '-': on => on.closer(-1),
}
function onKey(event: KeyboardEvent): void {
  const act = KEYS[event.key]
  if (!act || !view.value) return
  event.preventDefault()
  act(view.value)
}
</script>

<template>
  <div class="angle">
    <p v-if="trouble" role="status">{{ trouble }}</p>
    <canvas
      v-show="!trouble"
      ref="canvas"
      role="application"
      :aria-busy="view === null"
      tabindex="0"
      aria-label="The machine from an angle; arrow keys turn it, plus and minus come closer and go away"
      @pointerdown="press"
      @pointermove="point"
      @pointerleave="pointer.leave"
      @click="choose"
      @keydown="onKey"
    />
    <div class="below">
      <span class="quiet">{{
        named || 'Drag to turn, or use the arrow keys; + and − come closer.'
      }}</span>
      <span class="turns" role="group" aria-label="Look">
        <button type="button" class="smallbutton" @click="view?.look('corner')">
          From the corner
        </button>
        <button type="button" class="smallbutton" @click="view?.look('near')">Near side</button>
        <button type="button" class="smallbutton" @click="view?.look('behind')">Behind</button>
      </span>
    </div>
  </div>
</template>

<style scoped>
.angle {
  display: grid;
  gap: 6px;
}
canvas {
  width: 100%;
  height: min(62dvh, 620px);
  touch-action: none;
  border: 1px solid var(--line);
}
.below {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  justify-content: space-between;
  align-items: center;
}
.turns {
  display: flex;
  gap: 4px;
}
</style>
