<script setup lang="ts">
// Where data of a part is seen to be wrong, the way to put it right.
import { computed } from 'vue'
import { useDesk } from '../state/desk'

/** Named choice: of so many parts at most. */
const MOST = 6
const props = defineProps<{ items: readonly string[] }>()
const desk = useDesk()
const links = computed(() =>
  [...new Set(props.items)]
    .flatMap(id => desk.state.build?.items.find(i => i.id === id) ?? [])
    .slice(0, MOST)
    .map(({ id, part }) => ({ id, name: part.model })),
)
</script>

<template>
  <p v-if="links.length" class="mend quiet">
    Data wrong? Change that of
    <template v-for="(l, i) in links" :key="l.id"
      >{{ i > 0 ? ', ' : ''
      }}<RouterLink :to="{ name: 'entry', query: { from: 'mend', item: l.id } }">{{
        l.name
      }}</RouterLink></template
    >
  </p>
</template>

<style scoped>
.mend a {
  display: inline-block;
  min-height: 24px;
}
</style>
