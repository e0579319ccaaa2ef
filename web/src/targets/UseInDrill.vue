<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Club } from '@/shared/api'

/** Gives a level of a drill this target: a new version of the drill, its results kept apart. */
const props = defineProps<{ club: Club, target: string, court: string, rings: number }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ used: [] }>()
const { t } = useI18n()
const family = ref<string>()
const level = ref(1)
const ring = ref(0)
const problem = ref('')
const newest = computed(() => props.club.drills.filter((drill, place, all) =>
  drill.court === props.court && all.findIndex((other) => other.family === drill.family) === place))
const drill = computed(() => newest.value.find((one) => one.family === family.value))

async function use() {
  problem.value = ''
  const { data, error } = await api.POST('/api/drills/{family}/levels/{level}/target', {
    params: { path: { family: family.value ?? '', level: level.value } }, body: { target: props.target, ring: ring.value },
  }).catch(() => ({ data: undefined, error: undefined }))
  if (data) {
    open.value = false
    emit('used')
  } else {
    problem.value = (error as { detail?: string } | undefined)?.detail ?? t('state.offline')
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="440" :aria-label="t('editor.use')">
    <v-card class="dialog-card">
      <h2>{{ t('editor.use') }}</h2>
      <p v-if="newest.length === 0">{{ t('editor.noDrill') }}</p>
      <v-select
        v-model="family"
        :label="t('editor.drill')"
        :items="newest.map((one) => ({ value: one.family, title: one.name }))"
        hide-details
      />
      <v-select
        v-if="drill"
        v-model="level"
        :label="t('player.setLevel')"
        :items="drill.levels.map((one) => one.number)"
        hide-details
      />
      <v-select
        v-if="rings > 0"
        v-model="ring"
        :label="t('editor.ringThatCounts')"
        :items="[{ value: 0, title: t('editor.outermost') },
                 ...Array.from({ length: rings }, (_, place) => ({ value: place + 1, title: `${place + 1}` }))]"
        hide-details
      />
      <p class="soft">{{ t('editor.useNote') }}</p>
      <p v-if="problem" role="alert">{{ problem }}</p>
      <v-btn
        block
        color="primary"
        variant="flat"
        :disabled="!drill"
        @click="use"
      >
        {{ t('editor.use') }}
      </v-btn>
      <v-btn block variant="text" @click="open = false">{{ t('players.cancel') }}</v-btn>
    </v-card>
  </v-dialog>
</template>
