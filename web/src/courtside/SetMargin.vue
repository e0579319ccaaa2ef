<script setup lang="ts">
import { mdiArrowUp, mdiRulerSquare } from '@mdi/js'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Conditions } from '@/charting/rules'
import type {
  Caller, Drill, Laid, Lying, PlaceVersion, Plane, Player, Ruling, SetView, Shot, Sport, Stance, Verdict,
} from '@/shared/api'
import { asMetres } from '@/shared/format'
import { useGoals } from '@/shared/goals'
import { levelOf, useSentences } from '@/shared/sentences'
import CloseCall from './CloseCall.vue'
import FromHere from './FromHere.vue'
import GoalPegs from './GoalPegs.vue'
import LayingCard from './LayingCard.vue'
import SetConditions from './SetConditions.vue'
import SetNotes from './SetNotes.vue'
import StanceMover from './StanceMover.vue'
import SetVerdict from './SetVerdict.vue'
import ShotChange from './ShotChange.vue'
import type { useSet } from './useSet'

/** The margin beside the court: who, what, the count, and at the close what it says and what to do about it. */
const props = defineProps<{
  player: Player
  drill: Drill
  level: number
  set: SetView | undefined
  verdict: Verdict | undefined
  closeShot: Shot | undefined
  chosen: { shot: Shot, number: number } | undefined
  decided: string | undefined
  onSurface: { sport: Sport, plane: Plane } | undefined
  places: PlaceVersion[]
  place: PlaceVersion | undefined
  conditions: Conditions
  lying: Lying | undefined
  stance: Stance | undefined
  lay: (laid: Laid[]) => string
  charted: ReturnType<typeof useSet>
}>()
const caller = defineModel<Caller>('caller', { required: true })
const emit = defineEmits<{
  call: [shot: string, ruling: Ruling]
  unchoose: []
  judge: []
  close: []
  reopen: []
  next: []
  move: [to: number, by: 'RULE' | 'COACH', unmet: boolean]
  place: [id: string | undefined]
  under: [given: Partial<Conditions>]
  stand: [stance: Stance]
  settle: [logged: ReturnType<ReturnType<typeof useSet>['startScoring']>]
}>()
const { t } = useI18n()
const { goal, rule } = useSentences()
const goals = useGoals()
const CALLERS: Caller[] = ['COACH', 'ASSISTANT', 'WAITING_PLAYER', 'HITTER']

const laying = ref(false)
const canBeLaid = computed(() => props.lying?.stages.some((stage) => stage.zones.some((zone) => zone.cards.length > 0)))
const callers = computed(() => CALLERS.map((value) => ({ value, title: t(`caller.${value}`) })))
const rung = computed(() => levelOf(props.drill, props.level))
const advised = computed(() => props.verdict?.advice.call === 'MOVE_UP')
const count = computed(() => props.set?.count ?? rung.value.fresh)
/** The level that the rule would step back to. */
const back = computed(() => props.verdict?.advice.call === 'STEP_BACK' ? props.verdict.advice.figures.to : undefined)
/** The step below the lowest level, once the rule would go below it. */
const below = computed(() => props.verdict?.advice.code === 'bottom.reached' ? props.drill.design.below : undefined)
const top = computed(() => props.level === props.drill.levels.length)
const fromAim = computed(() => props.set?.shots.at(-1)?.fromAim)
const asksEffect = computed(() => rung.value.target.zones.some((zone) => zone.asks.kind === 'EFFECT'))
const past = computed(() => props.set?.shots.filter((shot) => !shot.counted).length ?? 0)
</script>

<template>
  <div class="margin">
    <header>
      <h1>{{ player.name }}</h1>
      <p>{{ t('courtside.drill', { drill: drill.name, level, levels: drill.levels.length }) }}</p>
      <p class="soft small">{{ goal(rung) }}</p>
      <p v-if="set?.laid" class="small" data-test="laid">{{ t('laying.otherwise') }}</p>
      <template v-if="!set">
        <v-btn v-if="canBeLaid" class="lay" :prepend-icon="mdiRulerSquare" @click="laying = true">{{ t('laying.open') }}</v-btn>
        <LayingCard
          v-if="lying"
          v-model="laying"
          :lying="lying"
          :hand="player.hand"
          :measures="place?.measures ?? []"
          :lay="lay"
        />
        <SetConditions
          :target="rung.target"
          :conditions="conditions"
          :places="places"
          :place="place"
          @place="emit('place', $event)"
          @under="emit('under', $event)"
        />
      </template>
      <SetNotes :drill="drill" :set="set" :charted="charted" @settle="emit('settle', $event)" />
      <StanceMover v-if="stance && !set?.closed" :stance="stance" @stand="emit('stand', $event)" />
    </header>

    <div class="tally" data-test="tally">
      <p v-if="goals.place(rung.goal, count)" class="place" data-test="station">{{ goals.place(rung.goal, count) }}</p>
      <p class="count big" data-test="count">{{ goals.counted(rung, set) }}</p>
      <p class="standing" :class="set?.standing ?? 'OPEN'" data-test="standing">{{ goals.standing(rung, set) }}</p>
      <GoalPegs :level="rung" :set="set" />
      <p class="soft small" data-test="best">
        <template v-if="rung.goal.kind === 'QUOTA'">
          {{ t('courtside.best', { best: count.best, balls: rung.goal.balls }) }}
        </template>
        <template v-else>{{ goals.missRule(rung.goal) }}</template>
        <template v-if="goals.broke(count)"> · {{ goals.broke(count) }}</template>
        <template v-if="count.owed"> · {{ t('count.owed', { count: count.owed }) }}</template>
        <template v-if="set?.notSeen"> · {{ t('courtside.notSeen', { count: set.notSeen }) }}</template>
        <template v-if="rung.target.zones.some((zone) => zone.asks.rings)"> · {{ t('courtside.points', { count: set?.points ?? 0 }) }}</template>
        <template v-if="fromAim !== undefined"> · {{ t('editor.fromAim', { length: `${asMetres(fromAim)} m` }) }}</template>
        <template v-if="past"> · {{ t('courtside.past', { count: past }) }}</template>
      </p>
      <p v-if="set?.claims" class="small">{{ t('courtside.claims', { count: set.claims }) }}</p>
    </div>

    <ShotChange
      v-if="chosen"
      :shot="chosen.shot"
      :number="chosen.number"
      @call="emit('call', chosen.shot.id, $event)"
      @done="emit('unchoose')"
    />
    <template v-else-if="set?.closed">
      <section class="verdict" data-test="verdict" aria-live="polite">
        <SetVerdict v-if="verdict" :verdict="verdict" with-advice />
        <p v-else>{{ t('advice.set.empty') }}</p>
        <router-link v-if="below" :to="`/drills/${below}`">{{ t('courtside.below') }}</router-link>
        <p v-if="decided" class="decided" data-test="decided">{{ decided }}</p>
      </section>
      <div v-if="!decided && verdict" class="actions">
        <template v-if="advised">
          <v-btn
            color="primary"
            variant="flat"
            size="large"
            :prepend-icon="mdiArrowUp"
            @click="emit('move', level + 1, 'RULE', false)"
          >
            {{ t('courtside.moveUp', { level: level + 1 }) }}
          </v-btn>
          <v-btn size="large" @click="emit('next')">{{ t('courtside.stay', { level }) }}</v-btn>
        </template>
        <template v-else-if="back !== undefined">
          <v-btn color="primary" variant="flat" size="large" @click="emit('move', back, 'RULE', false)">
            {{ t('courtside.stepBack', { level: back }) }}
          </v-btn>
          <v-btn size="large" @click="emit('next')">{{ t('courtside.stay', { level }) }}</v-btn>
        </template>
        <template v-else>
          <v-btn color="primary" variant="flat" size="large" @click="emit('next')">{{ t('courtside.stay', { level }) }}</v-btn>
          <v-btn v-if="!top" @click="emit('move', level + 1, 'COACH', set.standing !== 'MET')">
            {{ t(set.standing === 'MET' ? 'courtside.moveUp' : 'courtside.moveUpAnyway', { level: level + 1 }) }}
          </v-btn>
          <v-btn v-if="level > 1" @click="emit('move', level - 1, 'COACH', false)">
            {{ t('courtside.stepBack', { level: level - 1 }) }}
          </v-btn>
        </template>
      </div>
      <div class="actions">
        <v-btn
          v-if="decided || !verdict"
          color="primary"
          variant="flat"
          size="large"
          @click="emit('next')"
        >
          {{ t('courtside.nextSet') }}
        </v-btn>
        <v-btn variant="text" @click="emit('reopen')">{{ t('courtside.reopen') }}</v-btn>
      </div>
    </template>
    <template v-else>
      <CloseCall
        v-if="closeShot"
        :shot="closeShot"
        :on-surface="onSurface"
        :effect="asksEffect"
        @call="emit('call', closeShot.id, $event)"
      />
      <section v-if="verdict" class="verdict" data-test="verdict">
        <SetVerdict :verdict="verdict" :with-advice="false" />
      </section>
      <p v-if="set?.count.full" class="full">
        {{ set.count.left === 0 ? t('courtside.full', { balls: set.trials }) : t('count.over') }}
      </p>
      <div v-if="set && set.standing === 'OPEN'" class="actions foot"><FromHere :set="set" :ask="charted.fromHere" /></div>
      <div v-memo="[set?.standing, !set?.trials, !verdict, caller, drill, level]" class="actions" :class="{ foot: set?.standing !== 'OPEN' }">
        <v-btn
          size="large"
          :color="set && set.standing !== 'OPEN' ? 'primary' : undefined"
          :variant="set && set.standing !== 'OPEN' ? 'flat' : 'outlined'"
          :disabled="!set"
          @click="emit('close')"
        >
          {{ t('courtside.closeSet') }}
        </v-btn>
        <v-btn v-if="!verdict" variant="text" :disabled="!set?.trials" @click="emit('judge')">{{ t('courtside.judge') }}</v-btn>
        <v-select
          v-model="caller"
          :label="t('caller.label')"
          :items="callers"
          hide-details
        />
        <p class="soft small">{{ rule(rung) }} {{ t('courtside.feed', { feed: drill.feed }) }}.</p>
      </div>
    </template>
  </div>
</template>

<style scoped>
.margin {
  display: flex;
  flex-direction: column;
  gap: 16px;
  min-height: 100%;
}

h1 {
  font-size: 24px;
}

.lay {
  min-height: 48px;
  margin-top: 8px;
}

.small {
  font-size: 14px;
  line-height: 1.4;
}

.big {
  font-size: 76px;
}

.tally > * + * {
  margin-top: 8px;
}

.standing {
  font-size: 20px;
  padding-left: 12px;
  border-left: 6px solid var(--rule);
}

.standing.MET {
  border-color: var(--pine);
}

.standing.OUT_OF_REACH {
  border-color: var(--plum);
}

.actions {
  display: grid;
  gap: 8px;
}

.actions :deep(.v-btn) {
  min-height: 56px;
}

.foot {
  margin-top: auto;
}

.decided,
.full {
  font-weight: 650;
  margin-top: 12px;
}
</style>
