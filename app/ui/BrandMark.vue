<script setup lang="ts">
// The name and its sign: two parts and the place where they meet.
</script>

<template>
  <span class="brand">
    <svg width="26" height="22" viewBox="0 0 24 24" aria-hidden="true">
      <path d="M2 4h9v5.2a3 3 0 1 1 0 5.6V20H2z" class="a" />
      <path d="M13 4h9v16h-9v-4.2a4.2 4.2 0 0 0 0-7.6z" class="b" />
    </svg>
    <b>Juntura</b>
  </span>
</template>

<style scoped>
.brand {
  display: inline-flex;
  gap: 9px;
  align-items: center;
  font-size: 17px;
}
.a {
  fill: var(--mat);
}
.b {
  fill: none;
  stroke: var(--copper);
  stroke-width: 1.8;
}
</style>
