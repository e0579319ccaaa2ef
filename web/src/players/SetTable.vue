<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Drill, Reading } from '@/shared/api'
import { asDay } from '@/shared/format'
import { levelOf, useSentences } from '@/shared/sentences'
import { useSetNotes } from './useSetNotes'

/** Each set: when, on what, how many, and what it says; a touch chooses it. */
defineProps<{ sets: Reading[], drill: Drill, chosen: string | undefined }>()
const emit = defineEmits<{ choose: [run: string] }>()
const { t } = useI18n()
const { advice, targetWords } = useSentences()
const { ofReading } = useSetNotes()

function size(drill: Drill, { level, laid }: Reading['set']): string {
  const words = targetWords(levelOf(drill, level))
  return laid ? t('target.laidOtherwise', { target: words }) : words
}
</script>

<template>
  <table class="plain-table">
    <thead>
      <tr>
        <th scope="col">{{ t('player.date') }}</th>
        <th scope="col">{{ t('player.setLevel') }}</th>
        <th scope="col">{{ t('player.count') }}</th>
        <th scope="col">{{ t('player.size') }}</th>
        <th scope="col">{{ t('player.verdict') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="reading in sets" :key="reading.set.run" :class="{ chosen: reading.set.run === chosen, struck: reading.set.struck }">
        <td>
          <button
            type="button"
            :aria-pressed="reading.set.run === chosen"
            :title="reading.advice ? advice(reading.advice) : ''"
            @click="emit('choose', reading.set.run)"
          >
            {{ asDay(reading.set.heldAt) }}
          </button>
        </td>
        <td>{{ reading.set.level }}</td>
        <td class="count-cell">{{ t('courtside.count', { hits: reading.hits, trials: reading.trials }) }}</td>
        <td>{{ size(drill, reading.set) }}</td>
        <td>
          <span class="standing" :class="reading.set.closed ? reading.standing : ''">
            {{ reading.set.closed ? t(`player.standing.${reading.standing}`) : '' }}
          </span>
          <span class="soft notes">{{ ofReading(reading).join(' · ') }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
button {
  min-height: 48px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 3px;
  white-space: nowrap;
}

.chosen td {
  background: var(--floor);
}

.chosen button {
  font-weight: 650;
}

.standing {
  padding-left: 8px;
  border-left: 4px solid transparent;
  margin-right: 8px;
}

.standing.MET {
  border-color: var(--pine);
}

.standing.OUT_OF_REACH,
.standing.OPEN {
  border-color: var(--rule);
}

.notes {
  font-size: 14px;
}
</style>
