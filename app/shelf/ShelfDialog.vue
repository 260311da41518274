<script setup lang="ts">
// The shelf over a build: add a part, or put another in an item's place.
import { ElDialog } from 'element-plus/es/components/dialog/index'
import 'element-plus/es/components/dialog/style/css'
import { ref } from 'vue'
import type { PartKind } from '../../core/parts'
import type { State } from '../../core/parts/kind'
import type { PartRow } from '../../core/stages/parts'
import { useShelf } from './shelf'
import { useShelfQuery } from './search'
import ShelfFilters from './ShelfFilters.vue'
import ShelfTable from './ShelfTable.vue'

const props = defineProps<{ swap?: PartRow; state?: State; kind?: PartKind }>()
const emit = defineEmits<{ close: [] }>()
const shelf = useShelf()
const query = useShelfQuery(props.swap?.kind ?? props.kind ?? null)
const table = ref<InstanceType<typeof ShelfTable>>()

async function take(id: string): Promise<void> {
  const done = props.swap ? await shelf.swap(props.swap.id, id) : await shelf.add(id, props.state)
  if (done) emit('close')
}
</script>

<template>
  <ElDialog
    model-value
    :title="swap ? `Swap ${swap.name} for` : 'Add from the shelf'"
    width="min(900px, 96vw)"
    align-center
    @close="emit('close')"
  >
    <div class="over">
      <ShelfFilters :query="query" @into="table?.enter()" /><ShelfTable
        ref="table"
        :query="query"
        :act="swap ? 'Swap' : 'Add'"
        @take="take"
        @choose="take"
      />
    </div>
    <p class="quiet">
      {{
        swap
          ? 'What was measured on the old copy does not carry over. Undo brings it back.'
          : `A new part comes in as “${state ?? 'wanted'}”; set its state in the list.`
      }}
      A part that is not here comes in under Shelf: paste its sheet.
    </p>
  </ElDialog>
</template>

<style scoped>
.over {
  height: min(66vh, 640px);
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: 8px;
  padding: 3px;
}
</style>
