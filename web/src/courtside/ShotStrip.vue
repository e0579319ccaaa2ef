<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Plane, Shot, Sport } from '@/shared/api'
import { usePainted } from '@/shared/painted'
import { useSentences } from '@/shared/sentences'
import ShotMark from '@/court/ShotMark.vue'

/** The last dozen shots, each a button that opens it for a change. */
const props = defineProps<{ shots: Shot[], unkept: string[], onSurface?: { sport: Sport, plane: Plane } | undefined }>()
const chosen = defineModel<string | undefined>('chosen', { required: true })
const { t } = useI18n()
const { ruling } = useSentences()
const MOST = 12

const shown = usePainted(() => props.shots)
const earlier = computed(() => Math.max(0, shown.value.length - MOST))
const last = computed(() => shown.value.slice(-MOST).map((shot, place) => ({
  shot, number: earlier.value + place + 1,
})))
const isUnkept = (shot: Shot) => props.unkept.includes(shot.id)

function away({ ruling: { outcome, side } }: Shot) {
  if (outcome === 'WIDE' && side !== 'NONE') {
    return { x: side === 'LEFT' ? -1 : 1, y: 0 }
  }
  return { x: 0, y: outcome === 'SHORT' ? 1 : -1 }
}
</script>

<template>
  <section class="strip" :aria-label="t('courtside.strip')">
    <p v-if="shown.length === 0" class="soft">{{ t('courtside.stripEmpty') }}</p>
    <span v-if="earlier" class="earlier soft">{{ t('courtside.earlier', { count: earlier }) }}</span>
    <button
      v-for="{ shot, number } in last"
      :key="`${shot.id} ${number}`"
      v-memo="[number, shot.ruling.outcome, shot.ruling.side, shot.close, shot.counted, shot.id === chosen, isUnkept(shot)]"
      type="button"
      class="shot"
      :disabled="shot.grain === 'COUNT_ONLY'"
      :class="{ chosen: shot.id === chosen, uncounted: !shot.counted, unkept: isUnkept(shot) }"
      :aria-label="t(isUnkept(shot) ? 'courtside.shotNotKept' : 'courtside.shot', { number, ruling: ruling(shot.ruling, onSurface) })"
      :aria-pressed="shot.id === chosen"
      @click="chosen = chosen === shot.id ? undefined : shot.id"
    >
      <svg viewBox="-1.4 -1.4 2.8 2.8" aria-hidden="true"><ShotMark :ruling="shot.ruling" :size="1" :away="away(shot)" /></svg>
      <span class="word">{{ isUnkept(shot) ? t('courtside.notKept') : ruling(shot.ruling, onSurface) }}</span>
      <span v-if="shot.close" class="near" aria-hidden="true">?</span>
    </button>
  </section>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: stretch;
  justify-content: flex-end;
  gap: 4px;
  min-height: 72px;
  padding: 4px 8px;
  overflow: hidden;
}

.strip > p {
  margin: auto;
}

.earlier {
  align-self: center;
  font-size: 14px;
  padding-right: 4px;
  white-space: nowrap;
}

.shot {
  position: relative;
  contain: strict;
  flex: 0 0 60px;
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 2px;
  padding: 2px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
}

.shot svg {
  width: 26px;
  height: 26px;
}

.shot.chosen {
  border: 3px solid var(--steel);
}

.uncounted {
  border-style: dashed;
}

.unkept {
  border: 3px double var(--plum);
}

.word {
  font-size: 13px;
  line-height: 1.1;
  text-align: center;
}

.near {
  position: absolute;
  top: 0;
  right: 6px;
  font-weight: 700;
}
</style>
