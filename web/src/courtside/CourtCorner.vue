<script setup lang="ts">
import { mdiKeyboardOutline, mdiLockOpenOutline, mdiLockOutline, mdiRotateLeft } from '@mdi/js'
import { useI18n } from 'vue-i18n'
import type { Standpoint } from '@/shared/api'

/** What is done to the court itself: turned, locked while it is carried, and its keys shown. */
defineProps<{ standpoint: Standpoint }>()
const locked = defineModel<boolean>('locked', { required: true })
const emit = defineEmits<{ turn: [], help: [] }>()
const { t } = useI18n()
</script>

<template>
  <div>
    <v-btn :icon="mdiRotateLeft" :aria-label="t('court.turn')" :title="t(`court.standpoint.${standpoint}`)" @click="emit('turn')" />
    <v-btn :icon="locked ? mdiLockOutline : mdiLockOpenOutline" :aria-label="t('courtside.lock')" @click="locked = !locked" />
    <v-btn :icon="mdiKeyboardOutline" :aria-label="t('courtside.keys')" @click="emit('help')" />
  </div>
</template>
