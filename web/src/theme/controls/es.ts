export { es as default } from 'vuetify/locale'
