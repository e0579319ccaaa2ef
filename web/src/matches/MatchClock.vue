<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { useFeedback } from '@/courtside/feedback'
import { asMinutes } from '@/shared/format'

/** What is left of the time that was agreed. It signals and proposes the end; a rally that is on is played to its end. */
const props = defineProps<{ minutes: number, played: () => number, cue: ReturnType<typeof useFeedback> }>()
const emit = defineEmits<{ end: [] }>()
const { t } = useI18n()
const now = ref(props.played())
useIntervalFn(() => (now.value = props.played()), 500)
const seconds = computed(() => Math.max(0, Math.ceil(props.minutes * 60 - now.value / 1000)))
const isOver = computed(() => seconds.value === 0)
watch(isOver, (over) => over && props.cue('signal'))
</script>

<template>
  <div class="time">
    <p v-if="!isOver" role="timer" data-test="time-left">{{ t('match.timeLeft', { time: asMinutes(seconds) }) }}</p>
    <p role="status">{{ isOver ? t('match.timeOver') : '' }}</p>
    <v-btn v-if="isOver" data-test="time-over" @click="emit('end')">{{ t('match.endIt') }}</v-btn>
  </div>
</template>

<style scoped>
/* As high before the end as after it: no key moves under a finger. */
.time {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 56px;
  font-family: var(--counts);
}
</style>
