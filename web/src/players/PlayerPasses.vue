<script setup lang="ts">
import { watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { askPasses } from '@/charting/asked'
import type { Drill } from '@/shared/api'
import PassSteps from '@/shared/PassSteps.vue'
import { levelOf } from '@/shared/sentences'
import { useAsked } from '@/shared/useAsked'

/** Where a player's passes break, the levels side by side: what is fixed is never pooled with what is open. */
const props = defineProps<{ player: string, drill: Drill, track: string }>()
const { t } = useI18n()
const { answer, failed, load } = useAsked(() => askPasses(props.player, props.drill.id, props.track))
watch(() => [props.player, props.drill.id, props.track], load)

function heading(level: number): string {
  const { steps = [], then } = levelOf(props.drill, level).dials.pattern ?? {}
  return t(then === 'PLAY' ? 'passes.levelOpen' : 'passes.level', { level, steps: t('passes.steps', { count: steps.length }, steps.length) })
}
</script>

<template>
  <section class="broken" data-test="player-passes">
    <h2>{{ t('passes.title') }}</h2>
    <p v-if="failed" class="soft">{{ t('state.failed') }} <v-btn variant="text" @click="load">{{ t('state.retry') }}</v-btn></p>
    <p v-else-if="answer && answer.data.length === 0" class="soft">{{ t('passes.none') }}</p>
    <div v-else class="levels" :aria-busy="!answer">
      <section v-for="{ level, report } in answer?.data ?? []" :key="level">
        <h3>{{ heading(level) }}</h3>
        <PassSteps
          v-if="levelOf(drill, level).dials.pattern"
          :report="report"
          :pattern="levelOf(drill, level).dials.pattern!"
          :target="levelOf(drill, level).target"
        />
      </section>
    </div>
  </section>
</template>

<style scoped>
.levels {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 480px));
  gap: 24px;
  min-height: 120px;
}
</style>
