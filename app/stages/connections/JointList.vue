<script setup lang="ts">
// Joints in rows: from, to, and whether they were fixed by hand or by being made.
import type { JointRow } from '../../../core/stages/joints'
import JointLine from './JointLine.vue'

defineProps<{ joints: readonly JointRow[]; empty: string }>()
</script>

<template>
  <p v-if="joints.length === 0" class="quiet">{{ empty }}</p>
  <ul v-else class="sheet">
    <JointLine v-for="j in joints" :key="j.id" :joint="j" />
  </ul>
</template>
