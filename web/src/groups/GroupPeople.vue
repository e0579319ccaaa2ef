<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { GroupView, Player } from '@/shared/api'

/** Who comes next, who waits, and what each has had so far; a touch says that somebody goes or comes. */
const props = defineProps<{ group: GroupView, players: Player[], nameOf: (player: string) => string }>()
const emit = defineEmits<{ came: [player: string], left: [player: string] }>()
const { t } = useI18n()
const POSTS = ['HITTER', 'FEEDER', 'OPPONENT'] as const
const names = (players: string[]) => players.map(props.nameOf).join(', ')

const next = computed(() => {
  const { next, form } = props.group
  if (form.kind === 'ROTATION') {
    return POSTS.map((post) => ({ word: t(`group.post.${post}`), names: names(next.filter((spot) => spot.post === post).map(({ player }) => player)) }))
  }
  const courts = [...new Set(next.filter(({ court }) => court > 0).map(({ court }) => court))]
  return courts.map((number) => ({
    word: t('group.court', { number }),
    names: [...new Set(next.filter(({ court }) => court === number).map(({ team }) => team))]
      .map((team) => names(next.filter((spot) => spot.court === number && spot.team === team).map(({ player }) => player)))
      .join(` ${t('group.against')} `),
  }))
})
const here = computed(() => props.group.members.filter((one) => one.here))
const onCourt = computed(() => new Set(props.group.on.filter(({ court }) => court > 0).map(({ player }) => player)))
const waiting = computed(() => here.value.filter(({ player }) => !onCourt.value.has(player)).map(({ player }) => player))
const others = computed(() => props.players.filter((one) => !here.value.some(({ player }) => player === one.id)))
const columns = computed(() => props.group.form.kind === 'ROTATION' ? ['hit', 'fed', 'opposed', 'waited'] as const : ['played', 'waited'] as const)
const used = computed(() => columns.value.filter((column) => column === 'hit' || column === 'played' || column === 'waited'
  || props.group.members.some((one) => one[column] > 0)))
</script>

<template>
  <div class="people">
    <section v-if="!group.lastTurn && !group.ended">
      <h2>{{ t('group.next') }}</h2>
      <dl data-test="next">
        <template v-for="row in next" :key="row.word">
          <template v-if="row.names">
            <dt>{{ row.word }}</dt>
            <dd>{{ row.names }}</dd>
          </template>
        </template>
      </dl>
    </section>
    <p v-if="waiting.length" data-test="waiting"><strong>{{ t('group.waiting') }}</strong> {{ names(waiting) }}</p>
    <section>
      <h2>{{ t('group.who') }}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">{{ t('group.player') }}</span></th>
            <th v-for="column in used" :key="column" scope="col">{{ t(`group.had.${column}`) }}</th>
            <th><span class="visually-hidden">{{ t('group.goes') }}</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in group.members" :key="one.player" :class="{ away: !one.here }" data-test="member">
            <th scope="row">{{ nameOf(one.player) }}</th>
            <td v-for="column in used" :key="column">{{ one[column] }}</td>
            <td>
              <v-btn
                v-if="!group.ended"
                variant="text"
                :aria-label="t(one.here ? 'group.goesName' : 'group.comesName', { name: nameOf(one.player) })"
                @click="one.here ? emit('left', one.player) : emit('came', one.player)"
              >
                {{ t(one.here ? 'group.goes' : 'group.comes') }}
              </v-btn>
            </td>
          </tr>
        </tbody>
      </table>
      <div v-if="!group.ended" class="late">
        <v-btn
          v-for="one in others.filter(({ id }) => !group.members.some(({ player }) => player === id))"
          :key="one.id"
          variant="outlined"
          @click="emit('came', one.id)"
        >
          {{ t('group.comesName', { name: nameOf(one.id) }) }}
        </v-btn>
      </div>
    </section>
  </div>
</template>

<style scoped>
.people {
  display: grid;
  gap: 16px;
}

h2 {
  font-size: 18px;
}

dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 12px;
}

dt {
  color: var(--ink-soft);
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 0 4px;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
  text-align: right;
  font-variant-numeric: tabular-nums;
}

thead th {
  color: var(--ink-soft);
  font-size: 14px;
}

tbody th {
  text-align: left;
}

.away th {
  text-decoration: line-through;
}

td :deep(.v-btn) {
  min-height: 48px;
}

.late {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}

.late :deep(.v-btn) {
  min-height: 48px;
}
</style>
