<script setup lang="ts">
// Parts of the shelf that match, each with what one does with it.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { nextTick, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { number } from '../../core/format'
import type { Part, PartKind } from '../../core/parts'
import { onKey } from '../use/keys'
import { useShelf } from '../use/shelf'

const props = defineProps<{ kind?: PartKind; act: string; currency: string }>()
const emit = defineEmits<{ take: [part: Part] }>()
const route = useRoute()
const { parts, find, found } = useShelf(props.kind)
const field = ref<InstanceType<typeof ElInput>>()
onKey('find', () => field.value?.focus())
onMounted(async () => {
  if (route.query['find'] === undefined) return
  await nextTick()
  field.value?.focus()
})
</script>

<template>
  <ElInput ref="field" v-model="find" placeholder="Find by kind, maker or model" aria-label="Find a part" clearable />
  <p v-if="parts.length > 0 && found.length === 0" class="quiet none">Nothing on the shelf matches “{{ find }}”.</p>
  <ul class="list">
    <li v-for="p in found" :key="p.id">
      <span class="quiet kind">{{ p.kind }}</span><span><b>{{ p.model }}</b> <span class="quiet">{{ p.maker }}</span></span>
      <span class="figure">{{ typeof p.price === 'number' ? number(p.price, 2) : '–' }}</span>
      <ElButton size="small" :aria-label="`${act} ${p.model}`" @click="emit('take', p)">{{ act }}</ElButton>
    </li>
  </ul>
</template>

<style scoped>
.list { margin-top: 8px; }
li { display: grid; grid-template-columns: 82px 1fr auto auto; gap: 12px; align-items: center; padding: 6px 2px; border-top: 1px solid var(--line); }
li:hover { background: var(--mat-soft); }
.none { padding: 10px 0; }
</style>
