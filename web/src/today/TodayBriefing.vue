<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drill, Member } from '@/shared/api'
import { useGoals } from '@/shared/goals'

/** Thirty seconds before a session: one line for each player who is expected. */
const props = defineProps<{ members: Member[], drills: Drill[], day: string }>()
const { t } = useI18n()
const { trackWords } = useGoals()
const kept = useStorage<{ day: string, away: string[] }>('bersaglio.expected', { day: '', away: [] })
const away = computed(() => kept.value.day === props.day ? kept.value.away : [])
const expected = computed(() => props.members.filter((one) => one.brief && !away.value.includes(one.player)))

function toggle(player: string) {
  const next = away.value.includes(player) ? away.value.filter((one) => one !== player) : [...away.value, player]
  kept.value = { day: props.day, away: next }
}

function line({ brief }: Member): string {
  const drill = props.drills.find((one) => one.id === brief?.drill)
  if (!brief || !drill) {
    return ''
  }
  const name = [drill.name, trackWords(brief.track)].filter((words) => words !== '').join(', ')
  return t(brief.code, { drill: name, levels: drill.levels.length, next: (brief.figures.level ?? 1) + 1, ...brief.figures })
}
</script>

<template>
  <details class="briefing">
    <summary>{{ t('brief.title') }}</summary>
    <div class="who" role="group" :aria-label="t('brief.expected')">
      <button
        v-for="one in members"
        :key="one.player"
        type="button"
        :aria-pressed="!away.includes(one.player)"
        @click="toggle(one.player)"
      >
        {{ one.name.split(' ')[0] }}
      </button>
    </div>
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

.who {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0;
}

.who button {
  min-height: 48px;
  padding: 0 16px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: none;
  color: var(--ink-soft);
}

.who button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--sheet);
  color: var(--ink);
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
