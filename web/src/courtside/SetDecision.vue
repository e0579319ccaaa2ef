<script setup lang="ts">
import { mdiArrowUp } from '@mdi/js'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drill, PassReport, SetView, Verdict } from '@/shared/api'
import PassSteps from '@/shared/PassSteps.vue'
import { levelOf } from '@/shared/sentences'
import PatternOthers from './PatternOthers.vue'
import SetVerdict from './SetVerdict.vue'

/** What a closed set says, and what to do about it. */
const props = defineProps<{
  drill: Drill
  level: number
  set: SetView
  verdict: Verdict | undefined
  decided: string | undefined
  /** Where its passes broke, where it is of a pattern. */
  report: PassReport | undefined
}>()
const emit = defineEmits<{ move: [to: number, by: 'RULE' | 'COACH', unmet: boolean], next: [], reopen: [] }>()
const { t } = useI18n()
const advised = computed(() => props.verdict?.advice.call === 'MOVE_UP')
const outOfReach = computed(() => props.verdict?.growth === 'OUT_OF_REACH')
/** The level that the rule would step back to. */
const back = computed(() => props.verdict?.advice.call === 'STEP_BACK' ? props.verdict.advice.figures.to : undefined)
/** The step below the lowest level, once the rule would go below it. */
const below = computed(() => props.verdict?.advice.code === 'bottom.reached' ? props.drill.design.below : undefined)
const rung = computed(() => levelOf(props.drill, props.set.level))
const pattern = computed(() => rung.value.dials.pattern)
const top = computed(() => props.level === props.drill.levels.length)
</script>

<template>
  <div class="decision">
    <section class="verdict" data-test="verdict" aria-live="polite">
      <SetVerdict v-if="verdict" :verdict="verdict" :level="level" with-advice />
      <p v-else>{{ t('advice.set.empty') }}</p>
      <router-link v-if="outOfReach && level === 1" :to="`/drills/${drill.family}`">{{ t('courtside.makeEasier') }}</router-link>
      <router-link v-else-if="verdict?.growth === 'STOPPED'" to="/drills">{{ t('courtside.another') }}</router-link>
      <router-link v-if="below" :to="`/drills/${below}`">{{ t('courtside.below') }}</router-link>
      <p v-if="decided" class="decided" data-test="decided">{{ decided }}</p>
    </section>
    <div v-if="!decided && verdict" class="actions">
      <template v-if="advised">
        <v-btn
          color="primary"
          variant="flat"
          size="large"
          :prepend-icon="mdiArrowUp"
          @click="emit('move', level + 1, 'RULE', false)"
        >
          {{ t('courtside.moveUp', { level: level + 1 }) }}
        </v-btn>
        <v-btn size="large" @click="emit('next')">{{ t('courtside.stay', { level }) }}</v-btn>
      </template>
      <template v-else-if="back !== undefined">
        <v-btn color="primary" variant="flat" size="large" @click="emit('move', back, 'RULE', false)">
          {{ t('courtside.stepBack', { level: back }) }}
        </v-btn>
        <v-btn size="large" @click="emit('next')">{{ t('courtside.stay', { level }) }}</v-btn>
      </template>
      <template v-else-if="outOfReach && level > 1">
        <v-btn color="primary" variant="flat" size="large" @click="emit('move', level - 1, 'COACH', false)">
          {{ t('courtside.stepBack', { level: level - 1 }) }}
        </v-btn>
        <v-btn size="large" @click="emit('next')">{{ t('courtside.stay', { level }) }}</v-btn>
      </template>
      <template v-else>
        <v-btn color="primary" variant="flat" size="large" @click="emit('next')">{{ t('courtside.stay', { level }) }}</v-btn>
        <v-btn v-if="!top" @click="emit('move', level + 1, 'COACH', set.standing !== 'MET')">
          {{ t(set.standing === 'MET' ? 'courtside.moveUp' : 'courtside.moveUpAnyway', { level: level + 1 }) }}
        </v-btn>
        <v-btn v-if="level > 1" @click="emit('move', level - 1, 'COACH', false)">
          {{ t('courtside.stepBack', { level: level - 1 }) }}
        </v-btn>
      </template>
    </div>
    <PatternOthers
      v-if="pattern"
      :pattern="pattern"
      :set="set"
      :as="set.as"
      :both-sides="false"
    />
    <PassSteps v-if="report && pattern" :report="report" :pattern="pattern" :target="rung.target" />
    <div class="actions">
      <v-btn
        v-if="decided || !verdict"
        color="primary"
        variant="flat"
        size="large"
        @click="emit('next')"
      >
        {{ t('courtside.nextSet') }}
      </v-btn>
      <v-btn variant="text" @click="emit('reopen')">{{ t('courtside.reopen') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
a {
  color: var(--ink);
}

.decision,
.actions {
  display: grid;
  gap: 8px;
}

.actions :deep(.v-btn) {
  min-height: 56px;
}

.decided {
  font-weight: 650;
  margin-top: 12px;
}
</style>
