<script setup lang="ts">
// The connectors of this build in their true size, as one looks into the socket: to lay a plug on.
import { computed } from 'vue'
import FaceDrawing from '../../drawing/FaceDrawing.vue'
import { useDesk } from '../../state/desk'
import { useReference } from '../../state/reference'
import ControlLine from '../../ui/ControlLine.vue'

const desk = useDesk()
const reference = useReference()
/** How many px a millimetre is on a screen, where nothing keeps the size. */
const PX = 96 / 25.4
const plugs = computed(() => (desk.analysis?.joints ?? []).filter(j => j.kind === 'plug'))
const faces = computed(() =>
  (reference.value?.connectors ?? [])
    .map(c => ({
      ...c,
      sockets: plugs.value.filter(j => j.socketFace === c.face).map(j => j.to),
    }))
    .filter(c => c.sockets.length > 0),
)
</script>

<template>
  <section v-if="faces.length">
    <h2>Sockets in their true size</h2>
    <p>
      As one looks into them. The line is 50 mm long when the printer keeps the size; a screen
      seldom does.
    </p>
    <ControlLine />
    <ul class="faces">
      <li v-for="f in faces" :key="f.face">
        <FaceDrawing :look="f.look" :name="f.name" :scale="PX" :most="400" />
        <div>
          <b>{{ f.name }}</b><span v-for="s in f.sockets" :key="s">{{ s }}</span>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 6px;
}
h2 {
  margin-top: 10px;
  border-bottom: 1px solid var(--ink);
  break-after: avoid;
}
.faces {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 24px;
}
li {
  display: grid;
  gap: 2px;
  align-content: start;
  break-inside: avoid;
}
li > div {
  display: grid;
  font-size: var(--small);
}
</style>
