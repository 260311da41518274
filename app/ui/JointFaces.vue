<script setup lang="ts">
// Both halves of a joint from in front: the plug, and the socket that it goes into.
import { computed } from 'vue'
import FaceDrawing from '../drawing/FaceDrawing.vue'
import { useReference } from '../state/reference'

const props = defineProps<{ plug: string; socket: string }>()
const reference = useReference()
const known = (face: string) => reference.value?.connectors.find(c => c.face === face)
const halves = computed(() => ({ plug: known(props.plug), socket: known(props.socket) }))
</script>

<template>
  <div v-if="halves.plug && halves.socket" class="halves">
    <figure>
      <FaceDrawing :look="halves.plug.look" :name="halves.plug.name" half="plug" :most="220" />
      <figcaption class="quiet">Plug: {{ halves.plug.name }}</figcaption>
    </figure>
    <figure>
      <FaceDrawing :look="halves.socket.look" :name="halves.socket.name" :most="220" />
      <figcaption class="quiet">Socket: {{ halves.socket.shape }}</figcaption>
    </figure>
    <p>
      Key: {{ halves.socket.key }}. {{ halves.plug.seat }}
      <span v-if="halves.plug.lookAlike" class="care"
        ><b>Look-alike:</b> {{ halves.plug.lookAlike }}</span
      >
    </p>
  </div>
</template>

<style scoped>
.halves {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
}
p {
  flex-basis: 100%;
}
.care {
  display: block;
}
</style>
