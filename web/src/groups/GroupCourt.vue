<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { askListed } from '@/charting/asked'
import CourtsidePage from '@/courtside/CourtsidePage.vue'
import PageStates from '@/shared/PageStates.vue'
import { useAsked } from '@/shared/useAsked'
import TurnCall from './TurnCall.vue'
import { useGroup } from './useGroup'
import { useTurn } from './useTurn'

/** One of a group's hitters is charted, in a set of that player's own; the change is called here as on the board. */
const props = defineProps<{ run: string, player: string }>()
const { t } = useI18n()
const router = useRouter()
const group = useGroup()
const turn = useTurn(group)
const view = computed(() => group.group.value)
const { answer, failed, load } = useAsked(async () => {
  const [club] = await Promise.all([askListed(), group.resume(props.run)])
  return club
})
const nameOf = (id: string) => answer.value?.data.players.find((one) => one.id === id)?.name.split(' ')[0] ?? ''
const hitters = computed(() => view.value?.on.filter(({ post }) => post === 'HITTER').map(({ player }) => player) ?? [])
const next = computed(() => view.value?.next.filter(({ post }) => post === 'HITTER').map(({ player }) => player) ?? [])

/** The court of the hitter who takes over this one's place. */
async function change() {
  const place = Math.max(0, hitters.value.indexOf(props.player))
  group.change()
  const to = hitters.value[place] ?? hitters.value[0]
  if (to) {
    await router.replace(`/groups/${props.run}/court/${to}`)
  }
}
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer && !!view?.drill" @retry="load">
    <KeepAlive>
      <CourtsidePage
        v-if="view?.drill"
        :key="props.player"
        :player="props.player"
        :drill="view.drill"
        :occasion="{ queue: props.run }"
        @ball="turn.count()"
        @skip="change"
      >
        <template #turns>
          <section class="turns" :aria-label="t('group.title')">
            <p class="name" data-test="hitter">{{ nameOf(props.player) }}</p>
            <TurnCall :group="view" :turn="turn" />
            <p class="soft">{{ t('group.hitsNext', { names: next.map(nameOf).join(', ') }) }}</p>
            <div class="acts">
              <v-btn :disabled="view.ended" data-test="change" @click="change">{{ t('group.change') }}</v-btn>
              <v-btn
                v-for="one in hitters.filter((hitter) => hitter !== props.player)"
                :key="one"
                replace
                :to="`/groups/${props.run}/court/${one}`"
              >
                {{ nameOf(one) }}
              </v-btn>
              <v-btn variant="text" :to="`/groups/${props.run}`">{{ t('group.board') }}</v-btn>
            </div>
          </section>
        </template>
      </CourtsidePage>
    </KeepAlive>
  </PageStates>
</template>

<style scoped>
.turns {
  padding: 8px 16px;
  border-bottom: 1px solid var(--rule);
}

.name {
  font-size: 40px;
  font-weight: 700;
  line-height: 1.1;
}

/* Two lines, whether the second is filled or not. */
.turns :deep(.call) {
  flex-direction: column;
  align-items: flex-start;
  justify-content: center;
  gap: 0;
  height: 84px;
}

.turns :deep(.left) {
  font-size: 36px;
}

.turns :deep(.words) {
  min-height: 30px;
  font-size: 22px;
  line-height: 30px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.acts :deep(.v-btn) {
  min-height: 48px;
}
</style>
