<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { ListedDrill, Member } from '@/shared/api'
import { useGoals } from '@/shared/goals'
import { usePresent } from '@/shared/present'

/** Thirty seconds before a session: one line for each player who is expected. */
const props = defineProps<{ members: Member[], drills: ListedDrill[], day: string }>()
const { t } = useI18n()
const { trackWords } = useGoals()
const { isHere } = usePresent(() => props.day)
const expected = computed(() => props.members.filter((one) => one.brief && isHere(one.player)))

function line({ brief }: Member): string {
  const drill = props.drills.find((one) => one.id === brief?.drill)
  if (!brief || !drill) {
    return ''
  }
  const name = [drill.name, trackWords(brief.track)].filter((words) => words !== '').join(', ')
  return t(brief.code, { drill: name, levels: drill.levels, next: (brief.figures.level ?? 1) + 1, ...brief.figures })
}
</script>

<template>
  <details class="briefing">
    <summary>{{ t('brief.title') }}</summary>
    <ul>
      <li v-for="one in expected" :key="one.player" data-test="brief">
        <strong>{{ one.name }}</strong> {{ line(one) }}
      </li>
    </ul>
  </details>
</template>

<style scoped>
.briefing {
  margin-top: 16px;
}

summary {
  font-size: 18px;
  font-weight: 650;
  min-height: 48px;
  align-content: center;
}

ul {
  list-style: none;
  padding: 0;
}

li {
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}
</style>
