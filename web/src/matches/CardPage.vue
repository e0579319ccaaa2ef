<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { askListed } from '@/charting/asked'
import PageStates from '@/shared/PageStates.vue'
import { useAsked } from '@/shared/useAsked'
import RulesInWords from './RulesInWords.vue'
import { useMatch } from './useMatch'
import { useMatchWords } from './useMatchWords'

/** The rules of a game on paper, for the wall or the bag. */
const props = defineProps<{ run: string }>()
const { t } = useI18n()
const charted = useMatch()
const words = useMatchWords()
const { answer, failed, load } = useAsked(async () => {
  const [club] = await Promise.all([askListed(), charted.look(props.run)])
  return club
})
const players = computed(() => answer.value?.data.players ?? [])
const print = () => window.print()
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer && !!charted.match.value" @retry="load">
    <article v-if="charted.match.value" class="printed-page">
      <h1>{{ t('match.cardTitle') }}</h1>
      <p>{{ words.between(charted.match.value, players) }}</p>
      <RulesInWords :agreed="charted.match.value.agreed" />
      <p class="unprinted"><v-btn size="large" @click="print">{{ t('match.card') }}</v-btn></p>
    </article>
  </PageStates>
</template>

<style scoped>
.printed-page {
  display: grid;
  gap: 16px;
  max-width: 800px;
  padding: 32px;
  font-size: 20px;
}
</style>
