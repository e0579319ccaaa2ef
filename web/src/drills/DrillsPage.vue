<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub } from '@/charting/asked'
import { surfaceOf } from '@/court/shape'
import StagePicture from '@/court/StagePicture.vue'
import type { Drill } from '@/shared/api'
import PlainState from '@/shared/PlainState.vue'
import { useSentences } from '@/shared/sentences'
import ShelfCard from '@/shared/ShelfCard.vue'
import ShelfPage from '@/shared/ShelfPage.vue'
import { useAsked } from '@/shared/useAsked'
import { newestOf } from './newest'

/** The club's drills, to search and to open. */
const { t, te } = useI18n()
const { goal } = useSentences()
const { answer, failed, load } = useAsked(askClub)
const sought = ref('')
const court = ref('')
const purpose = ref('')
const freedom = ref('')
const group = ref(0)
const minutes = ref(0)
const club = computed(() => answer.value?.data)
const newest = computed(() => newestOf(club.value?.drills ?? []))
const courtName = (id: string) => te(`courtName.${id}`) ? t(`courtName.${id}`) : id
const options = (values: string[], any: string, title: (value: string) => string) =>
  [{ value: '', title: t(any) }, ...[...new Set(values)].map((value) => ({ value, title: title(value) }))]
const courts = computed(() => options(newest.value.map((drill) => drill.court), 'drills.anyCourt', courtName))
const purposes = computed(() => options(newest.value.flatMap((drill) => drill.design.purposes).sort(), 'drills.anyPurpose', (words) => words))
const FREEDOMS = ['FED', 'FIXED', 'RANDOM', 'SEMI_OPEN', 'GAME', 'MATCH']
const freedoms = options(FREEDOMS, 'drills.anyFreedom', (value) => t(`freedom.${value}`))
const groups = [0, 1, 2, 3, 4, 6, 8, 12].map((value) =>
  ({ value, title: value ? t('drills.players', { players: value }, value) : t('drills.anyGroup') }))
const lengths = [0, 5, 10, 15, 20].map((value) => ({ value, title: value ? t('drills.atMost', { minutes: value }) : t('drills.anyLength') }))

function fits({ name, feed, design, court: on, freedom: how }: Drill): boolean {
  const words = [name, feed, design.situation, ...design.purposes].join(' ').toLowerCase()
  return words.includes(sought.value.trim().toLowerCase())
    && (!court.value || on === court.value)
    && (!purpose.value || design.purposes.includes(purpose.value))
    && (!freedom.value || how === freedom.value)
    && (!group.value || (design.players.least <= group.value && group.value <= design.players.most))
    && (!minutes.value || design.minutes <= minutes.value)
}

function playersOf({ design: { players: { least, most } } }: Drill): string {
  return least === most ? t('drills.players', { players: least }, least) : t('drills.playersFromTo', { least, most })
}

const rows = computed(() => newest.value
  .filter(fits)
  .flatMap((drill) => {
    const on = club.value?.courts.find((one) => one.id === drill.court)
    const stage = drill.levels[0]?.forRight.stages.at(-1)
    return on && stage ? [{ drill, stage, surface: surfaceOf(on, stage.plane) }] : []
  }))
</script>

<template>
  <ShelfPage
    :title="t('drills.title')"
    :failed="failed"
    :ready="!!answer"
    :cached-at="answer?.cached ? answer.at : undefined"
    takes-in="/api/exchange/drills"
    accept=".json"
    :import-word="t('drills.import')"
    @load="load"
  >
    <template #links>
      <router-link to="/drills/targets">{{ t('targets.title') }}</router-link>
      <router-link to="/drills/places">{{ t('places.title') }}</router-link>
    </template>
    <template #tools>
      <v-text-field
        v-model="sought"
        class="sought"
        :label="t('drills.search')"
        hide-details
        clearable
        @click:clear="sought = ''"
      />
      <v-btn color="primary" variant="flat" :to="`/drills/new/${court || 'badminton'}`">{{ t('drills.new') }}</v-btn>
    </template>
    <div class="filters">
      <v-select v-model="court" :label="t('targets.court')" :items="courts" hide-details />
      <v-autocomplete
        v-model="purpose"
        :label="t('drills.purpose')"
        :items="purposes"
        auto-select-first
        hide-details
      />
      <v-select v-model="freedom" :label="t('drillEdit.freedom')" :items="freedoms" hide-details />
      <v-select v-model="group" :label="t('drills.group')" :items="groups" hide-details />
      <v-select v-model="minutes" :label="t('drills.length')" :items="lengths" hide-details />
    </div>
    <p class="soft" role="status" data-test="found">{{ t('drills.found', { count: rows.length }, rows.length) }}</p>
    <PlainState v-if="rows.length === 0" :title="t('drills.none')" :body="t('drills.noneBody')" />
    <ul>
      <ShelfCard v-for="{ drill, stage, surface } in rows" :key="drill.id" :name="drill.name" :to="`/drills/${drill.family}`">
        <template #picture>
          <StagePicture :surface="surface" :stage="stage" />
        </template>
        <span class="soft">
          {{ courtName(drill.court) }} · {{ t(`freedom.${drill.freedom}`) }} · {{ t('drills.minutes', { minutes: drill.design.minutes }) }}
          · {{ playersOf(drill) }}
        </span>
        <span>{{ drill.design.purposes.join(', ') }}</span>
        <span>{{ goal(drill.levels[0]!) }}</span>
        <span class="soft">{{ t('drills.levels', { count: drill.levels.length }, drill.levels.length) }}</span>
      </ShelfCard>
    </ul>
  </ShelfPage>
</template>

<style scoped>
.sought {
  min-width: 200px;
}

.filters {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px;
  margin: 16px 0 8px;
}
</style>
