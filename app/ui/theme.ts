// Day or evening: as the system has it, until the person chooses.
import { usePreferredDark, useStorage } from '@vueuse/core'
import { computed, watchEffect } from 'vue'

const chosen = useStorage<'system' | 'day' | 'evening'>('juntura-theme', 'system')
const prefersDark = usePreferredDark()
const ofSystem = computed(() => (prefersDark.value ? 'evening' : 'day'))
export const theme = computed(() => (chosen.value === 'system' ? ofSystem.value : chosen.value))

watchEffect(() => {
  document.documentElement.dataset['theme'] = theme.value
})

export const turnTheme = (): void => {
  chosen.value = theme.value === 'day' ? 'evening' : 'day'
}
