<script setup lang="ts">
import { useIntervalFn, useWakeLock } from '@vueuse/core'
import { computed, onBeforeUnmount } from 'vue'
import { useI18n } from 'vue-i18n'
import { askGroup, askListed } from '@/charting/asked'
import PageStates from '@/shared/PageStates.vue'
import { useAsked } from '@/shared/useAsked'
import GroupBoard from './GroupBoard.vue'

/** A group on another screen: who is where, and nothing to touch. */
const props = defineProps<{ run: string }>()
const { t } = useI18n()
const EVERY = 3000
const wakeLock = useWakeLock()
const { answer, failed, load } = useAsked(async () => {
  const [club, view] = await Promise.all([askListed(), askGroup(props.run)])
  return { club, view, at: view.cached ? view.at : undefined }
})
useIntervalFn(() => void load(), EVERY)
void wakeLock.request('screen').catch(() => undefined)
onBeforeUnmount(() => void wakeLock.release())
const view = computed(() => answer.value?.view.data)
const nameOf = (id: string) => answer.value?.club.data.players.find((one) => one.id === id)?.name.split(' ')[0] ?? ''
const comingOn = computed(() => view.value?.next
  .filter(({ court, player }) => court > 0 && view.value?.on.find((spot) => spot.player === player)?.court !== court)
  .map(({ player }) => nameOf(player)).join(', '))
</script>

<template>
  <PageStates :failed="failed && !answer" :ready="!!answer" :cached-at="answer?.at" @retry="load">
    <div v-if="view" class="far">
      <h1 class="visually-hidden">{{ t(`group.form.${view.form.kind}`) }}</h1>
      <GroupBoard :group="view" :name-of="nameOf" @score="() => undefined" />
      <p v-if="view.ended" class="next">{{ t('group.over') }}</p>
      <p v-else-if="!view.lastTurn && comingOn" class="next">{{ t('group.comesOn', { names: comingOn }) }}</p>
    </div>
  </PageStates>
</template>

<style scoped>
.far {
  display: grid;
  gap: 24px;
  padding: 24px 32px;
}

.next {
  font-size: 40px;
}
</style>
