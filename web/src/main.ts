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
createApp(App)
  .use(router)
  .use(PrimeVue, { theme: { preset, options: { darkModeSelector: '.dark', cssLayer: false } } })
  .mount('#app')
