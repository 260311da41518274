<script setup lang="ts">
// Where the words about a part were read: the last two are hearsay, and ask for a test.
import { computed } from 'vue'
import { useEntry } from './entry'

const READ_IN = [
  { in: 'sheet', says: 'the maker’s sheet' },
  { in: 'manual', says: 'its manual' },
  { in: 'label', says: 'its label or box' },
  { in: 'shop', says: 'a shop’s page' },
  { in: 'review', says: 'somebody’s review' },
] as const
const entry = useEntry()
const readIn = computed(
  () => (entry.part?.['read'] as { readonly in?: string } | undefined)?.in ?? 'sheet',
)
</script>

<template>
  <label
    >Where this was read
    <select
      class="smallfield"
      :value="readIn"
      @change="entry.readIn(($event.target as HTMLSelectElement).value)"
    >
      <option v-for="w in READ_IN" :key="w.in" :value="w.in">{{ w.says }}</option>
    </select></label
  >
</template>

<style scoped>
label {
  display: grid;
  gap: 6px;
  max-width: 360px;
}
</style>
