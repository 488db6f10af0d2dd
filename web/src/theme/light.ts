import { usePreferredDark, useStorage } from '@vueuse/core'
import { computed, watchEffect } from 'vue'
import { vuetify } from './vuetify'

/** How bright the screen is: by day, before sunrise, or as the device is set. */
export type Light = 'day' | 'before sunrise' | 'as the device'

export const LIGHTS: readonly Light[] = ['as the device', 'day', 'before sunrise']

const chosen = useStorage<Light>('tavrel.light', 'as the device')
const deviceDark = usePreferredDark()
const dark = computed(
  () => chosen.value === 'before sunrise' || (chosen.value === 'as the device' && deviceDark.value),
)

/** Keeps document and component library at the chosen light; called once at the start. */
export function followLight(): void {
  watchEffect(() => {
    const name = dark.value ? 'dark' : 'light'
    document.documentElement.dataset.light = name
    void vuetify.theme.change(name)
  })
}

/** The choice, to read and to set. */
export function useLight() {
  return { chosen, dark }
}
