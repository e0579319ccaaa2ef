<script setup lang="ts">
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drill, Player, SetLine } from '@/shared/api'
import { clubDate, noonOf } from '@/shared/clock'

/** Where a set should have been: another player, level or date. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ set: SetLine, drill: Drill, players: Player[] }>()
const emit = defineEmits<{ move: [to: { player: Player, level: number, heldAt: number }] }>()
const { t } = useI18n()
const player = ref('')
const level = ref(1)
const date = ref('')

watch(open, () => {
  player.value = props.set.player
  level.value = props.set.level
  date.value = clubDate(props.set.heldAt)
}, { immediate: true })

function move() {
  const to = props.players.find((one) => one.id === player.value)
  const { heldAt } = props.set
  if (to && date.value) {
    emit('move', { player: to, level: level.value, heldAt: heldAt + noonOf(date.value) - noonOf(clubDate(heldAt)) })
    open.value = false
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="440" :aria-label="t('player.moveTitle')">
    <v-card class="dialog-card">
      <form @submit.prevent="move">
        <h2>{{ t('player.moveTitle') }}</h2>
        <v-autocomplete
          v-model="player"
          auto-select-first
          :label="t('player.movePlayer')"
          :items="players.map((one) => ({ value: one.id, title: one.name }))"
        />
        <v-select v-model="level" :label="t('player.moveLevel')" :items="drill.levels.map((rung) => rung.number)" />
        <v-text-field v-model="date" type="date" :label="t('player.moveDate')" />
        <p class="soft">{{ t('player.moveNote') }}</p>
        <v-btn type="submit" block color="primary" variant="flat">{{ t('player.moveDo') }}</v-btn>
        <v-btn block variant="text" @click="open = false">{{ t('players.cancel') }}</v-btn>
      </form>
    </v-card>
  </v-dialog>
</template>
