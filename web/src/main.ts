import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { messages } from './shared/messages'
import { vuetify } from './shared/theme'
import './shared/page.css'

createApp(App).use(createPinia()).use(messages).use(router).use(vuetify).mount('#app')
