<script setup lang="ts">
import { computed, nextTick, ref, shallowReactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { askClub, askQueues } from '@/charting/asked'
import { useOutbox } from '@/charting/outbox'
import CourtsidePage from '@/courtside/CourtsidePage.vue'
import type { OpenQueue } from '@/shared/api'
import PageStates from '@/shared/PageStates.vue'
import { useAsked } from '@/shared/useAsked'
import QueueTurns from './QueueTurns.vue'
import { useQueue } from './useQueue'

/** A queue at one drill: each player's balls go to that player's own set, whoever is there or not. */
const props = defineProps<{ drill: string }>()
const { t } = useI18n()
const router = useRouter()
const queue = useQueue(props.drill)
const { answer, failed, load } = useAsked(async () => {
  const [club, open] = await Promise.all([askClub(), askQueues(props.drill), queue.load()])
  elsewhere.value = open.filter((one) => one.queue !== queue.own.value?.id)
  return club
})
/** Queues at this drill that another device has begun. */
const elsewhere = ref<OpenQueue[]>([])
const outbox = useOutbox()
const chosen = ref<string[]>([])
const ballsATurn = ref(3)
const nameOf = (id: string) => players.value.find((one) => one.id === id)?.name.split(' ')[0] ?? ''
const players = computed(() => answer.value?.data.players ?? [])
const drill = computed(() => answer.value?.data.drills.find((one) => one.id === props.drill))
const turn = queue.turn

type Page = InstanceType<typeof CourtsidePage>
const pages = shallowReactive(new Map<string, Page>())
const last = ref<{ player: string, shot: string }>()
/** A ball that is given to another is no turn of its own. */
let giving = false

function keepPage(player: string | undefined, page: unknown) {
  if (player && page) {
    pages.set(player, page as Page)
  }
}

function onBall(player: string, shot: string) {
  if (!giving) {
    last.value = { player, shot }
    queue.act('BALL')
  }
}

async function thatWas(to: string) {
  const given = last.value
  const ball = given && pages.get(given.player)?.ballOf(given.shot)
  if (!given || !ball) {
    return
  }
  giving = true
  try {
    if (!pages.has(to)) {
      queue.act('CALL', to)
      await nextTick()
    }
    const page = pages.get(to)
    await page?.isReady()
    // Here no more and there at last: both are kept and sent, or neither.
    await outbox.together(async () => {
      const shot = await page?.take(ball)
      if (shot) {
        pages.get(given.player)?.give(given.shot, to)
        last.value = { player: to, shot }
        queue.act('THAT_WAS', to)
      }
    })
  } finally {
    giving = false
  }
}

const toggle = (id: string) => {
  chosen.value = chosen.value.includes(id) ? chosen.value.filter((one) => one !== id) : [...chosen.value, id]
}

const ending = ref(false)

async function end() {
  for (const page of pages.values()) {
    await page.closeOpen()
  }
  queue.end()
  await router.push('/')
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer" @retry="load">
    <template v-if="turn && queue.own.value">
      <KeepAlive>
        <CourtsidePage
          :key="turn.hitter"
          :ref="(page) => keepPage(turn?.hitter, page)"
          :player="turn.hitter"
          :drill="props.drill"
          :occasion="{ queue: queue.own.value.id }"
          @ball="onBall"
          @skip="queue.act('SKIP')"
        >
          <template #turns>
            <QueueTurns
              :turn="turn"
              :players="players"
              :last-by="last?.player"
              @skip="queue.act('SKIP')"
              @that-was="thatWas"
              @call="queue.act('CALL', $event)"
              @away="queue.act('AWAY', $event)"
              @back="queue.act('BACK', $event)"
              @end="ending = true"
            />
          </template>
        </CourtsidePage>
      </KeepAlive>
      <v-dialog v-model="ending" max-width="480" :aria-label="t('queue.reallyEnd')">
        <v-card class="dialog-card">
          <h2>{{ t('queue.reallyEnd') }}</h2>
          <p class="soft">{{ t('queue.reallyEndBody') }}</p>
          <div class="choices">
            <v-btn size="large" color="primary" variant="flat" @click="ending = false">{{ t('queue.goOn') }}</v-btn>
            <v-btn size="large" @click="end">{{ t('queue.endNow') }}</v-btn>
          </div>
        </v-card>
      </v-dialog>
    </template>
    <section v-else class="begin">
      <h1>{{ t('queue.begin', { drill: drill?.name ?? '' }) }}</h1>
      <div
        v-for="one in elsewhere"
        :key="one.queue"
        class="elsewhere"
        role="status"
        data-test="queue-elsewhere"
      >
        <p>{{ t('queue.elsewhere', { names: one.players.map(nameOf).join(', ') }) }}</p>
        <v-btn @click="queue.join(one.queue, one.players, ballsATurn)">{{ t('queue.join') }}</v-btn>
      </div>
      <div class="who" role="group" :aria-label="t('queue.who')">
        <p>{{ t('queue.who') }}</p>
        <button
          v-for="one in players"
          :key="one.id"
          type="button"
          :aria-pressed="chosen.includes(one.id)"
          @click="toggle(one.id)"
        >
          <strong v-if="chosen.includes(one.id)" aria-hidden="true">{{ chosen.indexOf(one.id) + 1 }}</strong> {{ one.name }}
        </button>
      </div>
      <v-text-field
        v-model.number="ballsATurn"
        type="number"
        inputmode="numeric"
        min="1"
        max="100"
        :label="t('queue.balls')"
      />
      <v-btn
        color="primary"
        variant="flat"
        size="x-large"
        :disabled="chosen.length < 2 || !Number.isInteger(ballsATurn) || ballsATurn < 1 || ballsATurn > 100"
        @click="queue.begin(chosen, ballsATurn)"
      >
        {{ t('queue.start') }}
      </v-btn>
    </section>
  </PageStates>
</template>

<style scoped>
.begin {
  display: grid;
  gap: 16px;
  max-width: 640px;
  padding: 32px;
}

.elsewhere {
  padding: 12px 16px;
  border-left: 6px solid var(--steel);
  background: var(--sheet);
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  margin-top: 16px;
}

.who {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.who p {
  width: 100%;
}

.who button {
  min-height: 56px;
  padding: 0 16px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: none;
  color: var(--ink);
}

.who button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--sheet);
}
</style>
