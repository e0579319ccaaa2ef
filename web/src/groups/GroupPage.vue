<script setup lang="ts">
import { useEventListener, useIntervalFn, useWakeLock } from '@vueuse/core'
import { computed, onBeforeUnmount, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askListed } from '@/charting/asked'
import PageStates from '@/shared/PageStates.vue'
import PenOffer from '@/shared/PenOffer.vue'
import { useAsked } from '@/shared/useAsked'
import GroupBoard from './GroupBoard.vue'
import GroupCounts from './GroupCounts.vue'
import GroupPeople from './GroupPeople.vue'
import TurnCall from './TurnCall.vue'
import { useGroup } from './useGroup'
import { useTurn } from './useTurn'

/** A group while it is on: the board, what is due, and who comes and goes. */
const props = defineProps<{ run: string }>()
const FOLLOWED_EVERY = 3000
const { t } = useI18n()
const group = useGroup()
const turn = useTurn(group)
const wakeLock = useWakeLock()
const view = computed(() => group.group.value)
const { answer, failed, load } = useAsked(async () => {
  const [club] = await Promise.all([askListed(), group.resume(props.run)])
  void wakeLock.request('screen').catch(() => undefined)
  return club
})
onBeforeUnmount(() => void wakeLock.release())
// Several devices follow one group.
useIntervalFn(() => answer.value && view.value && void group.run.catchUp(), FOLLOWED_EVERY)
const settling = ref(false)
const ending = ref(false)
const players = computed(() => answer.value?.data.players ?? [])
const nameOf = (id: string) => players.value.find((one) => one.id === id)?.name.split(' ')[0] ?? ''
const drill = computed(() => answer.value?.data.drills.find((one) => one.id === view.value?.drill))
const hitters = computed(() => view.value?.on.filter(({ post }) => post === 'HITTER').map(({ player }) => player) ?? [])
const counts = computed(() => turn.by.value !== 'MINUTES' && !view.value?.points.length)

const KEYS: Record<string, () => unknown> = {
  'Enter': () => group.change(),
  ' ': () => counts.value && turn.count(),
  'Backspace': () => group.undo(),
}
useEventListener(window, 'keydown', (event) => {
  const team = Number(event.key) - 1
  const act = KEYS[event.key] ?? (view.value?.points[team] === undefined ? undefined : () => group.score(team))
  const elsewhere = event.target instanceof Element && event.target.closest('button, a, input, select, textarea, [role="dialog"], [role="listbox"]')
  if (act && !elsewhere && !event.repeat && !view.value?.ended) {
    event.preventDefault()
    act()
  }
})

function end() {
  ending.value = false
  group.end()
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer && !!view" @retry="load">
    <div v-if="view" class="group">
      <header>
        <h1>{{ t(`group.form.${view.form.kind}`) }}<span v-if="drill" class="soft">, {{ drill.name }}</span></h1>
        <p class="soft">
          {{ t(view.points.length ? 'group.round' : 'group.turn', { number: view.turn, rounds: view.form.rounds, points: view.length }) }}
        </p>
      </header>
      <TurnCall :group="view" :turn="turn" />
      <GroupBoard class="on" :group="view" :name-of="nameOf" @score="group.score" />
      <aside>
        <div v-if="!view.ended" class="acts">
          <v-btn
            color="primary"
            variant="flat"
            size="x-large"
            :disabled="view.lastTurn"
            data-test="change"
            @click="group.change()"
          >
            {{ t('group.change') }}
          </v-btn>
          <v-btn v-if="counts" size="x-large" @click="turn.count()">{{ t(`group.one.${turn.by.value}`) }}</v-btn>
          <v-btn v-if="view.points.length" @click="settling = true">{{ t('group.settle') }}</v-btn>
          <v-btn v-if="turn.by.value === 'MINUTES'" @click="group.pause()">
            {{ t(view.pausedSince === undefined ? 'group.pause' : 'group.goOn') }}
          </v-btn>
          <v-btn :disabled="!view.undo" variant="text" @click="group.undo()">{{ t('courtside.undo') }}</v-btn>
          <v-btn :disabled="!view.redo" variant="text" @click="group.redo()">{{ t('courtside.redo') }}</v-btn>
          <v-btn variant="text" @click="ending = true">{{ t('group.end') }}</v-btn>
        </div>
        <div v-else class="acts">
          <p>{{ t('group.over') }}</p>
          <v-btn :disabled="!view.undo" variant="text" @click="group.undo()">{{ t('courtside.undo') }}</v-btn>
          <v-btn to="/groups">{{ t('group.another') }}</v-btn>
        </div>
        <div v-if="drill && hitters.length && !view.ended" class="chart">
          <v-btn v-for="player in hitters" :key="player" :to="`/groups/${props.run}/court/${player}`">
            {{ t('group.chart', { name: nameOf(player) }) }}
          </v-btn>
        </div>
        <GroupPeople
          :group="view"
          :players="players"
          :name-of="nameOf"
          @came="group.came"
          @left="group.left"
        />
        <p v-if="view.claims" data-test="claims">{{ t('pen.claims', { count: view.claims }, view.claims) }}</p>
        <p v-if="group.run.tookPen.value && !group.run.watching.value" class="soft">{{ t('pen.elsewhere') }}</p>
      </aside>
      <PenOffer class="offer" :run="group.run" />
      <GroupCounts v-if="view.points.length" v-model="settling" :points="view.points" @settle="group.settle" />
      <v-dialog v-model="ending" max-width="480" :aria-label="t('group.reallyEnd')">
        <v-card class="dialog-card">
          <h2>{{ t('group.reallyEnd') }}</h2>
          <p class="soft">{{ t('group.reallyEndBody') }}</p>
          <div class="choices">
            <v-btn size="large" color="primary" variant="flat" @click="ending = false">{{ t('queue.goOn') }}</v-btn>
            <v-btn size="large" data-test="end" @click="end">{{ t('group.endNow') }}</v-btn>
          </div>
        </v-card>
      </v-dialog>
    </div>
  </PageStates>
</template>

<style scoped>
.group {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  grid-template-rows: auto auto 1fr;
  gap: 8px 32px;
  min-height: 100dvh;
  padding: 16px 32px;
}

header {
  display: flex;
  grid-column: 1;
  align-items: baseline;
  justify-content: space-between;
  gap: 16px;
}

.on {
  grid-column: 1;
}

aside {
  display: grid;
  grid-row: 1 / 4;
  grid-column: 2;
  align-content: start;
  gap: 16px;
  padding-left: 16px;
  border-left: 1px solid var(--rule);
}

.acts,
.chart,
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.acts :deep(.v-btn),
.chart :deep(.v-btn) {
  min-height: 56px;
}

.choices {
  margin-top: 16px;
}

.offer {
  grid-column: 1 / -1;
  padding: 12px 16px;
  border-left: 6px solid var(--steel);
  background: var(--sheet);
}

@media (max-width: 800px) {
  .group {
    display: flex;
    flex-direction: column;
    padding: 8px 16px 32px;
  }

  aside {
    padding: 0;
    border: 0;
  }
}
</style>
