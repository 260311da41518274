<script setup lang="ts">
// What has to be known first: the question, where its answer is found, and the way to the form that
// takes it.
import { useRouter, useRoute } from 'vue-router'
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import type { Asked } from '../../../core/rules/finding'
import JumperSelect from '../JumperSelect.vue'

defineProps<{ asks: readonly Asked[] }>()
const router = useRouter()
const route = useRoute()
/** To the field in the part's form that answers it. */
const answer = ({ item, path }: Asked): void =>
  void router.push({ name: 'entry', params: route.params, query: { from: 'mend', item, path } })
</script>

<template>
  <ul class="asks" aria-label="What has to be known first">
    <li v-for="a in asks" :key="a.item + a.path + (a.jumper ?? '')">
      <span>
        <b>{{ a.question }}</b> <span class="quiet">{{ a.take }}</span></span
      >
      <JumperSelect v-if="a.jumper" :item="a.item" :jumper="a.jumper" :label="a.question" />
      <ElButton v-else size="small" :aria-label="`Enter it: ${a.question}`" @click="answer(a)"
        >Enter it…</ElButton
      >
    </li>
  </ul>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  padding: 4px 0;
}
</style>
