<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Level, SetView, Shot } from '@/shared/api'
import { usePainted } from '@/shared/painted'
import { usePatterns } from '@/shared/patterns'
import { useSettings } from '@/shared/settings'
import { steady } from '@/shared/steady'
import type { Logged } from './entries'
import PatternOthers from './PatternOthers.vue'
import StrokeChoice from './StrokeChoice.vue'
import type { PatternNow } from './usePattern'
import type { Charted } from './useSet'

/** The pass that is on: which shot is next, how others end it, and where passes break, once that is sure. */
const props = defineProps<{
  level: Level
  set: SetView | undefined
  now: PatternNow
  charted: Charted
  chosen: Shot | undefined
}>()
const emit = defineEmits<{ enter: [write: () => Logged] }>()
const { t } = useI18n()
const words = usePatterns()
const settings = useSettings()
/** Milliseconds after which what was touched is painted. */
const AFTER_PAINT = 120
const pattern = computed(() => props.now.pattern.value)
const steps = computed(() => (pattern.value?.steps ?? []).map((step) => ({
  ...step, words: words.stepWords(step, props.level.target), short: step.by === 'FEEDER' ? t('pattern.feederShort') : step.by,
})))
const held = computed(() => new Set(props.now.passes.value?.now.filter((one) => one.held).map((one) => one.step)))
const tally = computed(() => {
  const { whole = 0, broken = 0, byOthers = 0 } = props.now.passes.value ?? {}
  return t('pattern.tally', { whole, broken, others: byOthers })
})
/** The shot whose stroke can be said: the chosen one, or the player's last. */
const struck = usePainted(() => props.chosen ?? props.now.lastOwn.value)
const strokes = steady(() => props.now.strokesOf(struck.value))

const weakest = ref<number>()
const passes = computed(() => (props.now.passes.value?.whole ?? 0) + (props.now.passes.value?.broken ?? 0))
// Told only when a pass is over, and after what was touched is painted: no touch waits for it.
watchDebounced(passes, (count) => {
  weakest.value = count > 0 ? props.charted.says.passReport()?.weakest : undefined
}, { immediate: true, debounce: AFTER_PAINT })
const breaks = computed(() => {
  const step = weakest.value === undefined ? undefined : steps.value[weakest.value]
  const count = props.now.passes.value?.steps.find((one) => one.step === weakest.value)
  return step && count
    ? t('pattern.weakest', { step: step.words, held: count.held, reached: count.reached })
    : t('pattern.notClear')
})
</script>

<template>
  <section class="pattern" :aria-label="t('pattern.title')">
    <ol class="steps" :aria-label="t('pattern.steps')">
      <li
        v-for="(step, place) in steps"
        :key="place"
        :class="{ next: now.expected.value.includes(place), held: held.has(place), other: step.by !== now.as.value }"
        :title="step.words"
      >
        {{ step.short }}
      </li>
    </ol>
    <p class="next-step" :class="{ called: now.called.value }" data-test="next-step">{{ now.next.value }}</p>
    <StrokeChoice
      :shot="struck"
      :strokes="strokes"
      :closed="!set || set.closed"
      @stroke="(shot, stroke) => emit('enter', () => charted.entries.stroke(shot, stroke))"
    />
    <PatternOthers
      v-if="pattern"
      :pattern="pattern"
      :set="set"
      :as="now.as.value"
      :both-sides="settings.bothSides"
    />
    <p class="small" data-test="passes">{{ tally }}</p>
    <p class="small soft" data-test="weakest">{{ breaks }}</p>
  </section>
</template>

<style scoped>
.pattern {
  display: grid;
  gap: 6px;
}

.steps {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
  list-style: none;
  padding: 0;
}

.steps li {
  min-width: 26px;
  padding: 1px 5px;
  text-align: center;
  font-size: 14px;
  border: 1px solid var(--rule);
  border-radius: 6px;
}

.steps .other {
  border-style: dashed;
  color: var(--steel);
}

.steps .held {
  background: var(--ink);
  color: var(--paper);
}

.steps .next {
  outline: 3px solid var(--ink);
}

/* Two lines, whether they are filled or not. */
.next-step {
  display: grid;
  align-content: center;
  min-height: 48px;
  font-size: 18px;
  line-height: 1.3;
  font-weight: 650;
}

/* To be read at a glance, from where the feeder stands. */
.called {
  padding: 4px 8px;
  font-size: 22px;
  background: var(--ink);
  color: var(--paper);
  border-radius: 6px;
}

.small {
  font-size: 14px;
  line-height: 1.35;
}
</style>
