<script setup lang="ts">
// The stages at the left, each with its key and its count of open matters; apart from them
// measuring, buying, tools and screws, comparing, shelf and practice.
import { nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { STAGE_LINES } from '../ui/stages'
import { useDesk } from '../state/desk'
import { keyOf } from '../ui/keys'

const desk = useDesk()
const route = useRoute()
const bar = ref<HTMLElement>()
// On a narrow screen the bar scrolls: where one is stays in sight.
watch(
  () => route.name,
  async () => {
    await nextTick()
    bar.value
      ?.querySelector('.router-link-active')
      ?.scrollIntoView({ inline: 'nearest', block: 'nearest' })
  },
  { immediate: true },
)
const APART = [
  { name: 'measuring', title: 'Measuring' },
  { name: 'buying', title: 'Buying' },
  { name: 'to-hand', title: 'Tools, screws' },
  { name: 'compare', title: 'Compare' },
  { name: 'shelf', title: 'Shelf' },
  { name: 'practice', title: 'Practice' },
] as const

/** Open matters: findings that are not clear and not accepted. */
const count = (name: (typeof STAGE_LINES)[number]['name']): number => desk.analysis?.open[name] ?? 0
</script>

<template>
  <nav ref="bar" aria-label="Stages">
    <RouterLink
      v-for="s in STAGE_LINES"
      :key="s.name"
      :to="{ name: s.name, params: { build: desk.state.build?.id } }"
      class="stage"
      :title="s.question"
    >
      <span class="key figure" aria-hidden="true">{{ keyOf(`stage-${s.name}`) }}</span>{{ s.title }}
      <span v-if="count(s.name) > 0" class="count figure" :aria-label="`${count(s.name)} open`">{{
        count(s.name)
      }}</span>
    </RouterLink>
    <hr />
    <RouterLink
      v-for="a in APART"
      :key="a.name"
      :to="{ name: a.name, params: { build: desk.state.build?.id } }"
      class="stage apart"
      :class="{ 'router-link-active': route.path.split('/')[3] === a.name }"
      >{{ a.title }}</RouterLink
    >
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-direction: column;
  padding-top: 8px;
}
.stage {
  display: grid;
  grid-template-columns: 12px 1fr auto;
  gap: 10px;
  align-items: baseline;
  padding: 6px 18px 6px 15px;
  color: var(--ink);
  text-decoration: none;
  border-left: 3px solid transparent;
}
.stage:hover {
  background: var(--mat-soft);
}
.router-link-active {
  background: var(--mat-soft);
  border-left-color: var(--mat);
  font-weight: 600;
}
.key {
  color: var(--ink-2);
  font-size: var(--tiny);
}
.count {
  color: var(--copper);
  font-weight: 600;
}
.apart {
  grid-template-columns: 1fr;
  padding-left: 37px;
}
hr {
  width: 100%;
  border: 0;
  border-top: 1px solid var(--line);
  margin: 8px 0;
}
@media (max-width: 800px) {
  nav {
    flex-direction: row;
    overflow-x: auto;
    padding: 0;
  }
  .stage {
    grid-template-columns: auto auto;
    border-left: 0;
    border-bottom: 3px solid transparent;
    padding: 8px 10px;
    white-space: nowrap;
  }
  .router-link-active {
    border-bottom-color: var(--mat);
  }
  .key,
  hr {
    display: none;
  }
}
</style>
