<script setup lang="ts">
// The shelf over a build: add a part, or put another in an item's place.
import { ElDialog } from 'element-plus/es/components/dialog/index'
import 'element-plus/es/components/dialog/style/css'
import type { Part } from '../../core/parts'
import type { PartRow } from '../../core/parts/section'
import { useDesk } from '../stores/desk'
import { useShelf } from '../use/shelf'
import ShelfList from './ShelfList.vue'

const props = defineProps<{ swap?: PartRow }>()
const emit = defineEmits<{ close: [] }>()
const desk = useDesk()
const shelf = useShelf()

async function take(part: Part): Promise<void> {
  const done = props.swap ? await shelf.swap(props.swap.id, part) : await shelf.add(part)
  if (done) emit('close')
}
</script>

<template>
  <ElDialog model-value :title="swap ? `Swap ${swap.name} for` : 'Add from the shelf'" width="min(560px, 94vw)" align-center @close="emit('close')">
    <div class="scroll"><ShelfList :kind="swap?.kind" :act="swap ? 'Swap' : 'Add'" :currency="desk.state.build?.currency ?? ''" @take="take" /></div>
    <p class="quiet">{{ swap ? 'What was measured on the old copy does not carry over. Undo brings it back.' : 'A new part comes in as “wanted”; set its state in the list.' }}</p>
  </ElDialog>
</template>

<style scoped>
.scroll { max-height: 62vh; overflow: auto; padding: 3px; }
</style>
