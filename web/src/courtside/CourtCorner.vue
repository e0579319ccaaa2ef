<script setup lang="ts">
import {
  mdiArrowCollapseVertical, mdiArrowExpandVertical, mdiKeyboardOutline, mdiLockOpenOutline, mdiLockOutline, mdiRotateLeft,
} from '@mdi/js'
import { useI18n } from 'vue-i18n'
import { turned } from '@/court/turn'
import { useSettings } from '@/shared/settings'

/** What is done to the court itself: turned, drawn whole, locked while it is carried, and its keys shown. */
defineProps<{ hasHalves: boolean }>()
const locked = defineModel<boolean>('locked', { required: true })
const emit = defineEmits<{ help: [] }>()
const { t } = useI18n()
const settings = useSettings()
</script>

<template>
  <div>
    <v-btn
      :icon="mdiRotateLeft"
      :aria-label="t('court.turn')"
      :title="t(`court.standpoint.${settings.standpoint}`)"
      @click="settings.standpoint = turned(settings.standpoint)"
    />
    <v-btn
      v-if="hasHalves"
      :icon="settings.wholeCourt ? mdiArrowCollapseVertical : mdiArrowExpandVertical"
      :aria-label="t('court.whole')"
      :aria-pressed="settings.wholeCourt"
      @click="settings.wholeCourt = !settings.wholeCourt"
    />
    <v-btn :icon="locked ? mdiLockOutline : mdiLockOpenOutline" :aria-label="t('courtside.lock')" @click="locked = !locked" />
    <v-btn :icon="mdiKeyboardOutline" :aria-label="t('courtside.keys')" @click="emit('help')" />
  </div>
</template>
