<script setup lang="ts">
import {
  mdiArrowCollapseVertical, mdiArrowExpandVertical, mdiKeyboardOutline, mdiLockOpenOutline, mdiLockOutline, mdiRotateLeft,
} from '@mdi/js'
import { useI18n } from 'vue-i18n'
import { turned } from '@/court/turn'
import { useSettings } from '@/shared/settings'
import { WAYS, type Way } from './ways'

/** What is done to the court itself: turned, drawn whole, locked while it is carried; how a shot gets in, and its keys. */
defineProps<{ hasHalves: boolean }>()
const locked = defineModel<boolean>('locked', { required: true })
const way = defineModel<Way>('way', { required: true })
const emit = defineEmits<{ help: [] }>()
const { t } = useI18n()
const settings = useSettings()
const ways = Object.entries(WAYS) as [Way, string][]
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
    <v-btn :icon="WAYS[way]" :aria-label="t('ways.label', { way: t(`ways.${way}`) })">
      <v-icon :icon="WAYS[way]" />
      <v-menu activator="parent">
        <v-list>
          <v-list-item
            v-for="[one, icon] in ways"
            :key="one"
            :prepend-icon="icon"
            :title="t(`ways.${one}`)"
            :subtitle="t(`ways.say.${one}`)"
            :active="one === way"
            @click="way = one"
          />
        </v-list>
      </v-menu>
    </v-btn>
  </div>
</template>
