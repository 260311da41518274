<script setup lang="ts">
// Where careful people differ: both ways with their reasons, chosen once for this build.
import { computed } from 'vue'
import type { PracticeId } from '../../../core/standards/practices'
import { useDesk } from '../../state/desk'

const desk = useDesk()
const practices = computed(() => desk.analysis?.choices.practices ?? [])
const choose = (practice: PracticeId, option: string | null): void =>
  void desk.run({ do: 'choosePractice', practice, option })
</script>

<template>
  <div>
    <p class="quiet">
      Each way works. The board’s manual goes before any of them, facts and reach before habits.
    </p>
    <ul class="practices">
      <li v-for="p in practices" :key="p.id">
        <fieldset>
          <legend>{{ p.title }}</legend>
          <label v-for="o in p.options" :key="o.id"
            ><input
              type="radio"
              :name="`practice-${p.id}`"
              :checked="p.chosen === o.id"
              @change="choose(p.id, o.id)"
            />
            <span
              >{{ o.says }}<span class="quiet">: {{ o.why }}</span></span
            ></label
          >
          <label
            ><input
              type="radio"
              :name="`practice-${p.id}`"
              :checked="p.chosen === null"
              @change="choose(p.id, null)"
            />
            <span class="quiet">not chosen</span></label
          >
        </fieldset>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.practices {
  display: grid;
  gap: 10px;
}
fieldset {
  display: grid;
  gap: 2px;
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-weight: 600;
  padding: 0;
}
label {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 6px;
  align-items: center;
}
input {
  accent-color: var(--mat);
}
</style>
