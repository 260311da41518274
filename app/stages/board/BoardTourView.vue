<script setup lang="ts">
// A tour of the board, edge by edge: each socket by its face, its job, what of this build goes there.
import { shallowRef, watch } from 'vue'
import type { BoardEdge } from '../../../core/stages/board-edges'
import type { Tour } from '../../../core/stages/board-tour'
import { ask } from '../../desk/remote'
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import { useDesk } from '../../state/desk'
import EmptyStage from '../../ui/EmptyStage.vue'
import StageLayout from '../../ui/StageLayout.vue'
import TourLine from './TourLine.vue'

const desk = useDesk()
const tours = shallowRef<readonly Tour[] | null>(null)
watch(
  () => desk.analysis,
  async () => {
    const id = desk.state.build?.id
    if (id !== undefined) tours.value = await ask('tours', id, desk.horizon)
  },
  { immediate: true },
)
const WAY =
  'As the board lies in its manual: rear sockets at the left, processor above. From the rear edge ' +
  'over the top to the front and back along the bottom.'
const EDGE: Readonly<Record<BoardEdge, string>> = {
  rear: 'Rear edge, with the sockets outside',
  top: 'Top edge',
  front: 'Front edge',
  bottom: 'Bottom edge',
  middle: 'In the middle',
  back: 'On its back',
  unknown: 'Place not stated',
}
</script>

<template>
  <StageLayout title="Tour of the board" :summary="WAY">
    <EmptyStage
      v-if="tours?.length === 0"
      says="Here each socket of the motherboard is shown, and what goes there. It takes the motherboard, nothing else."
      act="Add the motherboard"
    />
    <template v-for="t in tours ?? []" :key="t.board">
      <p v-if="(tours?.length ?? 0) > 1" class="board">{{ t.name }}</p>
      <template v-for="e in t.edges" :key="e.edge">
        <h2>{{ EDGE[e.edge] }}</h2>
        <ul class="sheet">
          <TourLine v-for="s in e.stops" :key="s.id" :stop="s" :board="t.board" />
        </ul>
      </template>
    </template>
    <template #where
      ><CaseDrawing :drawings="desk.analysis?.drawings ?? []" bare names="sockets"
    /></template>
  </StageLayout>
</template>

<style scoped>
h2 {
  margin: 14px 0 6px;
}
.board {
  font-weight: 600;
  margin-top: 14px;
}
</style>
