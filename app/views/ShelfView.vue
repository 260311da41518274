<script setup lang="ts">
// The shelf: the parts that are known, to be added to the build at hand.
import type { Part } from '../../core/parts'
import { useDesk } from '../stores/desk'
import ShelfList from '../ui/ShelfList.vue'
import { useShelf } from '../use/shelf'

const desk = useDesk()
const { parts, add } = useShelf()
const take = (part: Part): Promise<boolean> => add(part)
</script>

<template>
  <section class="shelf">
    <h1 tabindex="-1">Shelf</h1>
    <p class="quiet">{{ parts.length }} parts, all made up to try things with. Add one to {{ desk.state.build?.name }}; it comes in as “wanted”.</p>
    <ShelfList act="Add" :currency="desk.state.build?.currency ?? ''" @take="take" />
  </section>
</template>

<style scoped>
.shelf { max-width: 760px; padding: 16px 20px 30px; display: grid; gap: 10px; }
</style>
