<script setup lang="ts">
import { mdiClose, mdiUndoVariant } from '@mdi/js'
import { useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useSidewaysSwipe } from '@/queue/useSidewaysSwipe'
import { isMeant } from './fingers'

/** The whole screen in two halves, hit and not, for a hand that is busy; where sides play, a column for each. */
defineProps<{ name: string, counted: string, standing: string, sides: string[], canUndo: boolean, full: boolean }>()
const emit = defineEmits<{ skip: [], hit: [side: number], not: [side: number], undo: [], leave: [], close: [] }>()
const { t } = useI18n()
const who = useTemplateRef<HTMLElement>('who')
useSidewaysSwipe(who, () => emit('skip'))
</script>

<template>
  <section class="halves" :aria-label="t('ways.HALVES')">
    <header>
      <v-btn :icon="mdiUndoVariant" :aria-label="t('courtside.undo')" :disabled="!canUndo" @click="emit('undo')" />
      <p ref="who" class="told">
        <span class="who">{{ name }}</span>
        <span class="count" data-test="halves-count">{{ counted }}</span>
        <span class="wanted">{{ standing }}</span>
      </p>
      <v-btn :icon="mdiClose" :aria-label="t('ways.leave')" @click="emit('leave')" />
    </header>
    <v-btn v-if="full" class="whole" size="x-large" @click="emit('close')">{{ t('courtside.closeSet') }}</v-btn>
    <div v-else class="columns">
      <div v-for="(side, number) in sides.length ? sides : ['']" :key="number" class="pair">
        <button
          type="button"
          class="hit"
          :data-test="`hit-${number}`"
          @pointerdown.prevent="isMeant($event) && emit('hit', number)"
          @keydown.enter="emit('hit', number)"
        >
          {{ t('outcome.HIT') }}<span v-if="side" class="side">{{ side }}</span>
        </button>
        <button
          type="button"
          class="not"
          :data-test="`not-${number}`"
          @pointerdown.prevent="isMeant($event) && emit('not', number)"
          @keydown.enter="emit('not', number)"
        >
          {{ t('outcome.NOT_HIT') }}<span v-if="side" class="side">{{ side }}</span>
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.halves {
  position: fixed;
  inset: 0;
  z-index: 1500;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  background: var(--paper);
}

header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  padding: 8px;
}

header :deep(.v-btn) {
  width: 64px;
  height: 64px;
  border-radius: 6px;
}

.told {
  display: grid;
  justify-items: center;
  line-height: 1.1;
}

.told .count {
  font-size: 64px;
}

.told {
  touch-action: pan-y;
}

.who {
  font-size: 28px;
  font-weight: 650;
}

.columns {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  gap: 8px;
  padding: 0 8px 8px;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.pair:not(:only-child) {
  grid-template: 1fr 1fr / 1fr;
}

.pair button {
  display: grid;
  place-content: center;
  justify-items: center;
  font-size: 40px;
  border: 2px solid var(--ink);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  touch-action: none;
  user-select: none;
}

.pair .hit {
  background: var(--floor);
}

.side {
  font-size: 18px;
}

.whole {
  place-self: center;
}

@media (orientation: portrait) {
  .pair {
    grid-template: 1fr 1fr / 1fr;
  }
}
</style>
