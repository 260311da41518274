<script setup lang="ts">
// Words of the field, each in a sentence, with the face of the connector that shows it.
import type { Explained } from '../../core/words/glossary'
import FaceDrawing from '../drawing/FaceDrawing.vue'

defineProps<{ words: readonly Explained[] }>()
</script>

<template>
  <dl>
    <div v-for="w in words" :key="w.word">
      <dt>{{ w.word }}</dt>
      <dd>
        {{ w.says }}
        <FaceDrawing
          v-if="w.shows"
          :look="w.shows.look"
          :name="w.shows.name"
          :scale="4"
          :most="150"
        />
      </dd>
    </div>
  </dl>
</template>

<style scoped>
div {
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr);
  gap: 10px;
  padding: 7px 14px;
  border-top: 1px solid var(--line);
}
div:first-child {
  border-top: 0;
}
dt {
  font-weight: 600;
}
dd {
  display: grid;
  gap: 4px;
}
@media (max-width: 600px) {
  div {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
}
</style>
