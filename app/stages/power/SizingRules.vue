<script setup lang="ts">
// The three sizing rules side by side: each computed on this build; one is chosen.
import type { SupplyPower } from '../../../core/stages/power'
import { margin, number, quantity } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import { VERDICT_WORD } from '../../ui/findings'
import VerdictMark from '../../ui/VerdictMark.vue'

defineProps<{ schools: SupplyPower['schools'] }>()
const desk = useDesk()
</script>

<template>
  <fieldset class="sheet">
    <legend class="visually-hidden">Sizing rule</legend>
    <label v-for="s in schools" :key="s.school" :class="{ chosen: s.chosen }">
      <input
        type="radio"
        name="school"
        :value="s.school"
        :checked="s.chosen"
        @change="desk.run({ do: 'chooseSchool', school: s.school })"
      />
      <span
        ><b>{{ s.label }}</b> <span class="quiet">{{ s.says }}</span></span
      >
      <span v-if="s.band" class="figure"
        >{{ quantity(s.band.work, 'W') }}, wants {{ number(s.band.low, 0) }} to
        {{ number(s.band.high, 0) }}</span
      >
      <span v-else class="figure"
        >{{ s.need === null ? '?' : quantity(s.need, 'W') }} of
        {{ s.have === null ? '?' : quantity(s.have, 'W') }}</span
      >
      <span class="figure" :class="s.verdict"
        ><b>{{ s.margin === null ? '?' : margin(s.margin, 'W') }}</b></span
      >
      <span class="word" :class="s.verdict"
        ><VerdictMark :verdict="s.verdict" /> {{ VERDICT_WORD[s.verdict] }}</span
      >
    </label>
  </fieldset>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
}
label {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto auto 82px;
  gap: 12px;
  align-items: center;
  padding: 8px 12px;
  border-top: 1px solid var(--line);
  cursor: pointer;
}
label:first-of-type {
  border-top: 0;
}
label:hover,
.chosen {
  background: var(--mat-soft);
}
input {
  accent-color: var(--mat);
}
.word {
  display: flex;
  gap: 6px;
  align-items: center;
}
@media (max-width: 600px) {
  label {
    grid-template-columns: 18px 1fr auto;
  }
  label > .figure:nth-of-type(2) {
    display: none;
  }
}
</style>
