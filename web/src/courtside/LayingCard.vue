<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Card, Hand, Level } from '@/shared/api'
import { asMetres } from '@/shared/format'

/** How to put the level's target down: each marker by two distances from lines that can be seen. */
const props = defineProps<{ level: Level, hand: Hand }>()
const open = defineModel<boolean>({ required: true })
const { t } = useI18n()
type Offset = Card['markers'][number]['across']

const card = computed(() => props.hand === 'LEFT' ? props.level.zone.cardForLeft : props.level.zone.card)

function words({ line, metres, side }: Offset): string {
  const name = t(`line.${line}`)
  return side === 'NONE' ? t('laying.on', { line: name }) : t(`laying.${side}`, { metres: asMetres(metres), line: name })
}

const print = () => window.print()
</script>

<template>
  <v-dialog v-model="open" max-width="640" :transition="false" :aria-label="t('laying.title', { name: level.zone.name })">
    <v-card v-if="card" class="dialog-card printed" data-test="laying">
      <h2>{{ level.zone.number }} {{ level.zone.name }}</h2>
      <p class="soft">
        {{ t('laying.needed', { count: card.markers.length }, card.markers.length) }}.
        {{ t('laying.for', hand === 'LEFT' ? 2 : 1) }}
      </p>
      <ol>
        <li v-for="(marker, place) in card.markers" :key="place">
          <span>{{ words(marker.across) }}</span>
          <span>{{ words(marker.along) }}</span>
        </li>
      </ol>
      <p v-if="card.radius > 0">{{ t('laying.cord', { metres: asMetres(card.radius) }) }}</p>
      <div class="buttons">
        <v-btn @click="print">{{ t('laying.print') }}</v-btn>
        <v-btn @click="open = false">{{ t('settings.close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
ol {
  display: grid;
  gap: 8px;
  padding-left: 24px;
}

li span {
  display: block;
}

li {
  padding-left: 8px;
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}

.buttons {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

@media print {
  .buttons {
    display: none;
  }
}
</style>
