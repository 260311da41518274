<script setup lang="ts">
// Panel: the loose front leads, each on its pins, beside the block as it lies.
import { computed, ref } from 'vue'
import { counted } from '../../../core/figures/format'
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import PanelEditor from './PanelEditor.vue'
import PanelDrawing from '../../drawing/PanelDrawing.vue'
import PanelPrint from '../../drawing/PanelPrint.vue'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import FindingLedger from '../../ui/findings/FindingLedger.vue'
import { focusIn } from '../../ui/focus-in'
import EmptyStage from '../../ui/EmptyStage.vue'
import StageLayout from '../../ui/StageLayout.vue'

const desk = useDesk()
const pointer = usePointer()
const blocks = computed(() => desk.analysis?.panel ?? [])
const NOTHING =
  'Here the small leads of the case get their pins. It takes the motherboard, for its block, and ' +
  'the case, for its leads: nothing else.'
/** The board whose pins are being typed. */
const typing = ref<string | null>(null)
/** Every motherboard, also one of which no block is known. */
const boards = computed(() =>
  (desk.analysis?.parts.rows ?? [])
    .filter(r => r.kind === 'board')
    .map(({ id, name }) => {
      const block = blocks.value.find(b => b.board === id)
      const isAssumed = block?.isAssumed ?? true
      const says = isAssumed ? `Type the pins of the ${name}` : `Change the pins of the ${name}`
      return { id, name, isAssumed, says, cells: block?.turns[0]?.cells ?? [] }
    }),
)
const places = ref<HTMLElement[]>([])
/** Opens the block of a board to be typed, or closes it; the focus stays at its place. */
function type(board: string | null, at: string): void {
  typing.value = board
  void focusIn(() => places.value[boards.value.findIndex(b => b.id === at)])
}
const print = (): void => window.print()
const isAssumed = (joint: string): boolean =>
  blocks.value.some(b => b.isAssumed && b.leads.some(l => l.joint === joint))
const leads = computed(() => blocks.value.flatMap(b => b.leads))
</script>

<template>
  <StageLayout
    title="Front panel"
    stage="panel"
    :summary="
      blocks.length
        ? `${counted(leads.length, 'lead')} on ${blocks.map(b => `the block of the ${b.boardName}`).join(', ')}`
        : ''
    "
  >
    <EmptyStage v-if="blocks.length === 0" :says="NOTHING" act="Add board and case" />
    <EmptyStage
      v-else-if="leads.length === 0"
      says="The block is drawn beside this. Add the case: its leads are laid on the pins."
      act="Add the case"
    />
    <ul v-else class="sheet leads">
      <li
        v-for="l in leads"
        :key="l.joint"
        :class="{ lit: pointer.row === l.joint }"
        @mouseenter="pointer.point([], l.joint)"
        @mouseleave="pointer.leave"
      >
        <b>{{ l.label }}</b><span
          >{{ l.says
          }}<span v-if="isAssumed(l.joint)" class="quiet">
            (assumed: read it in your manual)</span
          ></span
        ><span class="quiet"
          >{{ l.wide }}-pin plug{{ l.wide === l.wants ? '' : `, pins for ${l.wants}` }}</span
        >
      </li>
    </ul>
    <h2>What is asked</h2>
    <FindingLedger stage="panel" empty="No loose lead to judge." />
    <template #where
      ><template v-for="b in blocks" :key="b.board"
        ><PanelDrawing class="screen" :block="b" /><PanelPrint class="paper" :block="b"
      /></template>
      <div v-for="b in boards" :key="b.id" ref="places">
        <PanelEditor
          v-if="typing === b.id"
          class="screen"
          :board="b.id"
          :name="b.name"
          :cells="b.cells"
          @close="type(null, b.id)"
        /><ElButton
          v-else
          class="screen print"
          size="small"
          :type="b.isAssumed ? 'primary' : 'default'"
          @click="type(b.id, b.id)"
          >{{ b.says }}</ElButton
        >
      </div>
      <ElButton v-if="blocks.length" class="screen print" size="small" @click="print"
        >Print it at 4 : 1</ElButton
      >
      <p v-if="blocks.length" class="quiet note">
        Lights light only one way round: what stays dark is turned. Switches work either way.
      </p></template
    >
  </StageLayout>
</template>

<style scoped>
h2 {
  margin: 16px 0 8px;
}
.leads li {
  display: grid;
  grid-template-columns: 120px 1fr auto;
  gap: 12px;
  padding: 8px 12px;
  border-top: 1px solid var(--line);
}
.leads li:first-child {
  border-top: 0;
}
.leads li:hover,
.lit {
  background: var(--mat-soft);
}
.note {
  margin-top: 14px;
}
.print {
  margin-top: 10px;
}
.paper {
  display: none;
}
@media print {
  .screen {
    display: none;
  }
  .paper {
    display: grid;
  }
}
</style>
