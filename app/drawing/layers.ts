// What of a drawing can be left out, to see the rest: kept for this browser.
import { useStorage } from '@vueuse/core'

export const LAYERS = ['bodies', 'connectors', 'cables', 'air', 'distances', 'names'] as const
export type Layer = (typeof LAYERS)[number]

export const hiddenLayers = useStorage<Layer[]>('juntura-without-layers', [])
export function turnLayer(layer: Layer): void {
  hiddenLayers.value = hiddenLayers.value.includes(layer)
    ? hiddenLayers.value.filter(l => l !== layer)
    : [...hiddenLayers.value, layer]
}
