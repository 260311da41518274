<script setup lang="ts">
// A sheet is pasted here; under it what was read of it, each value with its words, what is
// doubtful, and what was not read.
import { computed, onMounted, ref, watch } from 'vue'
import { counted, within } from '../../../core/figures/format'
import type { ValueAnswer } from '../../../core/document/draft'
import type { PartKind } from '../../../core/parts'
import type { ReadLine } from '../../desk/shelf/drafts'
import { LONGEST_SHEET } from '../../desk/limits'
import { useAnswering } from './answering'
import ReadTable from './ReadTable.vue'
import { useEntry } from './entry'

const EXAMPLE = [
  'CPU cooler: max. 17.0 cm',
  'Max. GPU length 355mm (w/o radiator)',
  'Front I/O: 2x Type-A 5Gbps, 1x Type-C',
].join('\n')
const entry = useEntry()
const field = ref<HTMLTextAreaElement>()
/**
 * The field keeps its text by itself: thousands of lines that come in at once are drawn once. It
 * takes what was there before, and what is cleared.
 */
function typed(): void {
  entry.paste(field.value?.value ?? '')
  show()
}
/**
 * What is far too long never comes into the field: laying it out alone would stop the page for
 * seconds.
 */
function before(event: Event): void {
  const { value, selectionStart, selectionEnd } = event.target as HTMLTextAreaElement
  const coming = (event as InputEvent).data?.length ?? 0
  if (coming > 0 && !entry.fits(value.length - (selectionEnd - selectionStart) + coming))
    event.preventDefault()
}
const show = (): void => {
  if (field.value && field.value.value !== entry.sheet) field.value.value = entry.sheet
}
onMounted(show)
watch(() => entry.sheet, show)
const read = computed(() => entry.read)
const lines = (of: (r: ReadLine) => boolean) => computed(() => read.value?.read.filter(of) ?? [])
const sure = lines(r => r.answer !== 'wrong' && r.why === null)
const doubtful = lines(r => r.answer === null && r.why !== null)
const wrong = lines(r => r.answer === 'wrong')
const title = computed(
  () => entry.choices?.kinds.find(k => k.kind === read.value?.kind)?.title ?? null,
)
const readable = computed(() =>
  (entry.choices?.kinds ?? []).filter(k => entry.choices?.readable.includes(k.kind)),
)
const head = ref<HTMLElement>()
const remember = useAnswering(head, () => read.value?.read)
function answer(line: ReadLine, says: ValueAnswer['says'] | null): void {
  remember()
  entry.answer(line, says)
}
const force = (kind: string): void => entry.force(kind === '' ? null : (kind as PartKind))
</script>

<template>
  <div class="paste">
    <label class="field"
      >Spec sheet, as text or as a copied table
      <textarea
        ref="field"
        class="written"
        rows="11"
        spellcheck="false"
        @beforeinput="before"
        @input="typed"
        :placeholder="EXAMPLE"
      ></textarea>
    </label>
    <p v-if="entry.tooLong !== null" class="stop" role="status">
      This is longer than any spec sheet ({{ counted(entry.tooLong, 'character') }}; at most
      {{ LONGEST_SHEET }}). It was not taken: paste only the table or the list of specifications.
    </p>
    <label class="kind"
      >It is a
      <select
        :value="entry.forced ?? ''"
        @change="force(($event.target as HTMLSelectElement).value)"
      >
        <option value="">
          {{ title ? `${within(title)}, it seems` : 'kind to be found out' }}
        </option>
        <option v-for="k in readable" :key="k.kind" :value="k.kind">
          {{ within(k.title) }}
        </option>
      </select></label
    >
    <p v-if="read && read.kind === null" class="stop" role="status">
      No kind of part can be told from this. Choose one above.
    </p>
    <template v-if="read">
      <p v-if="read.corrections.length" role="status">
        {{ counted(read.corrections.length, 'correction') }} of yours kept.
      </p>
      <h2 ref="head" tabindex="-1">{{ counted(sure.length, 'value') }} read</h2>
      <ReadTable label="Values read" :lines="sure" @answer="answer" />
      <template v-if="doubtful.length">
        <h2>{{ counted(new Set(doubtful.map(d => d.path)).size, 'value') }} doubtful</h2>
        <ReadTable label="Doubtful values" :lines="doubtful" @answer="answer" />
      </template>
      <template v-if="wrong.length">
        <h2>{{ counted(wrong.length, 'value') }} wrong, you say</h2>
        <ReadTable label="Wrong values" :lines="wrong" @answer="answer" />
      </template>
      <template v-if="read.unread.length">
        <h2>{{ counted(read.unread.length, 'phrase') }} not read</h2>
        <ul class="unread" aria-label="Not read">
          <li v-for="(u, i) in read.unread" :key="i" class="quiet">{{ u }}</li>
        </ul>
      </template>
      <p v-if="read.unlooked" role="status">
        The sheet is long: of {{ counted(read.unlooked, 'more phrase') }} it was not looked whether
        they were read. Paste it in parts to see them.
      </p>
    </template>
  </div>
</template>

<style scoped>
.paste {
  display: grid;
  gap: 10px;
}
.field {
  display: grid;
  gap: 4px;
}
textarea {
  font-size: 14px;
}
textarea::placeholder {
  color: var(--ink-2);
}
select {
  padding: 2px 6px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
}
.unread li {
  padding: 2px 0;
  border-top: 1px solid var(--line);
}
</style>
