<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Advice, Plane, Ruling, SetView, Shot, Sport } from '@/shared/api'
import CloseCall from './CloseCall.vue'

/** What the set wants to know or to say now: a close call, that it is decided, that it is full. */
defineProps<{
  set: SetView | undefined
  closeShot: Shot | undefined
  onSurface: { sport: Sport, plane: Plane } | undefined
  effect: boolean
  already: Advice | undefined
}>()
const emit = defineEmits<{ call: [shot: string, ruling: Ruling] }>()
const { t } = useI18n()
</script>

<template>
  <div>
    <CloseCall
      v-if="closeShot"
      :shot="closeShot"
      :on-surface="onSurface"
      :effect="effect"
      @call="emit('call', closeShot.id, $event)"
    />
    <p v-else-if="already" class="words" role="status" data-test="already">{{ t(`courtside.already.${already.call}`) }}</p>
    <p v-else-if="set?.count.full" class="words">
      {{ set.count.left === 0 ? t('courtside.full', { balls: set.trials }) : t('count.over') }}
    </p>
  </div>
</template>

<style scoped>
.words {
  font-weight: 650;
}
</style>
