<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { RulesProblem } from '@/charting/rules'

/** Levels that grow from the last one by a rule. */
const props = defineProps<{ grow: (rule: string) => RulesProblem | undefined }>()
const { t } = useI18n()
const RULES = {
  smaller: { by: 10, until: 0.6, words: (by: number, until: number) => `target ${by} % smaller until ${until} m` },
  more: { by: 1, until: undefined, words: (by: number) => `${by} more` },
  farther: { by: 0.3, until: undefined, words: (by: number) => `${by} m farther` },
  faster: { by: 8, until: undefined, words: (by: number) => `${by} % faster` },
  longer: { by: 1.5, until: undefined, words: (by: number) => `rally ${by} times longer` },
}
type Name = keyof typeof RULES
const name = ref<Name>('smaller')
const levels = ref(4)
const by = ref(RULES.smaller.by)
const until = ref(RULES.smaller.until)
const refused = ref('')
const items = (Object.keys(RULES) as Name[]).map((value) => ({ value, title: t(`drillEdit.grow.${value}`) }))
const rule = computed(() => `${levels.value} levels, each ${RULES[name.value].words(by.value, until.value)}`)

function choose(next: Name) {
  name.value = next
  by.value = RULES[next].by
}

function add() {
  const problem = props.grow(rule.value)
  refused.value = problem ? t(`problem.${problem.code}`, { ...problem, field: t(`drillEdit.grow.${name.value}`) }) : ''
}
</script>

<template>
  <form class="grow" @submit.prevent="add">
    <h3>{{ t('drillEdit.growTitle') }}</h3>
    <v-select
      :model-value="name"
      :label="t('drillEdit.growBy')"
      :items="items"
      hide-details
      @update:model-value="choose"
    />
    <div class="row">
      <v-text-field
        v-model.number="levels"
        :label="t('drillEdit.growLevels')"
        type="number"
        min="1"
        max="49"
        hide-details
      />
      <v-text-field
        v-model.number="by"
        :label="t(`drillEdit.growUnit.${name}`)"
        type="number"
        step="any"
        hide-details
      />
      <v-text-field
        v-if="name === 'smaller'"
        v-model.number="until"
        :label="t('drillEdit.growUntil')"
        type="number"
        step="any"
        hide-details
      />
    </div>
    <p v-if="refused" role="alert" class="problem">{{ refused }}</p>
    <v-btn type="submit">{{ t('drillEdit.growNow') }}</v-btn>
  </form>
</template>

<style scoped>
.grow {
  display: grid;
  gap: 8px;
  padding-top: 12px;
  border-top: 1px solid var(--rule);
}

.row {
  display: grid;
  grid-auto-flow: column;
  gap: 8px;
}

.problem {
  padding-left: 12px;
  border-left: 4px solid var(--plum);
}
</style>
