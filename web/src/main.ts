import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import './styles/tokens.css'
import './styles/base.css'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { preset } from './theme/preset'
import { followScheme } from './theme/scheme'

followScheme()
/** Styles that are made while the page runs bear the nonce of its answer. */
const nonce = document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.nonce
createApp(App)
  .use(router)
  .use(PrimeVue, { csp: { nonce }, theme: { preset, options: { darkModeSelector: '.dark', cssLayer: false } } })
  .mount('#app')
