import { createApp } from 'vue'
import App from './App.vue'
import { i18n } from './i18n'
import { watchForUpdates } from './pocket/update'
import { router } from './router'
import './styles/tokens.css'
import './styles/base.css'

// The view that is asked for is fetched while it is looked up who is signed in.
for (const { components } of router.resolve(location.pathname).matched) {
  const view = components?.default
  if (typeof view === 'function') void (view as () => Promise<unknown>)().catch(() => {})
}
createApp(App).use(i18n).use(router).mount('#app')
watchForUpdates()
