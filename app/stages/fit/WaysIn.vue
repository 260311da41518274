<script setup lang="ts">
// What goes in before what, because afterwards it would not pass.
import { useDesk } from '../../state/desk'

const desk = useDesk()
</script>

<template>
  <section v-if="desk.analysis?.waysIn.length" class="of-copy" aria-label="What goes in first">
    <h2>What goes in first</h2>
    <ul>
      <li v-for="row in desk.analysis.waysIn" :key="row.id">
        {{ row.line }}{{ row.assumed ? ' (assumed)' : '' }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin: 0;
  padding-inline-start: 1.2em;
}
</style>
