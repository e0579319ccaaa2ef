<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { QueueTurn } from '@/charting/rules'
import type { Player } from '@/shared/api'
import { useSidewaysSwipe } from './useSidewaysSwipe'

/** Who hits now, large, with the others in their order. A swipe skips; a name gives the last ball, or the turn. */
const props = defineProps<{ turn: QueueTurn, players: Player[], lastBy: string | undefined }>()
const emit = defineEmits<{ skip: [], thatWas: [player: string], call: [player: string], away: [player: string], back: [player: string], end: [] }>()
const { t } = useI18n()
const now = useTemplateRef<HTMLElement>('now')
useSidewaysSwipe(now, () => emit('skip'))
const nameOf = (id: string) => props.players.find((one) => one.id === id)?.name.split(' ')[0] ?? ''
const order = computed(() => props.turn.queue.order.map((id) => ({ id, name: nameOf(id), away: props.turn.queue.away.includes(id) })))
</script>

<template>
  <section class="turns" :aria-label="t('queue.title')">
    <div ref="now" class="now">
      <p class="name" data-test="hitter">{{ nameOf(turn.hitter) }}</p>
      <p class="soft small">{{ t('queue.left', { count: turn.left, next: nameOf(turn.next) }, turn.left) }}</p>
    </div>
    <v-btn variant="text" @click="emit('skip')">{{ t('queue.skip') }}</v-btn>
    <ul>
      <li v-for="{ id, name, away } in order" :key="id">
        <v-btn size="small" :variant="id === turn.hitter ? 'flat' : 'outlined'" :class="{ away }">
          {{ name }}
          <v-menu activator="parent">
            <v-list>
              <v-list-item v-if="lastBy && lastBy !== id" :title="t('queue.thatWas', { name })" @click="emit('thatWas', id)" />
              <v-list-item v-if="id !== turn.hitter" :title="t('queue.call', { name })" @click="emit('call', id)" />
              <v-list-item v-if="away" :title="t('queue.back', { name })" @click="emit('back', id)" />
              <v-list-item v-else :title="t('queue.away', { name })" @click="emit('away', id)" />
            </v-list>
          </v-menu>
        </v-btn>
      </li>
    </ul>
    <v-btn variant="text" @click="emit('end')">{{ t('queue.end') }}</v-btn>
  </section>
</template>

<style scoped>
.turns {
  padding: 12px 16px;
  border-bottom: 1px solid var(--rule);
}

.now {
  touch-action: pan-y;
}

.name {
  font-size: 48px;
  font-weight: 700;
  line-height: 1.1;
}

.small {
  font-size: 14px;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  list-style: none;
  padding: 0;
  margin: 8px 0;
}

@media (max-width: 800px) {
  .turns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    padding: 4px 16px;
  }

  .name {
    font-size: 40px;
  }

  ul {
    flex-wrap: nowrap;
    overflow-x: auto;
    margin: 0;
  }
}

ul :deep(.v-btn) {
  min-height: 48px;
}

.away {
  text-decoration: line-through;
}
</style>
