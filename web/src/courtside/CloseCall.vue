<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Plane, Ruling, Shot, Sport } from '@/shared/api'
import { useSentences } from '@/shared/sentences'

/** A shot close to an edge asks for the call; what the mark says stands until then. */
const props = defineProps<{ shot: Shot, onSurface?: { sport: Sport, plane: Plane } | undefined, effect: boolean }>()
const emit = defineEmits<{ call: [ruling: Ruling] }>()
const { t } = useI18n()
const { ruling } = useSentences()

/** Between two zones it is their numbers that tell the calls apart. */
function words(one: Ruling): string {
  const { ruling: stands, other } = props.shot
  const both = stands.outcome === 'HIT' && other?.outcome === 'HIT'
  return both ? `${ruling(one)} ${one.zone}` : ruling(one, props.onSurface)
}
</script>

<template>
  <section class="close-call" aria-live="polite">
    <h2>{{ t(effect ? 'courtside.effect' : 'courtside.close') }}</h2>
    <div class="two">
      <v-btn class="call" variant="tonal" @click="emit('call', props.shot.ruling)">{{ words(shot.ruling) }}</v-btn>
      <v-btn v-if="shot.other" class="call" @click="emit('call', shot.other)">{{ words(shot.other) }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-top: 8px;
}

.call {
  min-width: 0;
  height: 72px;
  font-size: 18px;
}
</style>
