<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { GroupView } from '@/shared/api'

/** Who is where, to be read from the far end of a court. */
const props = defineProps<{ group: GroupView, nameOf: (player: string) => string }>()
const emit = defineEmits<{ score: [team: number] }>()
const { t } = useI18n()

interface Row { post: string, isTeam: boolean, names: string[], team: number }

const courts = computed(() => {
  const numbers = [...new Set(props.group.on.filter(({ court }) => court > 0).map(({ court }) => court))].sort((one, other) => one - other)
  return numbers.map((number) => {
    const rows: Row[] = []
    for (const spot of props.group.on.filter(({ court }) => court === number)) {
      const key = spot.post === 'PLAYER' ? String(spot.team) : spot.post
      const row = rows.find((one) => one.post === key)
      if (row) {
        row.names.push(props.nameOf(spot.player))
      } else {
        rows.push({ post: key, isTeam: spot.post === 'PLAYER', names: [props.nameOf(spot.player)], team: spot.team })
      }
    }
    return { number, rows }
  })
})
const teams = computed(() => props.group.points.length > 0)

/** What a row of a court is: a post, a team, or those who play against the first. */
function wordOf(row: Row, place: number): string {
  if (teams.value) {
    return t('group.team', { number: row.team + 1 })
  }
  return row.isTeam ? place > 0 ? t('group.against') : '' : t(`group.post.${row.post}`)
}

const most = computed(() => Math.max(1, ...courts.value.map(({ rows }) => rows.length)) * Math.ceil(courts.value.length / 2))
const longest = computed(() => Math.max(4, ...courts.value.flatMap(({ rows }) => rows.map(({ names }) => names.join(' ').length))))
</script>

<template>
  <div class="board" :class="{ several: courts.length > 1 }" :style="{ '--rows': most, '--letters': longest }">
    <section v-for="{ number, rows } in courts" :key="number" :aria-label="t('group.court', { number })">
      <h2>{{ t('group.court', { number }) }}</h2>
      <div v-for="(row, place) in rows" :key="row.post" class="row">
        <p class="post">{{ wordOf(row, place) }}</p>
        <p class="names" data-test="names">{{ row.names.join(', ') }}</p>
        <button
          v-if="teams"
          class="points"
          type="button"
          :disabled="group.ended"
          :aria-label="t('group.point', { number: row.team + 1, points: group.points[row.team] ?? 0 })"
          @click="emit('score', row.team)"
        >
          {{ group.points[row.team] }}
        </button>
      </div>
    </section>
  </div>
</template>

<style scoped>
.board {
  display: grid;
  --columns: 1;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  align-content: start;
  gap: 16px 32px;
  container-type: inline-size;
}

@media (min-width: 1000px) {
  .several {
    --columns: 2;
  }
}

section {
  border-top: 2px solid var(--ink);
}

h2 {
  font-size: 20px;
  font-weight: 500;
}

.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  padding: 4px 0;
}

.row + .row {
  border-top: 1px solid var(--rule);
}

.post {
  grid-column: 1;
  min-height: 20px;
  color: var(--ink-soft);
  font-size: 18px;
}

.names {
  grid-column: 1;
  font-family: var(--counts);
  font-size: clamp(36px, min(calc(50vh / var(--rows)), calc(180cqw / var(--columns) / var(--letters))), 168px);
  font-weight: 600;
  line-height: 1;
  overflow-wrap: anywhere;
}

.points {
  grid-row: 1 / 3;
  grid-column: 2;
  min-width: 128px;
  min-height: 96px;
  border: 2px solid var(--ink);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  font-family: var(--counts);
  font-size: 88px;
  font-weight: 600;
  line-height: 1;
}
</style>
