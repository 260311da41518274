<script setup lang="ts">
// Joints in rows: from, to, and whether they were fixed by hand or by being made.
import type { JointRow } from '../../core/analyse'
import { useDesk } from '../stores/desk'
import { usePointer } from '../stores/pointer'

defineProps<{ joints: readonly JointRow[]; empty: string }>()
const desk = useDesk()
const pointer = usePointer()
const progress = (id: string): string => desk.state.build?.progress[id]?.state ?? ''
const first = (joint: string): string => joint.slice(0, joint.indexOf('~'))
</script>

<template>
  <p v-if="joints.length === 0" class="quiet">{{ empty }}</p>
  <ul v-else class="sheet">
    <li v-for="j in joints" :key="j.id" :class="{ lit: pointer.row === first(j.id) }" @mouseenter="pointer.point(j.items, first(j.id))" @mouseleave="pointer.leave">
      <span>{{ j.from }}</span><span class="meets" aria-label="meets">⟷</span><span>{{ j.to }}<span v-if="j.count > 1" class="figure"> × {{ j.count }}</span></span>
      <span class="quiet">{{ progress(j.id) }}</span>
    </li>
  </ul>
</template>

<style scoped>
li { display: grid; grid-template-columns: minmax(0, 1fr) 22px minmax(0, 1fr) 50px; gap: 8px; padding: 6px 12px; border-top: 1px solid var(--line); }
li:first-child { border-top: 0; }
li:hover, .lit { background: var(--mat-soft); }
.meets { color: var(--copper); }
</style>
