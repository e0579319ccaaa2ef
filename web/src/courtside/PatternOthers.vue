<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Pattern, SetView } from '@/shared/api'
import { useGoals } from '@/shared/goals'
import { usePatterns } from '@/shared/patterns'

/** What each in a pattern attends to, and what those came to whose set it is not. */
const props = defineProps<{ pattern: Pattern, set: SetView | undefined, as: string, bothSides: boolean }>()
const { t } = useI18n()
const { asked } = useGoals()
const { who, actorsOf } = usePatterns()
const roles = computed(() => actorsOf(props.pattern).map((by) => {
  const theme = props.pattern.themes?.find((one) => one.by === by)
  const count = props.set?.passes?.others.find((one) => one.by === by)
  const own = by === props.as
  return {
    by,
    held: !own && (props.bothSides || count) && t('pattern.held', { who: who(by), held: count?.held ?? 0, shots: count?.shots ?? 0 }),
    goal: !own && theme?.goal && t('pattern.roleGoal', {
      who: who(by), goal: asked(theme.goal), standing: t(`pattern.standing.${count?.standing ?? 'OPEN'}`),
    }),
    watch: theme?.watch && t('pattern.roleWatch', { who: who(by), words: theme.watch }),
    theme: theme?.theme && t('pattern.roleTheme', { who: who(by), words: theme.theme }),
  }
}).filter(({ held, goal, watch, theme }) => held || goal || watch || theme))
</script>

<template>
  <ul v-if="roles.length" data-test="roles">
    <li v-for="role in roles" :key="role.by">
      {{ [role.held, role.goal, role.watch, role.theme].filter(Boolean).join(' · ') }}
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  font-size: 14px;
  line-height: 1.35;
}
</style>
