<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useSettings } from '@/shared/settings'
import { actionOf, KEYS, tokenOf, type ActionId } from './keys'

/** What each key does; any of them can be learned anew, from a clicker or a foot switch too. */
const open = defineModel<boolean>({ required: true })
const { t } = useI18n()
const settings = useSettings()
const learning = ref<ActionId>()
const ids = Object.keys(KEYS) as ActionId[]
const FIXED: [string[], string][] = [[['keys.arrows'], 'miss'], [['keys.shift', 'keys.arrows'], 'in'], [['1–9'], 'zone']]
const word = (key: string) => key.startsWith('keys.') ? t(key) : key
const parts = (id: ActionId) => (settings.keys[id] ?? KEYS[id]).split('+').map((part) =>
  part === 'Space' ? t('keys.space') : part === 'Shift' ? t('keys.shift') : part.length === 1 ? part.toUpperCase() : part)

/** What used the key before has its own back, or none that it shares. */
function learn(id: ActionId, token: string) {
  const before = actionOf(token, settings.keys)
  const next = { ...settings.keys, [id]: token }
  if (before && before !== id) {
    next[before] = KEYS[before] === token ? '' : KEYS[before]
  }
  settings.keys = next
}

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (!open.value || !learning.value || ['Shift', 'Control', 'Alt', 'Meta'].includes(event.key)) {
    return
  }
  event.preventDefault()
  event.stopPropagation()
  if (event.key !== 'Escape' && event.key !== 'Tab') {
    learn(learning.value, tokenOf(event))
  }
  learning.value = undefined
}, { capture: true })
</script>

<template>
  <v-dialog
    v-model="open"
    max-width="640"
    scrollable
    :persistent="!!learning"
    :aria-label="t('keys.title')"
  >
    <v-card class="dialog-card">
      <h2>{{ t('keys.title') }}</h2>
      <p class="soft">{{ t('keys.learnNote') }}</p>
      <dl>
        <template v-for="[keys, what] in FIXED" :key="what">
          <dt><kbd v-for="key in keys" :key="key">{{ word(key) }}</kbd></dt>
          <dd>{{ t(`keys.${what}`) }}</dd>
        </template>
        <template v-for="id in ids" :key="id">
          <dt>
            <template v-if="learning === id">{{ t('keys.press') }}</template>
            <template v-else><kbd v-for="part in parts(id)" :key="part">{{ part || t('keys.none') }}</kbd></template>
          </dt>
          <dd>
            <span>{{ t(`keys.${id}`) }}</span>
            <v-btn size="small" variant="text" :aria-label="t('keys.learnFor', { action: t(`keys.${id}`) })" @click="learning = id">
              {{ t('keys.learn') }}
            </v-btn>
          </dd>
        </template>
      </dl>
      <v-btn block variant="text" @click="settings.keys = {}">{{ t('keys.forget') }}</v-btn>
      <v-btn block @click="open = false">{{ t('settings.close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: minmax(120px, auto) 1fr;
  gap: 4px 16px;
  align-items: center;
  margin: 16px 0;
}

dd {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin: 0;
}

kbd {
  border: 1px solid var(--rule);
  border-radius: 4px;
  padding: 2px 8px;
  margin-right: 4px;
  font-family: var(--text);
}
</style>
