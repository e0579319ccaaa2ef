<script setup lang="ts">
import { useI18n } from 'vue-i18n'

const open = defineModel<boolean>({ required: true })
const { t } = useI18n()
const KEYS: [string[], string][] = [
  [['keys.space'], 'hit'],
  [['keys.arrows'], 'miss'],
  [['keys.shift', 'keys.arrows'], 'in'],
  [['1–9'], 'zone'],
  [['E'], 'effect'],
  [['N'], 'net'],
  [['U'], 'notSeen'],
  [['R'], 'noReach'],
  [['V'], 'void'],
  [['Backspace'], 'undo'],
  [['keys.shift', 'Backspace'], 'redo'],
  [['C'], 'call'],
  [['S'], 'confirm'],
  [['J'], 'judge'],
  [['keys.shift', 'Enter'], 'close'],
  [['T'], 'turn'],
  [['?'], 'help'],
]
const word = (key: string) => key.startsWith('keys.') ? t(key) : key
</script>

<template>
  <v-dialog v-model="open" max-width="560" :aria-label="t('keys.title')">
    <v-card class="dialog-card">
      <h2>{{ t('keys.title') }}</h2>
      <dl>
        <template v-for="[keys, what] in KEYS" :key="what">
          <dt><kbd v-for="key in keys" :key="key">{{ word(key) }}</kbd></dt>
          <dd>{{ t(`keys.${what}`) }}</dd>
        </template>
      </dl>
      <v-btn block @click="open = false">{{ t('settings.close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  margin: 16px 0;
}

dd {
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
