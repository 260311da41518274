<script setup lang="ts">
// The pieces of a case that come out: which are out, and what goes with them.
import type { PartRow } from '../../core/stages/parts'
import { useDesk } from '../state/desk'

defineProps<{ row: PartRow }>()
const desk = useDesk()
type Piece = PartRow['pieces'][number]
const costOf = ({ screws, bays }: Piece): string =>
  [
    ...(screws === null ? [] : [screws === 1 ? '1 screw' : `${screws} screws`]),
    ...(bays.length > 0 ? [`holds ${bays.join(', ')}`] : []),
  ].join('; ')
const opensOf = ({ opens }: Piece): string => (opens ? `Out, it makes room for ${opens}.` : '')

function take(id: string, piece: string, event: Event): void {
  const { checked } = event.target as HTMLInputElement
  void desk.run({ do: 'takePiece', id, piece, out: !checked })
}
</script>

<template>
  <fieldset v-if="row.pieces.length" class="of-copy">
    <legend>Pieces that come out of the {{ row.name }}</legend>
    <label v-for="p in row.pieces" :key="p.key">
      <input type="checkbox" :checked="!p.out" @change="take(row.id, p.key, $event)" />
      <span
        ><b>{{ p.label }}</b> {{ p.out ? 'is out' : 'is in' }}
        <span class="quiet">{{ costOf(p) }}{{ costOf(p) ? '. ' : '' }}{{ opensOf(p) }}</span></span
      >
    </label>
  </fieldset>
</template>

<style scoped>
label {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px;
  align-items: baseline;
  min-height: 24px;
}
</style>
