<script setup lang="ts">
// The shape of most stages: left what it comes to and what it is, right where it is.
import type { Stage } from '../../core/rules/finding'
import StageStrip from './StageStrip.vue'

defineProps<{ title: string; summary?: string; stage?: Stage }>()
</script>

<template>
  <div class="two">
    <section class="left">
      <div class="head">
        <h1 tabindex="-1">{{ title }}</h1>
        <slot name="tools" />
      </div>
      <p v-if="summary" class="quiet summary">{{ summary }}</p>
      <StageStrip v-if="stage" :stage="stage" />
      <slot />
    </section>
    <aside class="right"><slot name="where" /></aside>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  min-height: 100%;
}
.left {
  padding: 16px 18px 24px 20px;
}
.right {
  padding: 14px 18px;
  background: var(--sheet);
  border-left: 1px solid var(--line);
  position: sticky;
  top: 0;
  align-self: start;
  height: calc(100dvh - var(--head, 60px));
  overflow: auto;
}
.head {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
}
.summary {
  margin: 2px 0 12px;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .right {
    position: static;
    height: auto;
    border-left: 0;
    border-top: 1px solid var(--line);
  }
}
@media print {
  .two {
    display: block;
  }
  .right {
    position: static;
    height: auto;
    border: 0;
  }
}
</style>
