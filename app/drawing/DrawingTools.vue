<script setup lang="ts">
// What can be done with a drawing: closer, farther, the whole, what is chosen; layers; a file of it.
import { onClickOutside } from '@vueuse/core'
import { ref } from 'vue'
import type { View } from '../../core/drawing/views'
import { ask } from '../desk/remote'
import { useDesk } from '../state/desk'
import { download, fileName } from '../ui/download'
import { hiddenLayers, turnLayer, type Layer } from './layers'
import { pngOf } from './png'

const props = defineProps<{ view: View; layers: readonly Layer[]; hasChosen: boolean }>()
defineEmits<{ closer: []; farther: []; whole: []; fit: [] }>()
const desk = useDesk()
const menu = ref<HTMLDetailsElement>()
onClickOutside(menu, () => {
  if (menu.value) menu.value.open = false
})
const SAYS: Readonly<Record<Layer, string>> = {
  ...{ bodies: 'Parts', connectors: 'Connectors', cables: 'Cables' },
  ...{ air: 'Air', distances: 'Distances', names: 'Names' },
}

async function save(kind: 'svg' | 'png'): Promise<void> {
  const { build } = desk.state
  if (!build) return
  const svg = await ask('drawing', build.id, desk.horizon, props.view)
  if (svg === null) return
  const name = fileName(build.name, `-${props.view}.${kind}`)
  if (kind === 'svg') download(name, svg, 'image/svg+xml')
  else download(name, await pngOf(svg), 'image/png')
}
</script>

<template>
  <div class="tools" role="group" aria-label="The drawing">
    <button
      type="button"
      class="smallbutton"
      title="Closer"
      aria-label="Closer"
      @click="$emit('closer')"
    >
      +
    </button>
    <button
      type="button"
      class="smallbutton"
      title="Farther"
      aria-label="Farther"
      @click="$emit('farther')"
    >
      −
    </button>
    <button type="button" class="smallbutton" @click="$emit('whole')">Whole</button>
    <button v-if="hasChosen" type="button" class="smallbutton" @click="$emit('fit')">
      To the chosen
    </button>
    <details ref="menu" @keydown.esc="menu && (menu.open = false)">
      <summary class="smallbutton">Layers, save</summary>
      <div class="sheet list">
        <label v-for="l in layers" :key="l">
          <input type="checkbox" :checked="!hiddenLayers.includes(l)" @change="turnLayer(l)" />
          {{ SAYS[l] }}
        </label>
        <button type="button" class="smallbutton" @click="save('svg')">
          Save this view as SVG, in mm
        </button>
        <button type="button" class="smallbutton" @click="save('png')">
          Save this view as PNG
        </button>
      </div>
    </details>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
}
details {
  position: relative;
}
summary {
  list-style: none;
  line-height: 24px;
}
summary::after {
  content: ' ▾';
}
.list {
  position: absolute;
  right: 0;
  top: 100%;
  z-index: 20;
  width: 240px;
  padding: 8px;
  display: grid;
  gap: 4px;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 26px;
}
</style>
