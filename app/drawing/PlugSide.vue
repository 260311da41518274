<script setup lang="ts">
// The side of a supply that its cables go into, as one looks at it: each socket, and the cable in it.
import { computed } from 'vue'
import type { ShownSocket, SupplyPlugs } from '../../core/stages/supply-plugs'
import { usePointer } from '../state/pointer'

const props = defineProps<{
  of: SupplyPlugs
  /** As large as the bench wants it. */
  large?: boolean
}>()
const pointer = usePointer()
/** How large a socket is drawn, mm; of their true sizes only the faces know. */
const SOCKET = { wide: 21, high: 15 } as const
/** From line to line of what is printed there, and down to the middle of small letters, mm. */
const LINE = { high: 4.6, middle: 1.4 } as const
/** Room around it for what its edges look at, mm. */
const ROOM = 9
const box = computed(
  () => `${-ROOM} ${-ROOM} ${props.of.width + 2 * ROOM} ${props.of.height + 2 * ROOM}`,
)
const place = ({ at }: ShownSocket): string => `translate(${at[0]} ${props.of.height - at[1]})`
const light = ({ lead }: ShownSocket): void => pointer.point([props.of.supply], lead)
const isLit = ({ lead }: ShownSocket): boolean => lead !== null && pointer.row === lead
const taken = computed(() => props.of.sockets.filter(s => s.cable !== null))
/** What is printed there, in as many lines as it has words. */
const lines = (text: string): string[] => text.split(' ')
</script>

<template>
  <figure class="side" :class="{ large }">
    <svg :viewBox="box" role="img" :aria-label="`The plugs of the ${of.name}`">
      <rect :width="of.width" :height="of.height" rx="2" class="body" />
      <g class="edge">
        <text :x="of.width / 2" y="-3">{{ of.edges.above }}</text>
        <text :x="of.width / 2" :y="of.height + 6">
          {{ of.edges.below }}{{ of.isFanBelow ? ', its fan' : '' }}
        </text>
        <text :transform="`translate(-3 ${of.height / 2}) rotate(-90)`">
          {{ of.edges.left }}
        </text>
        <text :transform="`translate(${of.width + 3} ${of.height / 2}) rotate(90)`">
          {{ of.edges.right }}
        </text>
      </g>
      <g
        v-for="s in of.sockets"
        :key="s.key"
        :transform="place(s)"
        :class="['socket', { taken: s.cable !== null, lit: isLit(s) }]"
        @mouseenter="light(s)"
        @mouseleave="pointer.leave"
      >
        <rect
          :x="-SOCKET.wide / 2"
          :y="-SOCKET.high / 2"
          :width="SOCKET.wide"
          :height="SOCKET.high"
          rx="1.5"
        />
        <text
          v-for="(w, i) in lines(s.label)"
          :key="i"
          :y="(i - (lines(s.label).length - 1) / 2) * LINE.high + LINE.middle"
        >
          {{ w }}
        </text>
        <text v-if="s.cable !== null" :y="SOCKET.high / 2 + LINE.high" class="cable">
          {{ s.cable }}
        </text>
      </g>
    </svg>
    <figcaption>
      <ul v-if="!large">
        <li
          v-for="s in taken"
          :key="s.key"
          tabindex="0"
          :class="{ lit: isLit(s) }"
          @mouseenter="light(s)"
          @mouseleave="pointer.leave"
          @focus="light(s)"
          @blur="pointer.leave"
        >
          <b>{{ s.cable }}</b> <span>into {{ s.label }}</span>
          <span class="quiet">{{ s.says }}</span>
        </li>
      </ul>
      <p class="quiet">
        As you look at its plugs<template v-if="of.isFanBelow">, the fan below</template>; at each
        edge, the wall of the case there.
        <template v-if="!large"
          >Of like sockets each cable has one with room for the hand, and the leads that would
          hardly reach the nearest.</template
        >
      </p>
    </figcaption>
  </figure>
</template>

<style scoped>
.side {
  display: grid;
  gap: 8px;
}
svg {
  width: 100%;
  max-width: 420px;
}
.body {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 0.6;
}
.socket rect {
  fill: var(--sheet);
  stroke: var(--ink-2);
  stroke-width: 0.4;
}
.taken rect {
  fill: var(--mat-soft);
  stroke: var(--mat);
  stroke-width: 0.8;
}
.lit rect {
  stroke-width: 1.6;
}
li.lit {
  background: var(--mat-soft);
}
text {
  text-anchor: middle;
  font: 4.2px var(--text);
  fill: var(--ink);
}
.edge text {
  fill: var(--ink-2);
}
.cable {
  font-weight: 600;
}
ul {
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 5em 8em minmax(0, 1fr);
  gap: 0 8px;
}
.large svg {
  max-width: 620px;
}
.large figcaption {
  font-size: 16px;
}
.large .quiet {
  color: var(--ink);
}
</style>
