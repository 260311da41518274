<script setup lang="ts">
// Two builds side by side: what differs in parts, findings, watts, price, minutes.
import { ElOption, ElSelect } from 'element-plus/es/components/select/index'
import 'element-plus/es/components/select/style/css'
import { computed, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Compared } from '../../desk/questions'
import { ask } from '../../desk/remote'
import { useDesk } from '../../state/desk'
import DifferenceSheet from './DifferenceSheet.vue'

const desk = useDesk()
const route = useRoute()
const router = useRouter()
const others = computed(() => desk.state.builds.filter(b => b.id !== desk.state.build?.id))
const other = computed(
  () => others.value.find(b => b.id === route.query['with'])?.id ?? others.value[0]?.id ?? null,
)
const found = shallowRef<Compared | null>(null)
watch(
  [() => desk.state, () => desk.horizon, other],
  async () => {
    const here = desk.state.build?.id
    found.value =
      here !== undefined && other.value !== null
        ? await ask('compare', here, other.value, desk.horizon)
        : null
  },
  { immediate: true },
)
const choose = (id: string): void => void router.replace({ query: { with: id } })
</script>

<template>
  <section class="compare">
    <h1 tabindex="-1">Compare</h1>
    <p v-if="others.length === 0" class="quiet">
      There is no other build to compare with. Copy this one under “All builds”, change the copy,
      and look here again.
    </p>
    <template v-else>
      <label class="with"
        >{{ desk.state.build?.name }} with
        <ElSelect :model-value="other ?? ''" aria-label="The other build" @change="choose"
          ><ElOption v-for="b in others" :key="b.id" :value="b.id" :label="b.name" /></ElSelect
      ></label>
      <DifferenceSheet
        v-if="found"
        :names="found.names"
        :difference="found.difference"
        :currency="desk.state.build?.currency ?? ''"
      />
      <p v-else class="quiet" role="status">Laying them side by side…</p>
    </template>
  </section>
</template>

<style scoped>
.compare {
  max-width: 940px;
  padding: 16px 20px 30px;
  display: grid;
  gap: 10px;
}
.with {
  display: flex;
  gap: 10px;
  align-items: center;
}
.with .el-select {
  width: 220px;
}
</style>
