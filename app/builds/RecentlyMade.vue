<script setup lang="ts">
// What was made, copied or opened lately: taken back by name, with what gave way for it.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { useDesk } from '../state/desk'
import { when } from '../ui/when'

/** Named choice: so many of the latest are shown. */
const SHOWN = 5
const desk = useDesk()
const deeds = computed(() => desk.state.deeds.slice(0, SHOWN))
</script>

<template>
  <section v-if="deeds.length" class="named" aria-labelledby="lately">
    <h2 id="lately">Lately made</h2>
    <ul class="sheet">
      <li v-for="d in deeds" :key="d.deed">
        <span
          >{{ d.says }} <span class="quiet">{{ when(d.at) }}</span></span
        >
        <ElButton
          size="small"
          :aria-label="`Take back: ${d.says}`"
          title="It goes to the bin with all its work; what gave way for it comes back"
          @click="desk.did({ act: 'takeBack', deed: d.deed })"
          >Take back</ElButton
        >
      </li>
    </ul>
  </section>
</template>
