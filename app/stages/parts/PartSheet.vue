<script setup lang="ts">
// One part opened: its figures with their basis, measured in place; what is said of it; swap or
// remove.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, defineAsyncComponent, ref } from 'vue'
import { money, quantity, tolerance } from '../../../core/figures/format'
import type { Condition } from '../../../core/parts/kind'
import type { FigureRow, PartRow } from '../../../core/stages/parts'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import FindingRow from '../../ui/findings/FindingRow.vue'
import MeasureField from '../../ui/MeasureField.vue'
import NotStated from '../../ui/NotStated.vue'
import ItemPages from '../../ui/ItemPages.vue'
import PhotoStrip from '../../ui/PhotoStrip.vue'
import SerialField from '../../ui/SerialField.vue'
import CameFitted from './CameFitted.vue'
import BeyondField from './BeyondField.vue'
import PieceList from '../../ui/PieceList.vue'
import TurnList from '../../ui/TurnList.vue'
import JumperList from './JumperList.vue'
import MarkedPlaces from './MarkedPlaces.vue'
import SystemDrive from './SystemDrive.vue'

const ShelfDialog = defineAsyncComponent(() => import('../../shelf/ShelfDialog.vue'))
const props = defineProps<{ row: PartRow; currency: string }>()
const desk = useDesk()
const pointer = usePointer()
const swapping = ref(false)
const entering = ref<string | null>(null)
const findings = computed(() =>
  (desk.analysis?.findings ?? []).filter(
    f => f.parts.includes(props.row.id) && f.verdict !== 'clear',
  ),
)
const item = computed(() => desk.state.build?.items.find(i => i.id === props.row.id))
const CONDITIONS: readonly Condition[] = ['new', 'known good', 'unknown', 'suspect']
const confirm = ({ id, says }: { readonly id: string; readonly says: string }): void =>
  void desk.run({ do: 'confirm', id: props.row.id, what: id, title: says })
/** Opens one figure's field, with the cursor in it, or shuts it. */
function enter(path: string): void {
  entering.value = entering.value === path ? null : path
  pointer.wantsField = entering.value !== null
}
const asked = (f: FigureRow) => ({
  item: props.row.id,
  path: f.path,
  label: f.label,
  unit: f.unit,
  take: f.take,
  now: f.value,
  passes: null,
  within: null,
  tool: f.tool,
})
</script>

<template>
  <div class="part">
    <div class="head">
      <h2>{{ row.name }}</h2>
      <RouterLink class="mend" :to="{ name: 'entry', query: { from: 'mend', item: row.id } }"
        >Change its data</RouterLink
      >
      <ElButton size="small" @click="swapping = true">Swap…</ElButton
      ><ElButton
        size="small"
        @click="desk.did({ act: 'takeOut', build: desk.state.build?.id ?? '', item: row.id })"
        >Remove</ElButton
      >
    </div>
    <p class="quiet">
      {{ row.title }} by {{ row.maker || 'a maker not stated'
      }}<template v-if="row.price !== null">, list {{ money(row.price, currency) }}</template
      ><template v-if="row.pack !== null"> for a pack of {{ row.pack }}</template
      ><template v-if="row.paid !== null">, paid {{ money(row.paid, currency) }}</template>
    </p>
    <p v-if="desk.state.newer.includes(row.id)" class="newer">
      The shelf has other data for this part now.
      <ElButton size="small" @click="desk.takeNewer([row.id])">Take it over</ElButton>
    </p>
    <p v-if="item?.bare" class="newer">
      What comes with it is left out of this build.
      <ElButton size="small" @click="desk.run({ do: 'leaveIncluded', id: row.id, out: false })"
        >Ask for it again</ElButton
      >
    </p>
    <CameFitted v-if="item" :item="item" />
    <p v-if="item?.part.note">{{ item.part.note }}</p>
    <p v-if="item?.note">{{ item.note }}</p>
    <div role="group" aria-label="Condition" class="conditions">
      <button
        v-for="c in CONDITIONS"
        :key="c"
        type="button"
        class="plainbutton"
        :aria-pressed="row.condition === c"
        @click="desk.run({ do: 'setCondition', id: row.id, condition: c })"
      >
        {{ c }}
      </button>
    </div>
    <SystemDrive v-if="row.kind === 'drive'" :row="row" />
    <BeyondField :row="row" />
    <p v-for="c in row.cuts" :key="c" class="newer">Done for good: {{ c }}</p>
    <SerialField :id="row.id" label="Serial" :name="row.name" :serial="item?.serial ?? ''" />
    <ItemPages v-if="item?.part.pages?.length" :items="[row.id]" />
    <PhotoStrip :about="[row.id]" :name="row.name" />
    <ul v-if="findings.length" class="sheet">
      <FindingRow v-for="f in findings" :key="f.id" :finding="f" />
    </ul>
    <NotStated :lines="row.notStated" :name="row.name" @confirm="confirm" />
    <JumperList :row="row" />
    <PieceList :row="row" />
    <TurnList :row="row" />
    <MarkedPlaces :row="row" />
    <h3>Figures</h3>
    <p v-if="row.figures.length === 0" class="quiet">This kind of part has no figures.</p>
    <table v-else>
      <tbody>
        <template v-for="f in row.figures" :key="f.path">
          <tr>
            <td>{{ f.label }}</td>
            <td class="figure">
              {{ f.value === null ? '?' : quantity(f.value, f.unit) }}
              <span v-if="f.tol > 0" class="quiet">{{ tolerance(f.tol, f.unit) }}</span>
            </td>
            <td class="quiet">{{ f.basis ?? 'not stated' }}</td>
            <td>
              <ElButton size="small" :aria-label="`Measure ${f.label}`" @click="enter(f.path)"
                >Measure</ElButton
              >
            </td>
          </tr>
          <tr v-if="entering === f.path">
            <td colspan="4" class="entry">
              <MeasureField first :settles="asked(f)" :likely="f.likely" @done="entering = null" />
            </td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
  <ShelfDialog v-if="swapping" :swap="row" @close="swapping = false" />
</template>

<style scoped>
.part {
  display: grid;
  gap: 10px;
}
.head {
  display: flex;
  gap: 8px;
  align-items: center;
}
.head h2 {
  flex: 1;
}
.head .el-button {
  margin: 0;
}
.mend {
  padding: 3px 0;
}
.newer {
  border-left: 3px solid var(--copper);
  padding-left: 10px;
}
.conditions {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.conditions button {
  min-height: 24px;
}
.conditions [aria-pressed='true'] {
  font-weight: 600;
  border-bottom: 2px solid var(--mat);
}
td {
  padding: 4px 8px 4px 0;
  border-top: 1px solid var(--line);
}
.entry {
  background: var(--mat-soft);
  padding: 8px;
}
td:last-child {
  text-align: right;
  padding-right: 0;
}
</style>
