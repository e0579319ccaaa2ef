<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Hand } from '@/shared/api'
import { vCursor } from '@/shared/cursor'

/** Adds a player; what was typed stays until the server has it. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ added: [] }>()
const { t } = useI18n()
const name = ref('')
const hand = ref<Hand>('RIGHT')
const problem = ref('')
let id = uuid()

watch(name, () => {
  problem.value = ''
})

async function add() {
  try {
    const { data, error } = await api.PUT('/api/players/{player}', {
      params: { path: { player: id } }, body: { name: name.value, hand: hand.value },
    })
    if (!data) {
      problem.value = (error as { detail?: string } | undefined)?.detail ?? t('state.failed')
      return
    }
    id = uuid()
    name.value = ''
    open.value = false
    emit('added')
  } catch {
    problem.value = t('state.offline')
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="440" :aria-label="t('players.add')">
    <v-card class="dialog-card">
      <form @submit.prevent="add">
        <h2>{{ t('players.add') }}</h2>
        <v-text-field
          v-model="name"
          v-cursor
          :label="t('players.name')"
          :error-messages="problem"
          maxlength="80"
        />
        <v-select
          v-model="hand"
          :label="t('players.hand')"
          :items="(['RIGHT', 'LEFT'] as const).map((value) => ({ value, title: t(`players.${value}`) }))"
        />
        <p class="soft">{{ t('players.noneBody') }}</p>
        <v-btn type="submit" block color="primary" variant="flat">{{ t('players.add') }}</v-btn>
        <v-btn block variant="text" @click="open = false">{{ t('players.cancel') }}</v-btn>
      </form>
    </v-card>
  </v-dialog>
</template>
