<script setup lang="ts">
// Pages of the manuals and photos of these items, where they are joined.
import { computed } from 'vue'
import { useItemPages } from './photos'

const props = defineProps<{ items: readonly string[]; large?: boolean }>()
const { pages } = useItemPages(() => props.items)
const shown = computed(() => pages.value.filter(p => p.url !== null))
</script>

<template>
  <ul v-if="shown.length" class="pages" aria-label="Pages and photos">
    <li v-for="p in shown" :key="p.id">
      <a :href="p.url ?? ''" download
        ><img :src="p.url ?? ''" :alt="`${p.title || 'Picture'}: ${p.of}`" :class="{ large }" /></a
      ><span class="quiet"
        >{{ p.of }}<template v-if="p.title">: {{ p.title }}</template></span
      >
    </li>
  </ul>
</template>

<style scoped>
.pages {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
li {
  display: grid;
  gap: 2px;
}
img {
  height: 110px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  display: block;
}
.large {
  height: 220px;
}
</style>
