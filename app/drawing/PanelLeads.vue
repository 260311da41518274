<script setup lang="ts">
// The small leads of the front one at a time: this one, on these pins of the block as it lies in front
// of you, and then the next.
import { computed, ref } from 'vue'
import type { PanelBlock } from '../../core/panel/block'
import PanelDrawing from './PanelDrawing.vue'

const props = defineProps<{ block: PanelBlock }>()
const at = ref(0)
const lead = computed(() => props.block.leads[at.value] ?? null)
const go = (by: number): void => {
  at.value = Math.min(props.block.leads.length - 1, Math.max(0, at.value + by))
}
</script>

<template>
  <div class="leads">
    <PanelDrawing :block="block" :only="lead?.joint" large />
    <div v-if="lead" class="one">
      <button type="button" :disabled="at === 0" aria-label="Lead before" @click="go(-1)">‹</button>
      <p role="status">
        <span class="count">{{ at + 1 }} of {{ block.leads.length }}</span>
        <b>{{ lead.label }}</b> {{ lead.says }}
      </p>
      <button
        type="button"
        :disabled="at === block.leads.length - 1"
        aria-label="Next lead"
        @click="go(1)"
      >
        ›
      </button>
    </div>
  </div>
</template>

<style scoped>
.leads {
  display: grid;
  gap: 8px;
}
.one {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 10px;
  align-items: center;
  font-size: 20px;
  line-height: 1.3;
}
.count {
  display: block;
  font-size: 16px;
}
button {
  width: 52px;
  height: 52px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
  font-size: 28px;
  cursor: pointer;
}
button:disabled {
  opacity: 0.4;
  cursor: default;
}
</style>
