<script setup lang="ts">
// Record: what was made when, notes, what is left over, every change as a line.
import { computed, shallowRef, watch } from 'vue'
import { clock, counted, minutes, PROGRESS_WORD } from '../../../core/figures/format'
import type { LogLine } from '../../desk/questions'
import { ask } from '../../desk/remote'
import { useDesk } from '../../state/desk'
import { usePhotos } from '../../ui/photos'
import { when } from '../../ui/when'
import NoteForm from './NoteForm.vue'
import SerialField from '../../ui/SerialField.vue'
import StageLayout from '../../ui/StageLayout.vue'

const desk = useDesk()
const { shown: photos } = usePhotos()
const record = computed(() => desk.analysis?.record ?? null)
const serials = computed(() =>
  (desk.analysis?.parts.rows ?? []).map(({ id, name }) => ({
    id,
    name,
    serial: desk.state.build?.items.find(i => i.id === id)?.serial ?? '',
  })),
)
const log = shallowRef<readonly LogLine[]>([])
watch(
  () => desk.state.build,
  async build => {
    log.value = build ? await ask('log', build.id) : []
  },
  { immediate: true },
)
</script>

<template>
  <StageLayout
    title="Record"
    :summary="
      record
        ? `${counted(record.done.length, 'step')} done in ${minutes(record.minutesTaken)}, ${record.remaining} to go`
        : ''
    "
  >
    <NoteForm />
    <h2>Done</h2>
    <p v-if="!record?.done.length" class="quiet">Nothing done yet. The bench writes here.</p>
    <ul v-else class="sheet">
      <li v-for="d in record.done" :key="d.step">
        <span class="figure quiet">{{ when(d.at) }}</span><span
          >{{ d.title }}<span v-if="d.how" class="quiet"> ({{ d.how }})</span></span
        ><span class="quiet"
          >{{ PROGRESS_WORD[d.state] }}{{ d.took === null ? '' : `, ${clock(d.took)}` }}</span
        >
      </li>
    </ul>
    <h2>Serials</h2>
    <ul class="serials">
      <li v-for="s in serials" :key="s.id"><SerialField v-bind="s" /></li>
    </ul>
    <template v-if="photos.length"
      ><h2>Pictures</h2>
      <ul class="photos">
        <li v-for="p in photos" :key="p.id">
          <img v-if="p.url" :src="p.url" :alt="`Picture of ${p.name}`" /><span class="quiet"
            >{{ p.name }}, {{ when(p.at) }}</span
          >
        </li>
      </ul></template
    >
    <template v-if="record?.orphans.length"
      ><h2>Done, but no longer in the plan</h2>
      <ul class="sheet">
        <li v-for="o in record.orphans" :key="o.id">
          <span class="figure quiet">{{ when(o.at) }}</span><span>{{ o.id }}</span
          ><span />
        </li></ul
    ></template>
    <template v-if="record?.marked.length"
      ><h2>Broken or kept free</h2>
      <ul class="plain">
        <li v-for="m in record.marked" :key="m">{{ m }}</li>
      </ul></template
    >
    <template v-if="record?.leftOver.length"
      ><h2>Left over</h2>
      <p>{{ record.leftOver.join(', ') }}</p></template
    >
    <template #where>
      <h2 class="first">Every change</h2>
      <p v-if="log.length === 0" class="quiet">Nothing was changed yet.</p>
      <ul class="log">
        <li v-for="(l, i) in log" :key="i">
          <span class="figure quiet">{{ when(l.at) }}</span><span>{{ l.line }}</span>
        </li>
      </ul>
    </template>
  </StageLayout>
</template>

<style scoped>
h2 {
  margin: 16px 0 8px;
}
.first {
  margin-top: 0;
}
.sheet li {
  display: grid;
  grid-template-columns: minmax(max-content, 168px) 1fr auto;
  gap: 12px;
  padding: 6px 12px;
  border-top: 1px solid var(--line);
}
.sheet li:first-child {
  border-top: 0;
}
.serials {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 4px 16px;
}
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.photos li {
  display: grid;
  max-width: 180px;
  border: 0;
  padding: 0;
}
.photos img {
  max-width: 180px;
  max-height: 140px;
}
.log li {
  display: grid;
  grid-template-columns: minmax(max-content, 168px) 1fr;
  gap: 10px;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
</style>
