<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Shape, ZoneReport } from '@/shared/api'
import { asMetres, asPercent } from '@/shared/format'
import { sizeOf } from '@/shared/sentences'

/** What a player's landings say of a zone, and the size that would make it a chosen chance. */
const props = defineProps<{ report: ZoneReport | undefined, failed: boolean }>()
const wanted = defineModel<number>('wanted', { required: true })
const { t } = useI18n()
const CHANCES = [0.5, 0.6, 0.7, 0.8]
const chances = CHANCES.map((value) => ({ value, title: asPercent(value) }))
const size = (shape: Shape) => t('player.zone.sized', sizeOf(shape))

const range = computed(() => {
  const { least, most } = props.report ?? {}
  return least && most ? t('player.zone.range', { least: size(least), most: size(most) }) : ''
})
</script>

<template>
  <section class="zone-chance" data-test="zone-chance" aria-live="polite">
    <h3>{{ t('player.zone.title') }}</h3>
    <p v-if="failed">{{ t('player.zone.away') }}</p>
    <template v-else-if="report">
      <p class="soft small">{{ t('player.zone.size', { size: asMetres(report.size), share: asPercent(report.share) }) }}</p>
      <template v-if="report.chance !== undefined">
        <p>{{ t('player.zone.chance', { chance: asPercent(report.chance), count: report.placements, nets: report.nets }) }}</p>
        <div class="wanted">
          <v-select v-model="wanted" :label="t('player.zone.wanted')" :items="chances" hide-details />
          <p class="size" data-test="zone-sized">{{ report.sized ? size(report.sized) : t('player.zone.none') }}</p>
        </div>
        <p v-if="range" class="soft small">{{ range }}</p>
        <p v-if="report.own" class="soft small" data-test="own-spread">
          {{ t('player.zone.own', {
            major: asMetres(report.own.major), minor: asMetres(report.own.minor), charter: asMetres(report.own.charterSd),
          }) }}
          {{ report.own.measured ? '' : t('player.zone.charterUnknown') }}
          {{ report.own.limited ? t('player.zone.charterLimited') : '' }}
        </p>
      </template>
      <p v-else>{{ t('player.zone.unknown', { count: report.placements, fewest: report.fewest }) }}</p>
    </template>
  </section>
</template>

<style scoped>
.zone-chance {
  display: grid;
  gap: 8px;
  margin-top: 16px;
  max-width: 480px;
  min-height: 150px;
  align-content: start;
}

h3 {
  font-size: 16px;
}

.small {
  font-size: 14px;
}

.wanted {
  display: grid;
  grid-template-columns: 170px 1fr;
  gap: 16px;
  align-items: center;
}

.size {
  font-weight: 650;
}
</style>
