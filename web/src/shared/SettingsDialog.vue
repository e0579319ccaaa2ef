<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useSettings } from './settings'

const open = defineModel<boolean>({ required: true })
const { t } = useI18n()
const settings = useSettings()
const units = (['METRE', 'CENTIMETRE', 'FOOT', 'INCH'] as const).map((value) => ({ value, title: t(`unit.${value}`) }))
</script>

<template>
  <v-dialog v-model="open" max-width="440" :aria-label="t('settings.title')">
    <v-card class="dialog-card">
      <h2>{{ t('settings.title') }}</h2>
      <v-switch v-model="settings.sounds" :label="t('settings.sounds')" />
      <v-switch v-model="settings.vibration" :label="t('settings.vibration')" />
      <v-switch v-model="settings.leftHanded" :label="t('settings.leftHanded')" />
      <v-switch v-model="settings.sun" :label="t('settings.sun')" />
      <v-select
        v-model="settings.theme"

        :label="t('settings.theme')"
        :items="[
          { value: 'system', title: t('settings.auto') },
          { value: 'light', title: t('settings.light') },
          { value: 'dark', title: t('settings.dark') },
        ]"
      />
      <v-select
        v-model="settings.unit"
        :label="t('settings.unit')"
        :items="units"
      />
      <p class="soft">{{ t('app.loopback') }}</p>
      <v-btn block @click="open = false">{{ t('settings.close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>
