<script setup lang="ts">
import { computed } from 'vue'
import type { Verdict } from '@/shared/api'
import { useSentences } from '@/shared/sentences'

/** What a set says: the rule's sentence first, then the evidence, then luck. */
const props = defineProps<{ verdict: Verdict, level: number, withAdvice: boolean }>()
const { advice, growth, evidence, luck } = useSentences()
const bar = computed(() => props.verdict.advice.call === 'MOVE_UP' ? 'up' : 'stay')
/** Out of reach, "stay" is no longer what there is to say. */
const back = computed(() => props.verdict.growth === 'OUT_OF_REACH')
const fits = computed(() => growth(props.verdict, props.level))
</script>

<template>
  <div class="verdict">
    <p v-if="withAdvice && !back" class="advice" :class="bar">{{ advice(verdict.advice) }}</p>
    <p v-if="withAdvice && fits" class="advice" :class="{ back }" data-test="growth">{{ fits }}</p>
    <p class="evidence">{{ evidence(verdict) }}</p>
    <p class="evidence">{{ luck(verdict) }}</p>
  </div>
</template>

<style scoped>
.advice {
  font-size: 18px;
  line-height: 1.35;
  padding-left: 12px;
  border-left: 6px solid var(--ink-soft);
  margin-bottom: 12px;
}

.advice.up {
  border-color: var(--pine);
}

.advice.back {
  border-color: var(--plum);
}

.evidence {
  font-size: 15px;
  line-height: 1.4;
  margin-top: 8px;
}
</style>
