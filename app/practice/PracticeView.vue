<script setup lang="ts">
// Practice: know the plugs, where they are in this build, and what is checked by which rule.
import FaceDrawing from '../drawing/FaceDrawing.vue'
import { useDesk } from '../state/desk'
import { useReference } from '../state/reference'
import WordList from './WordList.vue'

const desk = useDesk()
const reference = useReference()
const here = (face: string) => (desk.analysis?.joints ?? []).filter(j => j.face === face)
</script>

<template>
  <section class="practice">
    <h1 tabindex="-1">Practice: know the plugs</h1>
    <p class="quiet">
      Shape, key, job and look-alikes; under each, what of {{ desk.state.build?.name }} goes there.
      <RouterLink :to="{ name: 'board', params: { build: desk.state.build?.id } }"
        >Tour of the board, edge by edge</RouterLink
      >
    </p>
    <ul class="sheet">
      <li v-for="c in reference?.connectors" :key="c.face">
        <h2>{{ c.name }}</h2>
        <div class="faces">
          <figure>
            <FaceDrawing :look="c.look" :name="c.name" />
            <figcaption class="quiet">
              socket<template v-if="c.look.rows"
                >: {{ c.look.rows[0] }} at the latch, {{ c.look.rows[1] }} below</template
              >
            </figcaption>
          </figure>
          <figure v-for="a in c.alike" :key="a.face" class="ringed">
            <FaceDrawing :look="a.look" :name="a.name" />
            <figcaption>
              <b>{{ a.name }}</b>: {{ a.note }}
            </figcaption>
          </figure>
        </div>
        <p>{{ c.shape }}. Key: {{ c.key }}. Carries {{ c.carries }}.</p>
        <p>{{ c.seat }}</p>
        <p v-if="c.lookAlike" class="care"><b>Look-alike:</b> {{ c.lookAlike }}</p>
        <p v-for="j in here(c.face)" :key="j.id" class="joint">
          {{ j.from }} <span aria-label="in">⟷</span> {{ j.to }}
        </p>
        <p class="quiet">{{ c.source }}</p>
      </li>
    </ul>
    <h1>The field’s words</h1>
    <WordList class="sheet" :words="reference?.terms ?? []" />
    <h1>What is checked</h1>
    <ul class="sheet">
      <li v-for="r in reference?.rules" :key="r.id" class="rule">
        <span>{{ r.question }}</span><span class="quiet">{{ r.stage }}</span
        ><span class="quiet">{{ r.source }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.practice {
  max-width: 860px;
  padding: 16px 20px 30px;
  display: grid;
  gap: 10px;
}
li {
  padding: 9px 14px;
  border-top: 1px solid var(--line);
  display: grid;
  gap: 2px;
}
li:first-child {
  border-top: 0;
}
.faces {
  display: flex;
  flex-wrap: wrap;
  align-items: start;
  gap: 10px 20px;
}
.faces figcaption {
  max-width: 34ch;
}
.ringed {
  border: 2px dashed var(--harm);
  border-radius: var(--radius);
  padding: 4px 8px;
}
.care {
  border-left: 3px solid var(--copper);
  padding-left: 10px;
}
.joint {
  color: var(--copper);
}
.rule {
  grid-template-columns: 1fr 60px 240px;
}
@media (max-width: 600px) {
  .rule {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
}
</style>
