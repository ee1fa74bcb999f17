import { createApp } from 'vue'
import App from './App.vue'
import { i18n } from './i18n'
import { watchForUpdates } from './pocket/update'
import { router } from './router'
import './styles/tokens.css'
import './styles/base.css'

createApp(App).use(i18n).use(router).mount('#app')
watchForUpdates()
