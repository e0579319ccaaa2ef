<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PlacementLine } from '@/shared/api'

/** Where a stroke was sent, on the half that was hit into, seen from who hit: won of so many, and how often at all. */
const props = defineProps<{ lines: PlacementLine[], toTry?: number | undefined, serve?: boolean }>()
const { t } = useI18n()
const most = computed(() => Math.max(1, ...props.lines.map(({ shots }) => shots)))
/** The back of the court is drawn farthest from who hits. */
const cells = computed(() => [7, 8, 9, 4, 5, 6, 1, 2, 3].map((spot) => {
  const line = props.lines.find((one) => one.spot === spot)
  return { spot, line, width: line ? 100 * line.shots / most.value : 0 }
}))
</script>

<template>
  <figure class="grid">
    <div class="half" role="list" :aria-label="t(serve ? 'match.serveGrid' : 'match.grid')">
      <div
        v-for="{ spot, line, width } in cells"
        :key="spot"
        role="listitem"
        class="cell"
        :class="{ try: spot === toTry, empty: !line }"
      >
        <span class="spot">{{ spot }}</span>
        <template v-if="line">
          <span v-if="line.rallies" class="won">{{ t('match.wonOf', { won: line.won, rallies: line.rallies }) }}</span>
          <span class="soft">{{ t('match.went', { count: line.shots }, line.shots) }}</span>
          <span class="bar" :style="{ width: `${width}%` }" />
        </template>
        <span v-if="spot === toTry" class="word">{{ t('match.toTry') }}</span>
      </div>
    </div>
    <figcaption class="soft">{{ t(serve ? 'match.boxNet' : 'match.gridNet') }}</figcaption>
  </figure>
</template>

<style scoped>
.half {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  border: 2px solid var(--ink);
  border-bottom: 4px dashed var(--ink);
  background: var(--floor);
}

.cell {
  position: relative;
  display: grid;
  align-content: center;
  justify-items: center;
  min-height: 84px;
  padding: 8px;
  outline: 1px solid color-mix(in srgb, var(--ink) 30%, transparent);
}

.try {
  outline: 3px solid var(--saffron);
  outline-offset: -3px;
}

.spot {
  position: absolute;
  top: 4px;
  left: 6px;
  font-family: var(--counts);
  color: var(--ink-soft);
}

.won {
  font-family: var(--counts);
  font-size: 24px;
}

.soft {
  font-size: 14px;
}

.word {
  font-size: 14px;
  font-weight: 650;
}

.bar {
  position: absolute;
  bottom: 0;
  left: 0;
  height: 5px;
  background: var(--ink);
}
</style>
