<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useOnCourt } from '@/courtside/useOnCourt'
import { newestOf } from '@/drills/newest'
import type { ListedDrill, Player } from '@/shared/api'

/** A drill that was not planned: the drill, then the player, and the court is there. What was used last comes first. */
const props = defineProps<{ drills: ListedDrill[], players: Player[] }>()
const { t } = useI18n()
const onCourt = useOnCourt()
const chosen = ref<ListedDrill>()
const MOST = 8
const all = ref(false)
const rankOf = (list: string[], id: string) => (list.indexOf(id) + list.length + 1) % (list.length + 1)
const drills = computed(() => {
  const newest = newestOf(props.drills)
  return [...newest].sort((one, other) => rankOf(onCourt.lastDrills, one.family) - rankOf(onCourt.lastDrills, other.family))
})
const shown = computed(() => all.value ? drills.value : drills.value.slice(0, MOST))
const players = computed(() =>
  [...props.players].sort((one, other) => rankOf(onCourt.lastPlayers, one.id) - rankOf(onCourt.lastPlayers, other.id)))
</script>

<template>
  <section class="other">
    <h2>{{ t('today.other') }}</h2>
    <div v-if="!chosen" class="choices" data-test="other-drills">
      <v-btn v-for="drill in shown" :key="drill.family" @click="chosen = drill">{{ drill.name }}</v-btn>
      <v-btn v-if="!all && drills.length > MOST" variant="text" @click="all = true">{{ t('today.allDrills', { count: drills.length }) }}</v-btn>
    </div>
    <div v-else class="choices" data-test="other-players">
      <v-btn variant="text" @click="chosen = undefined">{{ chosen.name }} ×</v-btn>
      <v-btn v-for="player in players" :key="player.id" :to="`/courtside/${player.id}/${chosen.id}`">{{ player.name }}</v-btn>
      <v-btn v-if="chosen.mostPlayers > 1" variant="text" :to="`/queue/${chosen.id}`">{{ t('queue.open') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.other {
  margin-top: 24px;
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}

.choices :deep(.v-btn) {
  min-height: 48px;
}
</style>
