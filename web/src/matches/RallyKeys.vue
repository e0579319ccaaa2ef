<script setup lang="ts">
import { mdiRedoVariant, mdiUndoVariant } from '@mdi/js'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { MatchView } from '@/shared/api'
import type { MatchRally } from './useMatchRally'
import type { Names } from './useMatchWords'
import { TEAMS } from './useMatch'

/** The keys along the edge nearest the writing hand: how the rally ends. */
const props = defineProps<{ match: MatchView, rally: MatchRally, names: Names }>()
const { t } = useI18n()
const pointsOnly = computed(() => props.match.depth === 'POINTS')
/** Whose winner it can be: none's between two rallies, nor where only points are charted. */
const winner = computed(() => pointsOnly.value ? undefined : props.rally.lastHitter.value)
</script>

<template>
  <div class="keys">
    <!-- With each rally one kind of key gives way to the other: both are there, and one is seen. -->
    <v-btn
      v-for="team in TEAMS"
      v-show="!winner"
      :key="`point ${team}`"
      class="key half"
      :disabled="match.ended"
      :data-test="`point-${team}`"
      @click="rally.end('WON', team)"
    >
      {{ t('match.pointTo', { name: names(team) }) }}
    </v-btn>
    <template v-if="!pointsOnly">
      <v-btn
        v-show="winner"
        class="key"
        :disabled="match.ended"
        data-test="winner"
        @click="rally.winner()"
      >
        {{ t('match.winnerOf', { name: names(winner ?? 'ONE') }) }}
      </v-btn>
      <v-btn
        v-for="team in TEAMS"
        v-show="winner"
        :key="`given ${team}`"
        class="key"
        :disabled="match.ended"
        :data-test="`given-${team}`"
        @click="rally.end('GIVEN', team)"
      >
        {{ t(match.agreed.format.sport === 'SQUASH' ? 'match.strokeTo' : 'match.givenTo', { name: names(team) }) }}
      </v-btn>
      <v-btn class="key" :disabled="match.ended" data-test="net" @click="rally.nextMissed('NET')">{{ t('outcome.NET') }}</v-btn>
      <v-btn class="key" :disabled="match.ended" data-test="long" @click="rally.nextMissed('LONG')">{{ t('outcome.LONG') }}</v-btn>
      <v-btn class="key" :disabled="match.ended" data-test="wide" @click="rally.nextMissed('WIDE')">{{ t('outcome.WIDE') }}</v-btn>
      <v-btn class="key" :disabled="match.ended" @click="rally.nextMissed('NO_REACH')">{{ t('outcome.NO_REACH') }}</v-btn>
      <v-btn
        class="key"
        :disabled="match.ended"
        :variant="rally.forced.value ? 'flat' : undefined"
        :aria-pressed="rally.forced.value"
        data-test="forced"
        @click="rally.force()"
      >
        {{ t('match.forced') }}
      </v-btn>
      <v-btn class="key" :disabled="match.ended" @click="rally.netClip()">{{ t('match.netClip') }}</v-btn>
    </template>
    <v-btn class="key half" :disabled="match.ended" data-test="let" @click="rally.end('LET')">{{ t('match.let') }}</v-btn>
    <v-btn class="key half" :disabled="match.ended" @click="rally.end('NOT_SEEN')">{{ t('outcome.NOT_SEEN') }}</v-btn>
    <v-btn class="key half" :disabled="!match.undo" :prepend-icon="mdiUndoVariant" @click="rally.undo()">{{ t('courtside.undo') }}</v-btn>
    <v-btn class="key half" :disabled="!match.redo" :prepend-icon="mdiRedoVariant" @click="rally.redo()">{{ t('courtside.redo') }}</v-btn>
  </div>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  grid-auto-rows: minmax(64px, auto);
  gap: 8px;
}

.key {
  grid-column: span 2;
  height: 100%;
  min-width: 0;
  padding: 0 4px;
  background: var(--sheet);
}

@media (max-width: 800px) {
  .keys {
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 4px;
  }

  .keys .key {
    grid-column: span 1;
    font-size: 14px;
  }
}

.key :deep(.v-btn__content) {
  white-space: normal;
}

.half {
  grid-column: span 3;
}
</style>
