<script setup lang="ts">
// One finding in a ledger: word first, one sentence, the way out; its margin at the right; its
// reasons when it is opened.
import { computed, defineAsyncComponent, useTemplateRef, watch } from 'vue'
import type { Finding } from '../../../core/rules/finding'
import { comesTo } from '../../../core/figures/format'
import { usePointer } from '../../state/pointer'
import { VERDICT_WORD } from '../findings'
import CaliperBar from './CaliperBar.vue'
import VerdictMark from '../VerdictMark.vue'

const FindingReasons = defineAsyncComponent(() => import('./FindingReasons.vue'))
const props = defineProps<{
  finding: Finding
  /** What its row lights, where that is not the finding itself: a lead with its way. */
  lights?: string
}>()
const pointer = usePointer()
const named = computed(() => props.lights ?? props.finding.id)
/** By itself, or by a part that is pointed at on the drawing. */
const isLit = computed(() =>
  pointer.row === null
    ? pointer.thing === null && pointer.items.some(item => props.finding.parts.includes(item))
    : pointer.row === named.value,
)
const open = computed(() => pointer.chosen === props.finding.id)
const row = useTemplateRef<HTMLElement>('row')
/** Chosen elsewhere, it comes into view. */
watch(
  open,
  isOpen => {
    if (isOpen) row.value?.scrollIntoView({ block: 'nearest' })
  },
  { flush: 'post' },
)
const basis = computed(() => (props.finding.assumed ? 'assumed' : props.finding.basis))
</script>

<template>
  <li
    ref="row"
    class="row"
    :class="{ open, lit: isLit, accepted: finding.accepted }"
    @mouseenter="pointer.point(finding.parts, named)"
    @mouseleave="pointer.leave"
  >
    <button
      type="button"
      class="plainbutton face"
      :aria-expanded="open"
      @click="pointer.choose(finding.id)"
      @focus="pointer.point(finding.parts, named)"
      @blur="pointer.leave"
    >
      <VerdictMark :verdict="finding.verdict" />
      <span class="says">
        <strong :class="finding.verdict">{{ VERDICT_WORD[finding.verdict] }}</strong>
        {{ finding.sentence }}
        <span v-if="finding.accepted" class="quiet out"
          >Accepted: {{ finding.accepted.reason }}</span
        >
        <span v-else-if="finding.verdict !== 'clear' && finding.wayOut" class="quiet out">{{
          finding.wayOut
        }}</span>
        <CaliperBar v-if="finding.margin !== null" :finding="finding" class="bar" />
      </span>
      <span v-if="finding.margin !== null" class="number">
        <span class="figure" :class="finding.verdict"
          ><b>{{ comesTo(finding) }}</b></span
        >
        <span class="quiet">{{ basis }}</span>
      </span>
      <span v-else-if="finding.settles.length > 0" class="number"
        ><span class="figure measure"><b>?</b></span
        ><span class="quiet">not stated</span></span
      >
      <span class="chevron" aria-hidden="true">{{ open ? '−' : '+' }}</span>
    </button>
    <FindingReasons v-if="open" :finding="finding" />
  </li>
</template>

<style scoped>
.row {
  border-top: 1px solid var(--line);
}
.row:first-child {
  border-top: 0;
}
.row:hover,
.lit,
.open {
  background: var(--mat-soft);
}
.accepted {
  opacity: 0.85;
}
.face {
  display: grid;
  grid-template-columns: 20px 1fr auto 12px;
  gap: 10px;
  align-items: center;
  width: 100%;
  padding: 9px 12px;
}
.says {
  min-width: 0;
  text-wrap: pretty;
}
.out {
  display: block;
}
.number {
  display: grid;
  justify-items: end;
  min-width: 74px;
}
.number .quiet {
  font-size: var(--tiny);
}
.bar {
  margin-top: 2px;
}
.chevron {
  color: var(--ink-2);
  font-family: var(--figure);
}
</style>
