<script setup lang="ts">
// Why a build is not shown: it is on its way, or it cannot be read, lies in the bin, is not here, or
// the store does not open.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { useDesk } from '../state/desk'
import StoreClosed from '../ui/StoreClosed.vue'
import { when } from '../ui/when'

const props = defineProps<{ readonly build: string }>()
const desk = useDesk()
const binned = computed(() => desk.state.bin.find(b => b.id === props.build) ?? null)
</script>

<template>
  <main id="content">
    <template v-if="desk.closed !== null">
      <h1 tabindex="-1">The builds cannot be reached</h1>
      <StoreClosed :build="build" />
    </template>
    <p v-else-if="!desk.ready || desk.opening > 0" class="quiet" role="status">
      Laying out the parts…
    </p>
    <template v-else-if="desk.state.aside !== null">
      <h1 tabindex="-1">This build cannot be read</h1>
      <p>{{ desk.state.aside }} It is kept as it is; the other builds open.</p>
      <p>
        <RouterLink :to="{ name: 'storage' }">Storage: save it as the file that it is</RouterLink>
      </p>
      <p><RouterLink to="/">All builds</RouterLink></p>
    </template>
    <template v-else-if="binned">
      <h1 tabindex="-1">{{ binned.name }} lies in the bin</h1>
      <p>It was deleted {{ when(binned.deleted) }}, and has all its work.</p>
      <p>
        <ElButton type="primary" @click="desk.did({ act: 'bringBack', build: binned.id })"
          >Bring back {{ binned.name }}</ElButton
        >
      </p>
      <p><RouterLink to="/">All builds</RouterLink></p>
    </template>
    <template v-else>
      <h1 tabindex="-1">This build is not here</h1>
      <p>
        It may have been deleted for good, or it lives in another browser. A file brings one from
        elsewhere.
      </p>
      <p><RouterLink to="/">All builds</RouterLink></p>
    </template>
  </main>
</template>

<style scoped>
main {
  max-width: 560px;
  margin: 0 auto;
  padding: 15vh 20px 0;
  display: grid;
  gap: 12px;
}
</style>
