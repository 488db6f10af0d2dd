import type { Component, Plugin, Ref } from 'vue'

/**
 * What the screens use of the component library: it stands in place of the library's own declaration (tsconfig.json),
 * which names every component there is and would double what the compiler reads. A component that is used first is added
 * here and to `src/shared/testing/controls.ts`.
 */

export interface ThemeDefinition {
  dark: boolean
  colors: Record<string, string>
}

interface Messages {
  [key: string]: Messages | string
}

export function createVuetify(options?: {
  components?: Record<string, Component>
  defaults?: Record<string, Record<string, unknown>>
  icons?: { defaultSet: string; aliases: object; sets: object }
  theme?: {
    defaultTheme: string
    themes: Record<string, ThemeDefinition>
    cspNonce: string | undefined
  }
}): Plugin & {
  theme: { change(name: string): void }
  locale: { messages: Ref<Messages>; current: Ref<string> }
}

declare module 'vue' {
  interface GlobalComponents {
    VApp: (typeof import('vuetify/components/VApp'))['VApp']
    VBtn: (typeof import('vuetify/components/VBtn'))['VBtn']
    VCheckbox: (typeof import('vuetify/components/VCheckbox'))['VCheckbox']
    VCombobox: (typeof import('vuetify/components/VCombobox'))['VCombobox']
    VDatePicker: (typeof import('vuetify/components/VDatePicker'))['VDatePicker']
    VDialog: (typeof import('vuetify/components/VDialog'))['VDialog']
    VDivider: (typeof import('vuetify/components/VDivider'))['VDivider']
    VFileInput: (typeof import('vuetify/components/VFileInput'))['VFileInput']
    VList: (typeof import('vuetify/components/VList'))['VList']
    VListItem: (typeof import('vuetify/components/VList'))['VListItem']
    VListSubheader: (typeof import('vuetify/components/VList'))['VListSubheader']
    VMenu: (typeof import('vuetify/components/VMenu'))['VMenu']
    VRadio: (typeof import('vuetify/components/VRadio'))['VRadio']
    VRadioGroup: (typeof import('vuetify/components/VRadioGroup'))['VRadioGroup']
    VSelect: (typeof import('vuetify/components/VSelect'))['VSelect']
    VSwitch: (typeof import('vuetify/components/VSwitch'))['VSwitch']
    VTextarea: (typeof import('vuetify/components/VTextarea'))['VTextarea']
    VTextField: (typeof import('vuetify/components/VTextField'))['VTextField']
  }
}
