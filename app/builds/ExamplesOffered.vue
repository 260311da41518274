<script setup lang="ts">
// Examples that came with a newer version: laid out only when they are asked for.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { useDesk } from '../state/desk'

const desk = useDesk()
</script>

<template>
  <section v-if="desk.state.examples.length" class="named" aria-labelledby="examples">
    <h2 id="examples">A new example</h2>
    <ul class="sheet">
      <li v-for="e in desk.state.examples" :key="e.id">
        <span
          ><b>{{ e.name }}</b> <span class="quiet">{{ e.note }}</span></span
        >
        <span class="acts">
          <ElButton
            size="small"
            type="primary"
            @click="desk.did({ act: 'takeExample', example: e.id })"
            >Add {{ e.name }}</ElButton
          >
          <ElButton
            size="small"
            :aria-label="`Do without ${e.name}`"
            @click="desk.did({ act: 'declineExample', example: e.id })"
            >No, thanks</ElButton
          >
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li > span:first-child {
  flex: 1 1 320px;
}
</style>
