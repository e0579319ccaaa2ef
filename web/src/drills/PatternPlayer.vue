<script setup lang="ts">
import { mdiPause, mdiPlay, mdiSkipNext, mdiSkipPrevious, mdiVolumeHigh } from '@mdi/js'
import { usePreferredReducedMotion, useRafFn } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import PatternCourt from '@/court/PatternCourt.vue'
import type { Level, Stage, Surface } from '@/shared/api'
import { usePatterns } from '@/shared/patterns'

/** A pattern as it runs: at rally pace, slower, or step by step; read out where the device has a voice. */
const props = defineProps<{ level: Level, surface: Surface, beyond: Surface | undefined, stage: Stage }>()
const { t } = useI18n()
const { stepWords } = usePatterns()
const SHOT = 900
const motion = usePreferredReducedMotion()
const still = computed(() => motion.value === 'reduce')
const pattern = computed(() => props.level.dials.pattern ?? { steps: [] })
const at = ref<number>()
const part = ref(0)
const slow = ref(false)
const last = computed(() => pattern.value.steps.length - 1)

const { pause, resume, isActive } = useRafFn(({ delta }) => {
  part.value += delta / (slow.value ? 2 * SHOT : SHOT)
  if (part.value >= 1) {
    part.value = 0
    at.value = (at.value ?? 0) + 1
    if (at.value > last.value) {
      stop()
    }
  }
}, { immediate: false })

function stop() {
  pause()
  at.value = undefined
  part.value = 0
}

function play() {
  if (isActive.value) {
    pause()
  } else {
    at.value ??= 0
    resume()
  }
}

function go(by: number) {
  pause()
  part.value = still.value ? 0 : 1
  const next = (at.value ?? (by > 0 ? -1 : last.value + 1)) + by
  at.value = next < 0 || next > last.value ? undefined : next
}

watch(() => props.level, stop)

const line = computed(() => (props.level.spoken ?? '').replaceAll('"', ''))
const voice = typeof speechSynthesis === 'undefined' ? undefined : speechSynthesis
const spoken = computed(() => at.value === undefined ? '' : words(at.value))
const words = (place: number) => {
  const step = pattern.value.steps[place]
  return step ? stepWords(step, props.level.target) : ''
}

function readOut() {
  voice?.cancel()
  voice?.speak(Object.assign(new SpeechSynthesisUtterance(line.value), { lang: 'en' }))
}
onBeforeUnmount(() => voice?.cancel())
</script>

<template>
  <section class="player" :aria-label="t('pattern.title')">
    <div class="court-picture">
      <PatternCourt
        :surface="surface"
        :beyond="beyond"
        :stage="stage"
        :pattern="pattern"
        :at="at"
        :part="at === undefined || still ? undefined : part"
      />
    </div>
    <div class="controls">
      <v-btn v-if="!still" :prepend-icon="isActive ? mdiPause : mdiPlay" @click="play">
        {{ t(isActive ? 'pattern.pause' : 'pattern.play') }}
      </v-btn>
      <v-btn v-if="!still" :aria-pressed="slow" :variant="slow ? 'flat' : 'outlined'" @click="slow = !slow">{{ t('pattern.slower') }}</v-btn>
      <v-btn :prepend-icon="mdiSkipPrevious" @click="go(-1)">{{ t('pattern.back') }}</v-btn>
      <v-btn :prepend-icon="mdiSkipNext" @click="go(1)">{{ t('pattern.next') }}</v-btn>
      <v-btn v-if="voice" :prepend-icon="mdiVolumeHigh" @click="readOut">{{ t('pattern.readOut') }}</v-btn>
    </div>
    <p class="visually-hidden" aria-live="polite">{{ spoken }}</p>
    <ol class="list" data-test="pattern-steps">
      <li v-for="(_, place) in pattern.steps" :key="place" :class="{ now: place === at }">{{ words(place) }}</li>
    </ol>
    <p class="soft" data-test="spoken">{{ line }}</p>
  </section>
</template>

<style scoped>
.player {
  display: grid;
  gap: 12px;
}

.court-picture {
  height: min(64dvh, 480px);
}

.controls {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.list {
  padding-left: 28px;
  line-height: 1.6;
}

.now {
  font-weight: 650;
}
</style>
