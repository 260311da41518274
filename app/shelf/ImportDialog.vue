<script setup lang="ts">
// A table or a file of parts is looked at before anything comes in: columns, examples, what is
// wrong by line; all of it or nothing.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElDialog } from 'element-plus/es/components/dialog/index'
import 'element-plus/es/components/dialog/style/css'
import { computed, ref, shallowRef } from 'vue'
import { counted } from '../../core/figures/format'
import type { PartKind } from '../../core/parts'
import { useDesk } from '../state/desk'
import type { ImportPreview, TablePlan } from '../desk/shelf/incoming-parts'
import { ask } from '../desk/remote'
import type { Takes } from '../desk/shelf/beside'
import ImportColumns from './ImportColumns.vue'
import ImportDifferences from './ImportDifferences.vue'

const props = defineProps<{ file: File }>()
const emit = defineEmits<{ close: [] }>()
const desk = useDesk()
const preview = shallowRef<ImportPreview | null>(null)
const problem = ref('')
const doing = ref<'reading' | 'importing' | null>('reading')
const share = ref(0)
const done = ref<number | null>(null)
const takes = shallowRef<Takes>({ of: {}, all: null })
const tell = (n: number, of: number): void => {
  share.value = of === 0 ? 1 : n / of
}

async function show(asked: Promise<ImportPreview | { readonly problem: string }>): Promise<void> {
  doing.value = 'reading'
  share.value = 0
  const found = await asked.catch((error: Error): { readonly problem: string } => ({
    problem:
      `${props.file.name} could not be read (${error.name}). Nothing was changed; try it ` +
      'again, or save it in another form.',
  }))
  doing.value = null
  problem.value = 'problem' in found ? found.problem : ''
  if (!('problem' in found)) preview.value = found
}
void props.file.text().then(text => show(ask('openParts', text, props.file.name, tell)))
const plan = (next: TablePlan): Promise<void> => show(ask('previewParts', next, tell))
async function kind(next: PartKind): Promise<void> {
  await plan({ kind: next, mapping: await ask('guessColumns', next) })
}

async function take(): Promise<void> {
  doing.value = 'importing'
  share.value = 0
  const count = preview.value?.count ?? 0
  const plan =
    preview.value?.of === 'table'
      ? { kind: preview.value.plan.kind, mapping: preview.value.plan.mapping.map(m => ({ ...m })) }
      : null
  const ok = await desk.did({ act: 'importParts', plan, takes: takes.value }, tell)
  doing.value = null
  if (ok) done.value = count
}
async function leave(): Promise<void> {
  if (doing.value !== null) {
    await ask('cancelParts')
    return
  }
  await ask('closeParts')
  emit('close')
}
const percent = computed(() => Math.round(share.value * 100))
</script>

<template>
  <ElDialog
    model-value
    :title="`Parts from ${file.name}`"
    width="min(860px, 96vw)"
    align-center
    :close-on-click-modal="false"
    @close="leave"
  >
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <p v-if="done !== null" role="status">
      {{ counted(done, 'part') }} on the shelf. Undo takes all of them back.
    </p>
    <template v-else-if="preview">
      <p>
        <b>{{ counted(preview.count, 'part') }}</b> can come in<template v-if="preview.known"
          >; {{ preview.known }} of them {{ preview.known === 1 ? 'is' : 'are' }} on the shelf
          already{{ preview.differ ? '' : ', just so' }}</template
        >.
      </p>
      <ImportColumns v-if="preview.of === 'table'" :preview="preview" @plan="plan" @kind="kind" />
      <ul v-if="preview.sample.length" class="sample" aria-label="Examples">
        <li v-for="(s, i) in preview.sample" :key="i">
          <span class="quiet">{{ s.title }}</span> {{ s.name }}
        </li>
      </ul>
      <ImportDifferences
        v-if="preview.differ && !preview.wrong"
        v-model="takes"
        :differing="preview.differing"
        :count="preview.differ"
      />
      <template v-if="preview.wrong">
        <h3 class="stop">
          {{ counted(preview.wrong, 'problem') }}: nothing comes in until they are mended
        </h3>
        <table aria-label="Problems">
          <tbody>
            <tr v-for="(p, i) in preview.problems" :key="i">
              <td class="figure">line {{ p.line }}</td>
              <td class="quiet">{{ p.column }}</td>
              <td>{{ p.sentence }}.</td>
            </tr>
          </tbody>
        </table>
        <p v-if="preview.wrong > preview.problems.length" class="quiet">
          …and {{ preview.wrong - preview.problems.length }} more.
        </p>
      </template>
    </template>
    <div v-if="doing" class="progress" role="status">
      <progress
        :value="share"
        :aria-label="doing === 'reading' ? 'Reading' : 'Importing'"
      ></progress
      ><span class="figure"
        >{{ doing === 'reading' ? 'Reading' : 'Importing' }} {{ percent }} %</span
      >
    </div>
    <template #footer>
      <ElButton @click="leave">{{
        doing ? 'Leave off' : done !== null ? 'Close' : 'Cancel'
      }}</ElButton>
      <ElButton
        v-if="done === null"
        type="primary"
        :disabled="doing !== null || !preview || preview.count === 0 || preview.wrong > 0"
        @click="take"
        >Import {{ preview ? counted(preview.count, 'part') : '' }}</ElButton
      >
    </template>
  </ElDialog>
</template>

<style scoped>
.sample {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  padding: 6px 0;
}
table {
  display: block;
  max-height: 220px;
  overflow: auto;
}
td {
  padding: 3px 12px 3px 0;
  border-top: 1px solid var(--line);
  vertical-align: top;
}
.progress {
  display: flex;
  gap: 12px;
  align-items: center;
  padding-top: 10px;
}
progress {
  flex: 1;
  accent-color: var(--mat);
}
</style>
