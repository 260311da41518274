<script setup lang="ts">
// One build: the seam on top, the stages at the left, the stage's view beside them.
import { computed, onUnmounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { counted } from '../../core/figures/format'
import { STAGE_LINES } from '../ui/stages'
import { useDesk } from '../state/desk'
import { usePointer } from '../state/pointer'
import BrandMark from '../ui/BrandMark.vue'
import BuildAbsent from './BuildAbsent.vue'
import HeaderTools from './HeaderTools.vue'
import SeamBar from './SeamBar.vue'
import StageNav from './StageNav.vue'
import { onKey } from '../ui/keys'
import { useSeam } from '../ui/seam'

const desk = useDesk()
const pointer = usePointer()
const route = useRoute()
const router = useRouter()
const { move, prove } = useSeam()
const found = computed(() => desk.state.build?.id === route.params['build'])
const wide = computed(() => Boolean(route.meta['wide']))
const tally = computed(
  () =>
    `${counted(desk.state.build?.items.length ?? 0, 'part')}, ${counted(desk.analysis?.joints.length ?? 0, 'joint')}`,
)

watch(
  () => route.params['build'],
  id => desk.open(String(id)),
  { immediate: true },
)
const stage = ref<HTMLElement>()
const forget = (): void => {
  pointer.leave()
  pointer.chosen = null
}
onUnmounted(forget)
watch(
  () => [route.name, route.params['build']],
  () => {
    forget()
    // Another view begins at its top.
    stage.value?.scrollTo(0, 0)
  },
  { flush: 'post' },
)
for (const { name } of STAGE_LINES)
  onKey(`stage-${name}`, () => void router.push({ name, params: route.params }))
onKey('prove', () => void prove())
onKey('find', () => void router.push({ name: 'shelf', params: route.params, query: { find: '' } }))
onKey('seam-back', () => void move(-1))
onKey('seam-on', () => void move(1))
</script>

<template>
  <div v-if="desk.state.build && desk.analysis && found" class="layout" :class="{ wide }">
    <header>
      <RouterLink to="/" class="home" aria-label="Juntura: all builds"><BrandMark /></RouterLink>
      <div class="name">
        <b>{{ desk.state.build.name }}</b><span class="quiet">{{ tally }}</span>
      </div>
      <SeamBar />
      <span
        class="figure done"
        :aria-label="`${desk.analysis.order.made} steps done, ${desk.analysis.order.open} to go`"
        >{{ desk.analysis.order.made }} done · {{ desk.analysis.order.open }} to go</span
      >
      <HeaderTools />
    </header>
    <StageNav v-if="!wide" class="nav" />
    <main id="content" ref="stage">
      <p v-if="!desk.analysis.exact" class="unproved" role="status">
        Not proved: there are too many ways to join these parts to try them all. This is the best
        that was found; what is said to find no free place may have one.
      </p>
      <RouterView />
    </main>
  </div>
  <BuildAbsent v-else :build="String(route.params['build'])" />
</template>

<style scoped>
.layout {
  display: grid;
  --head: 86px;
  grid-template: var(--head) calc(100dvh - var(--head)) / 158px minmax(0, 1fr);
}
.home {
  padding: 6px 0;
  color: inherit;
  text-decoration: none;
}
header {
  grid-column: 1 / -1;
  display: grid;
  grid-template: 41px 44px / 126px auto minmax(0, 1fr) auto;
  column-gap: 18px;
  align-items: center;
  padding: 0 14px 0 18px;
  border-bottom: 1px solid var(--line);
  min-width: 0;
}
.name {
  display: flex;
  gap: 12px;
  align-items: baseline;
  line-height: 1.2;
}
.name b {
  font-size: 16px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name .quiet {
  font-size: var(--tiny);
  white-space: nowrap;
}
header > :deep(.seam) {
  grid-column: 1 / -1;
  grid-row: 2;
  height: 44px;
}
.done {
  justify-self: end;
  color: var(--ink-2);
  font-size: var(--tiny);
}
.nav {
  border-right: 1px solid var(--line);
  overflow: auto;
}
main {
  /* What is placed in it scrolls with it, and not the page. */
  position: relative;
  min-width: 0;
  overflow: auto;
}
.unproved {
  padding: 6px 20px;
  border-bottom: 2px dotted var(--measure);
}
/* At the bench every letter is read at arm's length: no second ink. */
.wide {
  --ink-2: var(--ink);
}
.wide main {
  grid-column: 1 / -1;
}
@media (max-width: 800px) {
  .layout {
    grid-template: auto auto minmax(0, 1fr) / minmax(0, 1fr);
    height: 100dvh;
  }
  .layout.wide {
    grid-template-rows: auto minmax(0, 1fr);
  }
  .home,
  .done,
  .name .quiet {
    display: none;
  }
  .nav {
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
  header {
    grid-template: auto 44px / auto minmax(0, 1fr);
    gap: 4px 12px;
    padding: 4px 12px 0;
  }
  header > :deep(.tools) {
    justify-self: end;
  }
}
/* On paper a stage stands by itself, as long as it is. */
@media print {
  .layout,
  .layout.wide {
    display: block;
    height: auto;
  }
  header,
  .nav {
    display: none;
  }
  main {
    overflow: visible;
  }
}
</style>
