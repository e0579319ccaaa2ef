<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type AimReport, type Club, type TargetSet } from '@/shared/api'
import { asPercent } from '@/shared/format'
import { sizeOf } from '@/shared/sentences'

/** What the target asks of a chosen player, from the landings that are known, and the size for a chosen chance. */
const props = defineProps<{ target: TargetSet, number: number | undefined, club: Club, fits: boolean }>()
const emit = defineEmits<{ scale: [factor: number] }>()
const { t } = useI18n()
const CHANCES = [0.5, 0.6, 0.7, 0.8]
const player = ref<string>()
const wanted = ref(0.7)
const answer = shallowRef<AimReport>()
const away = ref(false)

watchDebounced([() => props.target, player, wanted], async ([target, id, chance]) => {
  if (!id || !props.fits) {
    return
  }
  const asked = await api.POST('/api/players/{player}/aim', {
    params: { path: { player: id }, query: { chance } }, body: target,
  }).catch(() => undefined)
  answer.value = asked?.data
  away.value = !asked?.data
}, { debounce: 250 })

const report = computed(() => answer.value?.zones.find((one) => one.number === props.number)?.report ?? answer.value?.zones[0]?.report)
const rests = computed(() => {
  const drill = props.club.drills.find((one) => one.id === answer.value?.drill)
  return drill ? t('editor.restsOn', { drill: drill.name, level: answer.value?.level ?? 1 }) : ''
})
</script>

<template>
  <div class="panel" data-test="aim">
    <v-select
      v-model="player"
      :label="t('editor.player')"
      :items="club.players.map((one) => ({ value: one.id, title: one.name }))"
      hide-details
    />
    <p v-if="!player" class="soft">{{ t('editor.choosePlayer') }}</p>
    <p v-else-if="away">{{ t('player.zone.away') }}</p>
    <template v-else-if="report">
      <p v-if="report.chance === undefined">{{ t('editor.notYetKnown', { fewest: report.fewest }) }}</p>
      <template v-else>
        <p class="count chance">{{ asPercent(report.chance) }}</p>
        <p>{{ t('editor.chance', { count: report.placements, nets: report.nets }) }} {{ rests }}</p>
        <v-select
          v-model="wanted"
          :label="t('player.zone.wanted')"
          :items="CHANCES.map((value) => ({ value, title: asPercent(value) }))"
          hide-details
        />
        <p v-if="report.sized">{{ t('player.zone.sized', sizeOf(report.sized)) }}</p>
        <p v-else>{{ t('player.zone.none') }}</p>
        <p v-if="report.least && report.most" class="soft small">
          {{ t('player.zone.range', {
            least: t('player.zone.sized', sizeOf(report.least)), most: t('player.zone.sized', sizeOf(report.most)),
          }) }}
        </p>
        <v-btn v-if="report.scale" @click="emit('scale', report.scale)">{{ t('editor.makeThat') }}</v-btn>
      </template>
    </template>
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
}

.chance {
  font-size: 56px;
}

.small {
  font-size: 14px;
}
</style>
