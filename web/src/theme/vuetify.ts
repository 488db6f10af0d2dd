import 'vuetify/styles'
import { createVuetify, type ThemeDefinition } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

const light: ThemeDefinition = {
  dark: false,
  colors: {
    background: '#fbfaf7',
    surface: '#ffffff',
    primary: '#1b2630',
    secondary: '#45525d',
    error: '#8f1228',
    warning: '#6f4300',
    info: '#1f4a86',
    success: '#17573d',
    'on-background': '#1b2630',
    'on-surface': '#1b2630',
  },
}

const dark: ThemeDefinition = {
  dark: true,
  colors: {
    background: '#0f161d',
    surface: '#17212a',
    primary: '#edf1f3',
    secondary: '#bcc7ce',
    error: '#ffb3bd',
    warning: '#ffcf8f',
    info: '#a9cbff',
    success: '#9fe3c1',
    'on-primary': '#0f161d',
    'on-background': '#edf1f3',
    'on-surface': '#edf1f3',
  },
}

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content

/** The component library, dressed in our paper and ink. */
export const vuetify = createVuetify({
  theme: { defaultTheme: 'light', themes: { light, dark }, cspNonce: nonce },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  defaults: {
    VBtn: { variant: 'outlined', rounded: 0, height: 'auto', minHeight: 44 },
    VTextField: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VTextarea: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', rows: 2 },
    VCombobox: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VSelect: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VFileInput: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VCheckbox: { density: 'comfortable', hideDetails: 'auto' },
    VDialog: { maxWidth: 560, transition: false },
  },
})
