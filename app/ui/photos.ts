// Pictures: made small before they are kept, shown by what they are about.
import { computed, shallowRef, watch } from 'vue'
import { LARGEST_PICTURE } from '../desk/limits'
import { ask } from '../desk/remote'
import { useDesk } from '../state/desk'

/** Named choices: the longer side in pixels and the quality that are tried first. */
export const LONGEST_SIDE = 1280
const QUALITY = 0.74

/** A picture as a small JPEG in a data URL, or null when the file is no picture. */
export async function smallPicture(file: Blob): Promise<string | null> {
  const image = await createImageBitmap(file).catch(() => null)
  return image && smallOf(image)
}

/** What is drawn already, as a small JPEG in a data URL. */
export function smallOf(image: ImageBitmap | HTMLCanvasElement): string {
  for (let side = LONGEST_SIDE, quality = QUALITY; ; side *= 0.8, quality *= 0.9) {
    const scale = Math.min(1, side / Math.max(image.width, image.height))
    const canvas = Object.assign(document.createElement('canvas'), {
      width: Math.max(1, Math.round(image.width * scale)),
      height: Math.max(1, Math.round(image.height * scale)),
    })
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
    const url = canvas.toDataURL('image/jpeg', quality)
    if (url.length <= LARGEST_PICTURE) return url
  }
}

/**
 * The pictures of the open build that are about any of these; all of them when nothing is named.
 */
export function usePhotos(about?: () => readonly string[]) {
  const desk = useDesk()
  const pictures = shallowRef<Readonly<Record<string, string>>>({})
  const photos = computed(() => desk.state.build?.photos ?? [])
  watch(
    photos,
    async () => {
      pictures.value = await ask('pictures', desk.state.build?.id ?? '')
    },
    { immediate: true },
  )
  const shown = computed(() =>
    photos.value
      .filter(p => !about || about().includes(p.about))
      .map(p => ({ ...p, url: pictures.value[p.id] ?? null })),
  )
  return { shown }
}

/**
 * What explains these items: the pages kept with their parts, and the photos taken of these copies.
 */
export function useItemPages(items: () => readonly string[]) {
  const desk = useDesk()
  const pictures = shallowRef<Readonly<Record<string, string>>>({})
  const own = computed(() => (desk.state.build?.items ?? []).filter(i => items().includes(i.id)))
  const named = computed(() =>
    own.value.flatMap(i => [
      ...(i.part.pages ?? []).map(p => ({ id: p.id, title: p.title, of: i.part.model })),
      ...(desk.state.build?.photos ?? [])
        .filter(p => p.about === i.id)
        .map(p => ({ id: p.id, title: '', of: i.part.model })),
    ]),
  )
  watch(
    named,
    async now => {
      if (now.length > 0) pictures.value = await ask('pictures', desk.state.build?.id ?? '')
    },
    { immediate: true },
  )
  const pages = computed(() => [
    ...new Map(named.value.map(p => [p.id, { ...p, url: pictures.value[p.id] ?? null }])).values(),
  ])
  return { pages }
}
