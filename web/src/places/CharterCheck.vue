<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import CourtDrawing from '@/court/CourtDrawing.vue'
import type { Place } from '@/court/turn'
import { api, type Court, type PlaceVersion } from '@/shared/api'
import { useSettings } from '@/shared/settings'
import { spotsOf } from './spots'

/**
 * The two-minute check: from where one charts, look at a spot on the real court that the lines mark, and touch it on a
 * court drawn without them. What it misses by is the charter's own error.
 */
const props = defineProps<{ place: PlaceVersion, court: Court }>()
const emit = defineEmits<{ close: [], kept: [] }>()
const { t, te } = useI18n()
const settings = useSettings()
const TRIES = 10
const surface = computed(() => props.court.surfaces[0])
const spots = computed(() => surface.value ? spotsOf(surface.value, TRIES) : [])
const touches = shallowRef<Place[]>([])
const problem = ref('')
const open = ref(true)
const spot = computed(() => spots.value[touches.value.length])
const name = (line: string) => te(`line.${line}`) ? t(`line.${line}`) : line
const done = computed(() => touches.value.length >= spots.value.length)

async function keep() {
  const tries = touches.value.map((touched, place) => {
    const known = spots.value[place]
    return { touched, ...known && { known: { x: known.x, y: known.y } } }
  })
  const { data, error } = await api.POST('/api/places/{place}/check', {
    params: { path: { place: props.place.id } }, body: { tries },
  }).catch(() => ({ data: undefined, error: undefined }))
  if (data) {
    emit('kept')
  } else {
    problem.value = (error as { detail?: string } | undefined)?.detail ?? t('state.offline')
  }
}
</script>

<template>
  <v-dialog v-model="open" fullscreen :transition="false" :aria-label="t('places.check')">
    <v-card class="check" data-test="check">
      <div class="words">
        <h2>{{ t('places.check') }}</h2>
        <p>{{ t('places.checkHelp') }}</p>
        <p v-if="spot" class="spot" aria-live="polite" data-test="spot">
          {{ t('places.spot', { number: touches.length + 1, count: spots.length, across: name(spot.across), along: name(spot.along) }) }}
        </p>
        <p v-else class="spot">{{ t('places.checkDone') }}</p>
        <p v-if="problem" role="alert">{{ problem }}</p>
        <v-btn v-if="done" color="primary" variant="flat" @click="keep">{{ t('editor.keep') }}</v-btn>
        <v-btn :disabled="touches.length === 0" @click="touches = touches.slice(0, -1)">{{ t('courtside.undo') }}</v-btn>
        <v-btn variant="text" @click="emit('close')">{{ t('players.cancel') }}</v-btn>
      </div>
      <div class="drawn">
        <CourtDrawing
          v-if="surface?.regions[0]"
          :surface="surface"
          :in-use="{ ...surface.regions[0], area: { kind: 'RECTANGLE', bounds: surface.extent, middle: { x: 0, y: 0 } }, unused: [] }"
          :zones="[]"
          :standpoint="settings.standpoint"
          :marks="[]"
          :label="t('places.check')"
          bare
          live
          @touch="(at) => { if (!done) touches = [...touches, at] }"
        />
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.check {
  display: grid;
  grid-template-columns: 320px minmax(0, 1fr);
  height: 100dvh;
}

.words {
  display: grid;
  align-content: start;
  gap: 16px;
  padding: 24px;
}

.spot {
  font-size: 24px;
  font-weight: 650;
}

.drawn {
  min-height: 0;
  padding: 8px;
}

@media (max-width: 800px) {
  .check {
    grid-template: auto minmax(0, 1fr) / 1fr;
  }
}
</style>
