<script setup lang="ts">
import { mdiAccountMultiple, mdiCalendarToday, mdiClipboardTextOutline, mdiCog, mdiScoreboardOutline, mdiTarget } from '@mdi/js'
import { computed, defineAsyncComponent, onMounted, ref, useTemplateRef, watchEffect } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { useTheme } from 'vuetify'
import { clearOutSoon } from '@/charting/asked'
import { useOutbox } from './charting/outbox'
import { useOnCourt } from './courtside/useOnCourt'
import OutboxWord from './shared/OutboxWord.vue'
import UpdateWord from './shared/UpdateWord.vue'
import { useSettings } from './shared/settings'
import { useFocus } from './shared/useFocus'

/** Its fields are no part of what is loaded first. */
const SettingsDialog = defineAsyncComponent(() => import('./shared/SettingsDialog.vue'))

const { t } = useI18n()
const settings = useSettings()
const onCourt = useOnCourt()
const route = useRoute()
const outbox = useOutbox()
const theme = useTheme()
const page = useTemplateRef<HTMLElement>('page')
useFocus(() => page.value, () => route.path)
const settingsAsked = ref(false)
const settingsOpen = ref(false)

const places = computed(() => [
  { to: '/', icon: mdiCalendarToday, word: t('app.today') },
  { to: onCourt.path, icon: mdiTarget, word: t('app.courtside') },
  { to: '/drills', icon: mdiClipboardTextOutline, word: t('app.drills') },
  { to: '/matches', icon: mdiScoreboardOutline, word: t('app.matches') },
  { to: '/players', icon: mdiAccountMultiple, word: t('app.players') },
])

watchEffect(() => theme.change(settings.sun ? 'light' : settings.theme))
onMounted(() => {
  outbox.start()
  clearOutSoon()
})
</script>

<template>
  <v-app :class="{ sun: settings.sun }">
    <a class="skip" href="#page">{{ t('app.skip') }}</a>
    <div class="shell">
      <nav class="rail" :aria-label="t('app.name')">
        <router-link
          v-for="place in places"
          :key="place.word"
          :to="place.to"
          class="place"
          :class="{ court: place.word === t('app.courtside') }"
        >
          <v-icon :icon="place.icon" />
          <span>{{ place.word }}</span>
        </router-link>
        <button id="settings" type="button" class="place foot" @click="settingsAsked = settingsOpen = true">
          <v-icon :icon="mdiCog" />
          <span>{{ t('app.settings') }}</span>
        </button>
      </nav>
      <main id="page" ref="page" tabindex="-1">
        <OutboxWord :beside-court="!!route.meta['court']" />
        <UpdateWord />
        <router-view v-slot="{ Component, route: shown }">
          <component :is="Component" :key="shown.path" />
        </router-view>
      </main>
    </div>
    <SettingsDialog v-if="settingsAsked" v-model="settingsOpen" activator="#settings" :open-on-click="false" />
  </v-app>
</template>

<style scoped>
.shell {
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr);
  min-height: 100dvh;
}

.rail {
  position: sticky;
  top: 0;
  height: 100dvh;
  display: flex;
  flex-direction: column;
  gap: 4px;
  padding: 8px 0;
  border-right: 1px solid var(--rule);
}

.place {
  display: grid;
  justify-items: center;
  gap: 2px;
  min-height: 64px;
  align-content: center;
  font-size: 13px;
  color: var(--ink-soft);
  text-decoration: none;
  background: none;
  border: 0;
  border-left: 3px solid transparent;
  border-right: 3px solid transparent;
}

.place.router-link-exact-active {
  color: var(--ink);
  font-weight: 650;
  border-left-color: var(--ink);
}

.foot {
  margin-top: auto;
}

.skip {
  position: absolute;
  left: -999px;
}

.skip:focus {
  left: 8px;
  top: 8px;
  z-index: 10;
  background: var(--sheet);
  padding: 12px;
}

main {
  position: relative;
  outline: none;
}

@media (max-width: 800px) {
  .shell {
    grid-template-columns: minmax(0, 1fr);
    padding-bottom: 64px;
  }

  .rail {
    position: fixed;
    z-index: 5;
    top: auto;
    bottom: 0;
    width: 100%;
    height: 64px;
    flex-direction: row;
    justify-content: space-around;
    padding: 0;
    background: var(--paper);
    border-right: 0;
    border-top: 1px solid var(--rule);
  }

  .foot {
    margin-top: 0;
  }
}
</style>
