export { it as default } from 'vuetify/locale'
