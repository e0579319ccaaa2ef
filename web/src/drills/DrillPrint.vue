<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub } from '@/charting/asked'
import PageStates from '@/shared/PageStates.vue'
import PlainState from '@/shared/PlainState.vue'
import { useAsked } from '@/shared/useAsked'
import DrillCard from './DrillCard.vue'
import { newestOf } from './newest'
import TallySheet from './TallySheet.vue'

/** One page of paper for a drill: its card, legible from the court, or a blank sheet to tally on. */
const props = defineProps<{ family: string, sheet: string }>()
const { t } = useI18n()
const { answer, failed, load } = useAsked(askClub)
const club = computed(() => answer.value?.data)
const drill = computed(() => newestOf(club.value?.drills ?? []).find((one) => one.family === props.family))
const court = computed(() => club.value?.courts.find((one) => one.id === drill.value?.court))
const print = () => window.print()
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" :cached-at="answer?.cached ? answer.at : undefined" @retry="load">
    <PlainState v-if="!drill || !court" :title="t('drills.notThere')" :body="t('drills.notThereBody')">
      <v-btn to="/drills">{{ t('drills.title') }}</v-btn>
    </PlainState>
    <div v-else class="printed-page">
      <p class="unprinted ends">
        <v-btn color="primary" variant="flat" @click="print">{{ t('drillCard.print') }}</v-btn>
        <router-link :to="`/drills/${family}`">{{ drill.name }}</router-link>
      </p>
      <TallySheet v-if="sheet === 'tally'" :drill="drill" />
      <DrillCard v-else :drill="drill" :court="court" />
    </div>
  </PageStates>
</template>

<style scoped>
.ends {
  display: flex;
  align-items: center;
  gap: 16px;
  padding-bottom: 16px;
}

.ends a {
  color: var(--ink);
}

.printed-page {
  max-width: 860px;
  padding: 16px 28px;
}

@media print {
  .printed-page {
    max-width: none;
    padding: 0;
  }
}
</style>
