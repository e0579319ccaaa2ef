<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { GameRule } from '@/shared/api'
import OneOf from '@/shared/OneOf.vue'

/** What else holds in a game, each rule on a line of its own. */
defineProps<{ strokes: string[] }>()
const rules = defineModel<GameRule[]>({ required: true })
const { t } = useI18n()
const MOST = 8
const THEN = ['LOST', 'AGAIN', 'NO_POINT'] as const
const SPOTS = [1, 2, 3, 4, 5, 6, 7, 8, 9]
const NEW: Record<GameRule['kind'], GameRule> = {
  OUT: { kind: 'OUT', spots: [4, 5, 6] },
  MAY_NOT_END: { kind: 'MAY_NOT_END', stroke: 'smash', then: 'AGAIN' },
  ONLY: { kind: 'ONLY', stroke: 'drop', then: 'LOST' },
  OPENING: { kind: 'OPENING', shots: [{ stroke: 'serve' }, { stroke: 'lob' }], then: 'AGAIN' },
  BONUS: { kind: 'BONUS', name: '', points: 1, spot: 9 },
}
const KINDS = Object.keys(NEW) as GameRule['kind'][]

function add(kind: GameRule['kind'], strokes: string[]) {
  const made = JSON.parse(JSON.stringify(NEW[kind])) as GameRule
  const [, second = 'drive'] = strokes
  rules.value = [...rules.value, {
    ...made,
    ...made.stroke && { stroke: strokes.includes(made.stroke) ? made.stroke : second },
    ...made.shots && { shots: [{ stroke: 'serve' }, { stroke: second }] },
    ...kind === 'BONUS' && { name: t('match.newBonus') },
  }]
}
function change(at: number, part: Partial<GameRule>) {
  rules.value = rules.value.map((rule, place) => place === at ? { ...rule, ...part } : rule)
}
function toggle(at: number, spot: number) {
  const spots = rules.value[at]?.spots ?? []
  change(at, { spots: spots.includes(spot) ? spots.filter((one) => one !== spot) : [...spots, spot].sort() })
}
function shotOf(at: number, place: number, part: { stroke?: string, zone?: number }) {
  change(at, { shots: (rules.value[at]?.shots ?? []).map((shot, index) => index === place ? { ...shot, ...part } : shot) })
}
const addShot = (at: number) => change(at, { shots: [...rules.value[at]?.shots ?? [], {}] })
const dropShot = (at: number) => change(at, { shots: (rules.value[at]?.shots ?? []).slice(0, -1) })
const zones = [{ value: 0, title: '' }, ...SPOTS.map((spot) => ({ value: spot, title: String(spot) }))]
</script>

<template>
  <div class="rules">
    <section v-for="(rule, at) in rules" :key="at" :aria-label="t(`match.rule.${rule.kind}`)" :data-test="`rule-${at}`">
      <h3>{{ t(`match.rule.${rule.kind}`) }}</h3>
      <div class="line">
        <div v-if="rule.spots" class="spots" role="group" :aria-label="t('match.parts')">
          <button
            v-for="spot in SPOTS"
            :key="spot"
            type="button"
            :aria-pressed="rule.spots.includes(spot)"
            @click="toggle(at, spot)"
          >
            {{ spot }}
          </button>
        </div>
        <v-select
          v-if="rule.stroke !== undefined"
          :model-value="rule.stroke"
          :items="strokes"
          :label="t('match.strokeWas')"
          hide-details
          @update:model-value="change(at, { stroke: $event })"
        />
        <template v-if="rule.shots">
          <template v-for="(shot, place) in rule.shots" :key="place">
            <v-select
              :model-value="shot.stroke ?? ''"
              :items="[{ value: '', title: t('match.anyStroke') }, ...strokes.map((value) => ({ value, title: value }))]"
              :label="t('match.shotNumber', { number: place + 1 })"
              hide-details
              @update:model-value="shotOf(at, place, { stroke: $event })"
            />
            <v-select
              :model-value="shot.zone ?? 0"
              :items="zones"
              :label="t('match.toPart')"
              hide-details
              @update:model-value="shotOf(at, place, { zone: $event })"
            />
          </template>
          <v-btn size="small" :disabled="rule.shots.length >= 6" @click="addShot(at)">{{ t('match.oneShotMore') }}</v-btn>
          <v-btn size="small" :disabled="rule.shots.length < 2" @click="dropShot(at)">{{ t('match.oneShotLess') }}</v-btn>
        </template>
        <OneOf
          v-if="rule.then"
          :model-value="rule.then"
          :label="t('match.thenLabel')"
          words="match.then"
          :values="THEN"
          @update:model-value="change(at, { then: $event })"
        />
        <v-text-field
          v-if="rule.kind === 'MAY_NOT_END'"
          :model-value="rule.judge ?? ''"
          maxlength="60"
          :label="t('match.judge')"
          hide-details
          @update:model-value="change(at, { judge: $event })"
        />
        <template v-if="rule.kind === 'BONUS'">
          <v-text-field
            :model-value="rule.name"
            maxlength="60"
            :label="t('match.bonusName')"
            hide-details
            @update:model-value="change(at, { name: $event })"
          />
          <v-text-field
            :model-value="rule.points"
            type="number"
            min="0"
            max="10"
            :label="t('match.bonusPoints')"
            hide-details
            @update:model-value="change(at, { points: Math.max(0, Math.round(Number($event)) || 0) })"
          />
          <v-select
            :model-value="rule.spot ?? 0"
            :items="[...zones.slice(1), { value: 0, title: t('match.somebodySays') }]"
            :label="t('match.toPart')"
            hide-details
            @update:model-value="change(at, { spot: $event })"
          />
        </template>
        <v-btn variant="text" @click="rules = rules.filter((_, place) => place !== at)">{{ t('match.dropRule') }}</v-btn>
      </div>
    </section>
    <div class="add">
      <v-btn
        v-for="kind in KINDS"
        :key="kind"
        size="small"
        :disabled="rules.length >= MOST"
        :data-test="`add-${kind}`"
        @click="add(kind, strokes)"
      >
        {{ t(`match.add.${kind}`) }}
      </v-btn>
    </div>
  </div>
</template>

<style scoped>
.rules {
  display: grid;
  gap: 12px;
}

section {
  padding-bottom: 8px;
  border-bottom: 1px solid var(--rule);
}

.line,
.add {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

.line {
  margin-top: 8px;
}

.line :deep(.v-input) {
  flex: 1 1 140px;
  max-width: 240px;
}

.spots {
  display: grid;
  grid-template-columns: repeat(9, 48px);
}

.spots button {
  min-height: 48px;
  border: 1px solid var(--rule);
  background: var(--sheet);
  color: var(--ink);
  font-family: var(--counts);
  font-size: 20px;
}

.spots [aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}

.add :deep(.v-btn) {
  min-height: 48px;
}

@media (max-width: 800px) {
  .spots {
    grid-template-columns: repeat(3, 64px);
  }
}
</style>
