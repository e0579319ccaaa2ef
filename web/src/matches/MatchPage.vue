<script setup lang="ts">
import { useMediaQuery, useWakeLock } from '@vueuse/core'
import { computed, onBeforeUnmount, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { askListed } from '@/charting/asked'
import { isFacing } from '@/court/shape'
import { useFeedback } from '@/courtside/feedback'
import { useTouches } from '@/courtside/useTouches'
import type { RallyEnd, ScoreSaid } from '@/shared/api'
import OneOf from '@/shared/OneOf.vue'
import PageStates from '@/shared/PageStates.vue'
import PenOffer from '@/shared/PenOffer.vue'
import { useSettings } from '@/shared/settings'
import { useAsked } from '@/shared/useAsked'
import BreakAdvice from './BreakAdvice.vue'
import MatchClock from './MatchClock.vue'
import MatchCourt from './MatchCourt.vue'
import MatchRules from './MatchRules.vue'
import RallyKeys from './RallyKeys.vue'
import RallyStrip from './RallyStrip.vue'
import ScoreBoard from './ScoreBoard.vue'
import ScoreDialog from './ScoreDialog.vue'
import StoryList from './StoryList.vue'
import { useEarlier } from './useEarlier'
import { DEPTHS, TEAMS, useMatch } from './useMatch'
import { useMatchKeys } from './useMatchKeys'
import { useMatchNames } from './useMatchWords'
import { useMatchRally } from './useMatchRally'

/** A match while it is on: the court is touched where shots go, one key ends a rally, and the score follows. */
const props = defineProps<{ run: string }>()
const { t } = useI18n()
const charted = useMatch()
const match = charted.match
const cue = useFeedback()
const wakeLock = useWakeLock()
const settings = useSettings()
const onPhone = useMediaQuery('(max-width: 800px)')
const { earlier, ask: askEarlier } = useEarlier(match)
const { answer, failed, load } = useAsked(async () => {
  const [club] = await Promise.all([askListed(), charted.resume(props.run)])
  void wakeLock.request('screen').catch(() => undefined)
  void askEarlier()
  return club
})
onBeforeUnmount(() => void wakeLock.release())

const players = computed(() => answer.value?.data.players ?? [])
const court = computed(() => answer.value?.data.courts.find(({ sport, surfaces }) => sport === match.value?.agreed.format.sport && surfaces.length))
const oneHalf = () => !!court.value?.surfaces.some(isFacing)
const rally = useMatchRally(charted, oneHalf, cue)
const { names } = useMatchNames(() => match.value, () => players.value)
const touches = useTouches((place) => rally.land(place), (from, to) => rally.slide(from, to))
const depths = computed(() => DEPTHS.map((value) => ({ value, title: t(`match.depth.${value}`) })))
const dialog = ref<'SCORE' | 'STORY' | 'RULES' | 'END'>()
const isOpen = (which: NonNullable<typeof dialog.value>) => computed({
  get: () => dialog.value === which,
  set: (on) => {
    dialog.value = on ? which : undefined
  },
})
const [scoring, telling, ruling, ending] = [isOpen('SCORE'), isOpen('STORY'), isOpen('RULES'), isOpen('END')]
const problem = computed(() => charted.run.problem.value)
const problemWords = computed(() => problem.value ? t(`problem.${problem.value.code}`, { ...problem.value }) : '')
const refused = computed(() => rally.refused.value && t(`match.refused.${rally.refused.value}`, { problem: problemWords.value }))
const bonuses = computed(() => (match.value?.agreed.rules ?? [])
  .flatMap((rule, at) => rule.kind === 'BONUS' ? [{ at, name: rule.name ?? '' }] : []))
const slides = computed(() => {
  const [up, right, down, left] = rally.alternatives.value
  return t('match.slide', { up, right, down, left })
})

function say(score: ScoreSaid) {
  if (charted.scoreIs(score)) {
    scoring.value = false
  }
}

useMatchKeys({
  match, rally, facing: oneHalf,
  open: (what) => {
    dialog.value = what
  },
})

function end() {
  ending.value = false
  charted.end()
}

const correct = (id: string, as: RallyEnd) => charted.correct(id, as)
</script>

<template>
  <PageStates :failed="failed" :ready="!!answer && !!match && !!court" @retry="load">
    <div v-if="match && court" class="match" :class="{ phone: onPhone, 'left-handed': settings.leftHanded }">
      <h1 class="visually-hidden">{{ t('match.title', { one: names('ONE'), two: names('TWO') }) }}</h1>
      <div class="court">
        <MatchCourt
          :court="court"
          :match="match"
          :live="!match.ended && match.depth !== 'POINTS'"
          :label="t('match.court')"
          @touch="touches.onTouch"
          @lift="touches.onLift"
        />
        <PenOffer class="offer" :run="charted.run" />
      </div>
      <RallyStrip class="strip" :charted="charted" :match="match" :players="players" />
      <aside>
        <ScoreBoard class="score" :match="match" :players="players" steady />
        <MatchClock
          v-if="match.agreed.minutes && !match.ended"
          :minutes="match.agreed.minutes"
          :played="charted.run.played"
          :cue="cue"
          @end="ending = true"
        />
        <p class="refused soft" role="status">{{ refused }}</p>
        <RallyKeys class="rally-keys" :match="match" :rally="rally" :names="names" />
        <div v-if="bonuses.length && !match.ended" class="bonuses" role="group" :aria-label="t('match.bonuses')">
          <template v-for="bonus in bonuses" :key="bonus.at">
            <v-btn
              v-for="team in TEAMS"
              :key="team"
              size="small"
              :data-test="`bonus-${bonus.at}-${team}`"
              @click="rally.answer(charted.bonus(bonus.at, team), 'tick')"
            >
              {{ t('match.bonusTo', { bonus: bonus.name, name: names(team) }) }}
            </v-btn>
          </template>
        </div>
        <v-btn v-if="match.canExtend && !match.ended" data-test="extend" @click="charted.extend()">{{ t('match.extend') }}</v-btn>
        <BreakAdvice :charted="charted" :match="match" :players="players" :earlier="earlier" />
        <div class="acts">
          <v-btn variant="text" data-test="story" @click="telling = true">{{ t('match.why') }}</v-btn>
          <v-btn variant="text" data-test="score-is" :disabled="match.ended" @click="scoring = true">{{ t('match.scoreIs') }}</v-btn>
          <v-btn variant="text" data-test="rules" @click="ruling = true">{{ t('match.rules') }}</v-btn>
          <v-btn variant="text" :disabled="match.ended" @click="ending = true">{{ t('match.endIt') }}</v-btn>
          <v-btn variant="text" :to="`/matches/${run}/review`" data-test="review">{{ t('match.review') }}</v-btn>
        </div>
        <v-select
          :model-value="match.depth"
          :label="t('match.depthLabel')"
          :items="depths"
          hide-details
          @update:model-value="charted.toDepth($event)"
        />
        <OneOf
          v-if="match.depth !== 'POINTS'"
          :model-value="rally.bounce.value ?? match.bounce"
          :label="t('match.touched')"
          words="match.touches"
          :values="['LANDED', 'MET', 'WOULD_LAND']"
          @update:model-value="rally.touchIs($event)"
        />
        <p v-if="match.depth === 'FULL' && !match.live" class="soft">{{ t('match.notLive') }}</p>
        <p v-if="match.depth !== 'POINTS' && rally.alternatives.value.length > 3" class="soft small">
          {{ slides }}
        </p>
        <p v-if="match.claims" data-test="claims">{{ t('pen.claims', { count: match.claims }, match.claims) }}</p>
        <p v-if="charted.run.tookPen.value && !charted.run.watching.value" class="soft">{{ t('pen.elsewhere') }}</p>
      </aside>
      <ScoreDialog
        v-model="scoring"
        :match="match"
        :names="names"
        :problem="problemWords"
        @say="say"
      />
      <v-dialog v-model="telling" max-width="720" scrollable :aria-label="t('match.why')">
        <v-card class="dialog-card">
          <h2>{{ t('match.why') }}</h2>
          <StoryList :match="match" :players="players" @correct="correct" />
          <v-btn class="close" @click="telling = false">{{ t('match.done') }}</v-btn>
        </v-card>
      </v-dialog>
      <MatchRules
        v-model="ruling"
        :match="match"
        :problem="problemWords"
        @agree="(agreed, from) => charted.agree(agreed, from) && (ruling = false)"
      />
      <v-dialog v-model="ending" max-width="480" :aria-label="t('match.reallyEnd')">
        <v-card class="dialog-card">
          <h2>{{ t('match.reallyEnd') }}</h2>
          <p class="soft">{{ t('match.reallyEndBody') }}</p>
          <div class="acts">
            <v-btn size="large" color="primary" variant="flat" @click="ending = false">{{ t('queue.goOn') }}</v-btn>
            <v-btn size="large" data-test="end" @click="end">{{ t('match.endNow') }}</v-btn>
          </div>
        </v-card>
      </v-dialog>
    </div>
  </PageStates>
</template>

<style scoped>
.match {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  grid-template-rows: minmax(0, 1fr) auto;
  height: 100dvh;
}

.court {
  position: relative;
  min-height: 0;
  padding: 8px;
}

.strip {
  grid-row: 2;
  border-top: 1px solid var(--rule);
}

aside {
  display: grid;
  grid-row: 1 / 3;
  grid-column: 2;
  grid-auto-rows: max-content;
  gap: 8px;
  align-content: start;
  padding: 8px 16px;
  overflow-y: auto;
  border-left: 1px solid var(--rule);
}

.left-handed:not(.phone) {
  grid-template-columns: 340px minmax(0, 1fr);
}

.left-handed:not(.phone) aside {
  grid-column: 1;
  border-right: 1px solid var(--rule);
  border-left: 0;
}

.left-handed:not(.phone) .court,
.left-handed:not(.phone) .strip {
  grid-column: 2;
}

.refused {
  min-height: 20px;
}

.small {
  font-size: 14px;
}

.bonuses,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
}

.bonuses :deep(.v-btn),
.acts :deep(.v-btn) {
  min-height: 48px;
}

.offer {
  position: absolute;
  z-index: 1;
  top: 16px;
  right: 16px;
  left: 16px;
  padding: 8px 16px;
  border-left: 6px solid var(--steel);
  background: var(--sheet);
}

.close {
  margin-top: 16px;
}
</style>

<style scoped src="./phone.css"></style>
