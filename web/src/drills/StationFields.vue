<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { useI18n } from 'vue-i18n'
import type { Goal } from '@/shared/api'
import CountField from './CountField.vue'
import WordsField from './WordsField.vue'

/** The stations of a ladder or circuit, in the order in which they are run. */
type Station = NonNullable<Goal['stations']>[number]
const props = defineProps<{ at: string, goal: Goal, zones: { number: number, name: string }[] }>()
const emit = defineEmits<{ stations: [stations: Station[]] }>()
const { t } = useI18n()
const MOST = 20
const stations = () => props.goal.stations ?? []
const timed = () => props.goal.kind === 'CIRCUIT'
const zoneItems = () => [{ value: 0, title: t('drillEdit.anyZone') }, ...props.zones.map(({ number: value, name: title }) => ({ value, title }))]

const set = (place: number, given: Partial<Station>) =>
  emit('stations', stations().map((one, index) => index === place ? { ...one, ...given } : one))
const add = () => {
  const name = String(stations().length + 1)
  emit('stations', [...stations(), timed() ? { name, zone: 0, seconds: 60 } : { name, zone: 0, hits: 3 }])
}
const remove = (place: number) => emit('stations', stations().filter((_, index) => index !== place))
</script>

<template>
  <ol class="stations">
    <li v-for="(station, place) in stations()" :key="place">
      <WordsField
        :model-value="station.name"
        :label="t('drillEdit.station', { number: place + 1 })"
        :at="`${at}.stations.${place}.name`"
        :longest="60"
        @update:model-value="set(place, { name: $event })"
      />
      <CountField
        v-if="timed()"
        :label="t('drillEdit.count.seconds')"
        :at="`${at}.stations.${place}.seconds`"
        :model-value="station.seconds"
        @update:model-value="set(place, { seconds: $event ?? 60 })"
      />
      <CountField
        v-else
        :label="t('drillEdit.count.hits')"
        :at="`${at}.stations.${place}.hits`"
        :model-value="station.hits"
        @update:model-value="set(place, { hits: $event ?? 1 })"
      />
      <v-select
        :model-value="station.zone"
        :label="t('drillEdit.zone')"
        :items="zoneItems()"
        hide-details
        @update:model-value="set(place, { zone: $event })"
      />
      <v-btn :icon="mdiClose" variant="text" :aria-label="t('drillEdit.removeStation', { number: place + 1 })" @click="remove(place)" />
    </li>
  </ol>
  <v-btn v-if="stations().length < MOST" :prepend-icon="mdiPlus" @click="add">{{ t('drillEdit.addStation') }}</v-btn>
</template>

<style scoped>
li > :first-child {
  grid-area: name;
}

li > :last-child {
  grid-area: remove;
}

li > :nth-child(3) {
  grid-area: zone;
}

.stations {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 8px;
}

li {
  display: grid;
  grid-template: 'name name remove' auto 'count zone zone' auto / 92px minmax(0, 1fr) 48px;
  gap: 6px;
  align-items: center;
  padding-bottom: 8px;
  border-bottom: 1px solid var(--rule);
}
</style>
