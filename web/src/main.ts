import '@fontsource-variable/atkinson-hyperlegible-next/index.css'
import '@fontsource/atkinson-hyperlegible-mono/500.css'
import './theme/tokens.css'
import './theme/base.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { keepOnDevice } from './shared/onDevice'
import { followLanguage } from './shared/language'
import { router } from './router'
import { followWords } from './theme/controls'
import { followLight } from './theme/light'
import { vuetify } from './theme/vuetify'
import { enterRoom, words } from './words/words'

followLight()
followLanguage()
followWords()
keepOnDevice()
await enterRoom('')
createApp(App).use(createPinia()).use(router).use(vuetify).use(words).mount('#app')
