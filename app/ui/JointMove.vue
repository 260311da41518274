<script setup lang="ts">
// Joins a plug by hand: every socket it goes into, what each would mean, and letting it find its
// own place again.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import type { Command, SingleCommand } from '../../core/document/command-schema'
import { useDesk } from '../state/desk'
import { VERDICT_WORD } from './findings'
import { useAlternatives } from './remedies'
import VerdictMark from './VerdictMark.vue'

/** `made`: at the bench, what is put here is in. */
const props = defineProps<{ plug: string; label: string; made?: boolean }>()
const desk = useDesk()
const { places } = useAlternatives(() => props.plug)
const pinned = computed(() => desk.state.build?.choices.pins[props.plug] ?? null)
async function put(socket: string | null, to = ''): Promise<void> {
  const title = socket === null ? props.label : `${props.label} into ${to}`
  const pin: SingleCommand = { do: 'pinJoint', plug: props.plug, socket, title }
  const ask: Command =
    props.made && socket !== null
      ? {
          do: 'together',
          title: `Otherwise than planned: ${title}`,
          commands: [
            pin,
            { do: 'make', ids: [`${props.plug}~${socket}`], title, how: 'otherwise than planned' },
          ],
        }
      : pin
  await desk.run(ask)
}
</script>

<template>
  <div class="move">
    <p v-if="places === null" class="quiet" role="status">Looking where it goes…</p>
    <p v-else-if="places.length === 0" class="quiet">No socket here takes it.</p>
    <ul v-else :aria-label="`Places for ${label}`">
      <li v-for="p in places" :key="p.ref">
        <VerdictMark :verdict="p.verdict" />
        <span
          >{{ p.label }}<span v-if="p.shut" class="note">{{ p.shut }}</span
          ><span v-else-if="p.taken" class="quiet"> now holds the {{ p.taken }}</span
          ><span v-if="p.note || p.verdict !== 'clear'" class="note"
            ><strong :class="p.verdict">{{ VERDICT_WORD[p.verdict] }}</strong> {{ p.note }}</span
          ></span
        >
        <span v-if="pinned === p.ref" class="quiet">by hand</span>
        <span v-else-if="p.planned" class="quiet">planned here</span>
        <ElButton
          v-else
          size="small"
          :aria-label="`Put here: ${p.label}`"
          @click="put(p.ref, p.label)"
          >Put here</ElButton
        >
      </li>
    </ul>
    <ElButton v-if="pinned !== null" size="small" @click="put(null)"
      >Let it find its own place</ElButton
    >
  </div>
</template>

<style scoped>
.move {
  padding: 2px 0 8px;
  display: grid;
  gap: 6px;
  justify-items: start;
}
ul {
  width: 100%;
  max-height: 260px;
  overflow: auto;
  padding-right: 4px;
}
li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
.note {
  display: block;
  font-size: var(--small);
}
</style>
