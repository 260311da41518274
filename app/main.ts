// Starts the interface: styles, store, routes.
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/martian-mono/wdth.css'
import './styles/tokens.css'
import './styles/base.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './shell/App.vue'
import { router } from './shell/router'
import { tellOfErrors } from './shell/errors'
import { keepProgram } from './shell/updates'

const app = createApp(App).use(createPinia()).use(router)
tellOfErrors(app, router)
app.mount('#app')
if (import.meta.env.PROD) keepProgram()
