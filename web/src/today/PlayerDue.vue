<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Drill, Due } from '@/shared/api'
import DueRow from './DueRow.vue'

/** One player: what is due first, and the rest folded beneath it. */
defineProps<{ rows: { due: Due, drill: Drill }[] }>()
const { t } = useI18n()
</script>

<template>
  <li v-if="rows[0]">
    <DueRow :due="rows[0].due" :drill="rows[0].drill" named />
    <details v-if="rows.length > 1" class="rest">
      <summary>{{ t('today.more', { count: rows.length - 1, player: rows[0].due.name }, rows.length - 1) }}</summary>
      <DueRow v-for="{ due, drill } in rows.slice(1)" :key="due.drill + due.track" :due="due" :drill="drill" />
    </details>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--rule);
}

.rest {
  padding-left: 16px;
}

summary {
  min-height: 48px;
  align-content: center;
  color: var(--ink-soft);
}
</style>
