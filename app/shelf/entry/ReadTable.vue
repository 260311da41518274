<script setup lang="ts">
// Values that were read of a sheet, each with its words: a person may say that one is right or wrong.
import { capital } from '../../../core/figures/format'
import type { ReadLine } from '../../desk/shelf/drafts'

defineProps<{ label: string; lines: readonly ReadLine[] }>()
const emit = defineEmits<{ answer: [line: ReadLine, says: 'right' | 'wrong' | null] }>()
/** What may be said of a line as it stands. */
const saysOf = ({ why, answer }: ReadLine): readonly ('right' | 'wrong')[] => {
  if (answer !== null) return []
  return why === null ? ['wrong'] : ['right', 'wrong']
}
const WORD = { right: 'Right', wrong: 'Wrong' } as const
</script>

<template>
  <table :aria-label="label">
    <tbody>
      <tr v-for="r in lines" :key="r.path + r.words + r.value">
        <td><span v-if="r.why" class="mark" aria-hidden="true">?</span> {{ capital(r.label) }}</td>
        <td class="figure value">{{ r.value }}</td>
        <td class="quiet words">
          <template v-if="r.why">{{ capital(r.why) }}: </template>“{{ r.words }}”
        </td>
        <td class="says">
          <template v-if="r.answer"
            >{{ r.answer === 'right' ? 'right, you say' : 'not taken' }}
            <button
              type="button"
              class="plainbutton"
              :aria-label="`Undo: ${r.label} ${r.value} is ${r.answer}`"
              @click="emit('answer', r, null)"
            >
              Undo
            </button></template
          ><button
            v-for="says in saysOf(r)"
            :key="says"
            type="button"
            class="plainbutton"
            :aria-label="`${WORD[says]}: ${r.label} ${r.value}`"
            @click="emit('answer', r, says)"
          >
            {{ WORD[says] }}
          </button>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  table-layout: fixed;
}
td {
  padding: 3px 10px 3px 0;
  border-top: 1px solid var(--line);
  vertical-align: top;
  overflow-wrap: break-word;
}
.value {
  width: 24%;
  white-space: normal;
}
.words {
  width: 36%;
}
.mark {
  color: var(--measure);
  font-weight: 700;
}
.says {
  width: 16%;
  padding-right: 0;
  text-align: right;
  font-size: var(--small);
}
.says button {
  min-height: 24px;
  padding: 0 6px;
  color: var(--mat);
  text-decoration: underline;
}
</style>
