<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Ruling, Shot } from '@/shared/api'
import { plain, useSentences } from '@/shared/sentences'

/** Calls one shot anew: the call counts, the mark stays as touched. */
defineProps<{ shot: Shot, number: number }>()
const emit = defineEmits<{ call: [ruling: Ruling], done: [] }>()
const { t } = useI18n()
const { ruling } = useSentences()
const CALLS: Ruling[] = [
  plain('HIT'), plain('IN', 'SHORT'), plain('IN', 'DEEP'), plain('IN', 'LEFT'), plain('IN', 'RIGHT'), plain('LONG'),
  plain('WIDE', 'LEFT'), plain('WIDE', 'RIGHT'), plain('NET'), plain('NO_REACH'), plain('NOT_SEEN'), plain('VOID'),
]
</script>

<template>
  <section class="change" :aria-label="t('courtside.change', { number })">
    <h2>{{ t('courtside.shot', { number, ruling: ruling(shot.ruling) }) }}</h2>
    <div class="calls">
      <v-btn
        v-for="call in CALLS"
        :key="call.outcome + call.side"
        class="call"
        :variant="call.outcome === shot.ruling.outcome && call.side === shot.ruling.side ? 'flat' : 'outlined'"
        @click="emit('call', call)"
      >
        {{ ruling(call) }}
      </v-btn>
    </div>
    <v-btn block variant="text" @click="emit('done')">{{ t('courtside.changeDone') }}</v-btn>
  </section>
</template>

<style scoped>
.calls {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin: 12px 0 4px;
}

.call {
  min-width: 0;
  height: 64px;
}
</style>
