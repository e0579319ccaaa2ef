<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub } from '@/charting/asked'
import { surfaceOf } from '@/court/shape'
import StagePicture from '@/court/StagePicture.vue'
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
const club = computed(() => answer.value?.data)
const newest = computed(() => newestOf(club.value?.drills ?? []))
const courtName = (id: string) => te(`courtName.${id}`) ? t(`courtName.${id}`) : id
const courts = computed(() => [
  { value: '', title: t('drills.anyCourt') },
  ...[...new Set(newest.value.map((drill) => drill.court))].map((value) => ({ value, title: courtName(value) })),
])
const rows = computed(() => newest.value
  .filter((drill) => !court.value || drill.court === court.value)
  .filter(({ name, feed, design }) => [name, feed, design.situation, ...design.purposes]
    .some((words) => words.toLowerCase().includes(sought.value.trim().toLowerCase())))
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
      <v-select
        v-model="court"
        class="sought"
        :label="t('targets.court')"
        :items="courts"
        hide-details
      />
    </template>
    <PlainState v-if="rows.length === 0" :title="t('drills.none')" :body="t('drills.noneBody')" />
    <ul>
      <ShelfCard v-for="{ drill, stage, surface } in rows" :key="drill.id" :name="drill.name" :to="`/drills/${drill.family}`">
        <template #picture>
          <StagePicture :surface="surface" :stage="stage" />
        </template>
        <span class="soft">
          {{ courtName(drill.court) }} · {{ t(`freedom.${drill.freedom}`) }} · {{ t('drills.minutes', { minutes: drill.design.minutes }) }}
        </span>
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
</style>
