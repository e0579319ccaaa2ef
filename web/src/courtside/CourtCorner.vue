<script setup lang="ts">
import {
  mdiAccountSwitchOutline, mdiArrowCollapseVertical, mdiArrowExpandVertical, mdiBullhornOutline, mdiFitToScreenOutline,
  mdiImageFilterCenterFocus, mdiKeyboardOutline,
  mdiLockOpenOutline, mdiLockOutline, mdiRotateLeft,
} from '@mdi/js'
import { useI18n } from 'vue-i18n'
import { turned } from '@/court/turn'
import { useSettings } from '@/shared/settings'
import { WAYS, type Way } from './ways'

/** What is done to the court itself: turned, drawn whole or close up, locked while it is carried; how a shot gets in, and its keys. */
defineProps<{
  hasHalves: boolean
  canCloseUp: boolean
  isClose: boolean
  /** Whether there is a partner's side to chart, and whether something is left open that can be called. */
  hasSides: boolean
  hasChoice: boolean
}>()
const locked = defineModel<boolean>('locked', { required: true })
const way = defineModel<Way>('way', { required: true })
const emit = defineEmits<{ help: [], closeUp: [] }>()
const { t } = useI18n()
const settings = useSettings()
const AHEAD = [0.5, 1, 1.5, 2, 3]
const callAhead = (seconds: number) => {
  settings.callsSteps = true
  settings.callAhead = seconds
}
const ways = Object.entries(WAYS) as [Way, string][]
</script>

<template>
  <div>
    <v-btn
      stacked
      :prepend-icon="mdiRotateLeft"
      :aria-label="t('court.turn')"
      :title="t(`court.standpoint.${settings.standpoint}`)"
      @click="settings.standpoint = turned(settings.standpoint)"
    >
      {{ t('corner.turn') }}
    </v-btn>
    <v-btn
      v-if="canCloseUp"
      stacked
      :prepend-icon="isClose ? mdiFitToScreenOutline : mdiImageFilterCenterFocus"
      :aria-label="t(isClose ? 'court.notCloseUp' : 'court.closeUp')"
      @click="emit('closeUp')"
    >
      {{ t(isClose ? 'corner.notCloseUp' : 'corner.closeUp') }}
    </v-btn>
    <v-btn
      v-if="hasHalves && !isClose"
      stacked
      :prepend-icon="settings.wholeCourt ? mdiArrowCollapseVertical : mdiArrowExpandVertical"
      :aria-label="t(settings.wholeCourt ? 'court.half' : 'court.whole')"
      :aria-pressed="settings.wholeCourt"
      @click="settings.wholeCourt = !settings.wholeCourt"
    >
      {{ t(settings.wholeCourt ? 'corner.half' : 'corner.whole') }}
    </v-btn>
    <v-btn
      v-if="hasSides"
      stacked
      :prepend-icon="mdiAccountSwitchOutline"
      :aria-label="t('pattern.bothSides')"
      :aria-pressed="settings.bothSides"
      @click="settings.bothSides = !settings.bothSides"
    >
      {{ t('corner.sides') }}
    </v-btn>
    <v-btn v-if="hasChoice" stacked :prepend-icon="mdiBullhornOutline" :aria-label="t('pattern.calls')">
      {{ t('corner.calls') }}
      <v-menu activator="parent">
        <v-list>
          <v-list-item :title="t('pattern.noCalls')" :active="!settings.callsSteps" @click="settings.callsSteps = false" />
          <v-list-item
            v-for="seconds in AHEAD"
            :key="seconds"
            :title="t('pattern.ahead', { seconds })"
            :active="settings.callsSteps && settings.callAhead === seconds"
            @click="callAhead(seconds)"
          />
        </v-list>
      </v-menu>
    </v-btn>
    <v-btn stacked :prepend-icon="locked ? mdiLockOutline : mdiLockOpenOutline" :aria-label="t('courtside.lock')" @click="locked = !locked">
      {{ t('corner.lock') }}
    </v-btn>
    <v-btn stacked :prepend-icon="mdiKeyboardOutline" :aria-label="t('courtside.keys')" @click="emit('help')">{{ t('corner.keys') }}</v-btn>
    <v-btn stacked :prepend-icon="WAYS[way]" :aria-label="t('ways.label', { way: t(`ways.${way}`) })">
      {{ t('corner.ways') }}
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
