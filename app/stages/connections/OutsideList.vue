<script setup lang="ts">
// What is outside: sockets of one sort and speed, how many are in use, how many are left.
import type { OutsideRow } from '../../../core/stages/outside'

defineProps<{ rows: readonly OutsideRow[] }>()
</script>

<template>
  <p v-if="rows.length === 0" class="quiet">No part states which sockets it has outside.</p>
  <table v-else class="sheet">
    <thead>
      <tr>
        <th>Part</th>
        <th>Sockets</th>
        <th>in use</th>
        <th>left</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="r.id">
        <td>{{ r.name }}</td>
        <td>
          {{ r.says }}<span v-if="r.shut" class="quiet"> ({{ r.shut }} dead or marked)</span>
        </td>
        <td class="figure">{{ r.used }} of {{ r.total }}</td>
        <td class="figure">{{ r.left }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
}
td,
th {
  padding: 6px 12px;
  border-top: 1px solid var(--line);
  text-align: left;
}
th {
  border-top: 0;
  font-size: var(--tiny);
}
td.figure,
th:nth-child(n + 3) {
  text-align: right;
  white-space: nowrap;
}
</style>
