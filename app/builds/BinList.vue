<script setup lang="ts">
// The bin: builds that were deleted, to be brought back by name, or to be taken for good after a
// second question.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref, shallowRef, watch } from 'vue'
import { bytes, counted } from '../../core/figures/format'
import type { BinLine } from '../desk/acts'
import { ask } from '../desk/remote'
import { useDesk } from '../state/desk'
import { clockOf, when } from '../ui/when'

const desk = useDesk()
/** What is about to be taken for good: one build by its id, or all. */
const asked = ref<string | null>(null)
const ALL = 'all'

const sizes = shallowRef<Readonly<Record<string, number>>>({})
watch(
  () => desk.state.bin,
  async bin => {
    if (bin.length > 0) sizes.value = (await ask('used')).bin
  },
  { immediate: true },
)
function about({ id, items, deleted }: BinLine): string {
  const size = sizes.value[id]
  return [
    counted(items, 'part'),
    ...(size === undefined ? [] : [bytes(size)]),
    `deleted ${when(deleted)}`,
  ].join(', ')
}

async function forget(ids: readonly string[]): Promise<void> {
  asked.value = null
  await desk.did({ act: 'forget', builds: [...ids] })
}
</script>

<template>
  <section v-if="desk.state.bin.length" class="named" aria-labelledby="bin">
    <h2 id="bin">In the bin</h2>
    <p class="quiet">A deleted build waits here with all its work for 30 days.</p>
    <ul class="sheet">
      <li v-for="b in desk.state.bin" :key="b.id">
        <span
          ><b>{{ b.name }}</b> <span class="quiet">{{ about(b) }}</span></span
        >
        <span v-if="asked === b.id" class="acts">
          <ElButton size="small" type="danger" plain @click="forget([b.id])"
            >Yes, for good</ElButton
          >
          <ElButton size="small" @click="asked = null">Keep it</ElButton>
        </span>
        <span v-else class="acts">
          <ElButton size="small" @click="desk.did({ act: 'bringBack', build: b.id })"
            >Bring back {{ b.name }}, deleted {{ clockOf(b.deleted) }}</ElButton
          >
          <ElButton size="small" :aria-label="`Delete ${b.name} for good`" @click="asked = b.id"
            >Delete for good</ElButton
          >
        </span>
      </li>
    </ul>
    <p v-if="asked === ALL" class="acts">
      <span>All {{ counted(desk.state.bin.length, 'build') }} in the bin, for good?</span>
      <ElButton size="small" type="danger" plain @click="forget(desk.state.bin.map(b => b.id))"
        >Yes, empty the bin</ElButton
      >
      <ElButton size="small" @click="asked = null">Keep them</ElButton>
    </p>
    <ElButton v-else size="small" class="all" @click="asked = ALL">Empty the bin…</ElButton>
  </section>
</template>

<style scoped>
.all {
  justify-self: start;
}
</style>
