<script setup lang="ts">
import { mdiRulerSquare } from '@mdi/js'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Conditions } from '@/charting/rules'
import type {
  Caller, Drill, Laid, Lying, PlaceVersion, Plane, Player, Ruling, SetView, Shot, Sport, Stance, Verdict,
} from '@/shared/api'
import { levelOf, useSentences } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import CloseCall from './CloseCall.vue'
import CountDialog from './CountDialog.vue'
import FromHere from './FromHere.vue'
import type { Logged } from './entries'
import LayingCard from './LayingCard.vue'
import SetConditions from './SetConditions.vue'
import SetDecision from './SetDecision.vue'
import SetNotes from './SetNotes.vue'
import StanceMover from './StanceMover.vue'
import SetVerdict from './SetVerdict.vue'
import SetTally from './SetTally.vue'
import ShotChange from './ShotChange.vue'
import ShotNotes from './ShotNotes.vue'
import type { Live } from './useLive'
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
  live: Live
  /** Who is in the set, in the order of its sides. */
  names: string[]
  players: Player[]
}>()
const caller = defineModel<Caller>('caller', { required: true })
const emit = defineEmits<{
  side: [side: number]
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
  enter: [write: () => Logged]
  tick: []
  pause: []
}>()
const { t } = useI18n()
const { goal, rule } = useSentences()
const CALLERS: Caller[] = ['COACH', 'ASSISTANT', 'WAITING_PLAYER', 'HITTER']

const laying = ref(false)
const canBeLaid = computed(() => props.lying?.stages.some((stage) => stage.zones.some((zone) => zone.cards.length > 0)))
const callers = computed(() => CALLERS.map((value) => ({ value, title: t(`caller.${value}`) })))
const rung = computed(() => levelOf(props.drill, props.level))
const asksEffect = computed(() => rung.value.target.zones.some((zone) => zone.asks.kind === 'EFFECT'))
const noted = computed(() => props.chosen?.shot ?? props.set?.shots.at(-1))
const countIs = defineModel<boolean>('countIs', { required: true })
const settings = useSettings()
/** What has a count of its own: sides, zones, or the two ways that are compared. */
const parts = computed(() => {
  const { goal, target } = rung.value
  if (goal.kind === 'COVER') {
    return target.zones.map((zone) => zone.name)
  }
  return goal.ways ?? (rung.value.fresh.parts.length > 1 ? props.names : [])
})
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
      <SetNotes
        :drill="drill"
        :level="rung"
        :set="set"
        :charted="charted"
        :names="names"
        :players="players"
        @enter="emit('enter', $event)"
      />
      <StanceMover v-if="stance && !set?.closed" :stance="stance" @stand="emit('stand', $event)" />
    </header>

    <SetTally
      :level="rung"
      :set="set"
      :tries="charted.tries.value"
      :best="charted.standing.value?.best"
      :live="live"
      :names="names"
      :team="charted.team.value"
      @side="emit('side', $event)"
      @tick="emit('tick')"
    />
    <ShotNotes
      v-if="set && !set.closed && noted"
      :shot="noted"
      :watch-point="drill.design.watchPoint"
      @note="(note, on) => emit('enter', () => charted.note(noted!.id, note, on))"
    />

    <ShotChange
      v-if="chosen"
      :shot="chosen.shot"
      :number="chosen.number"
      @call="emit('call', chosen.shot.id, $event)"
      @done="emit('unchoose')"
    />
    <SetDecision
      v-else-if="set?.closed"
      :drill="drill"
      :level="level"
      :set="set"
      :verdict="verdict"
      :decided="decided"
      @move="(to, by, unmet) => emit('move', to, by, unmet)"
      @next="emit('next')"
      @reopen="emit('reopen')"
    />
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
      <div v-if="set" class="actions foot">
        <FromHere v-if="set.standing === 'OPEN'" :set="set" :ask="charted.fromHere" />
        <div class="pair">
          <v-btn variant="text" @click="countIs = true">{{ t('countIs.open') }}</v-btn>
          <v-btn variant="text" :aria-pressed="set.pausedSince !== undefined" @click="emit('pause')">
            {{ t(set.pausedSince === undefined ? 'pause.start' : 'pause.end') }}
          </v-btn>
        </div>
        <CountDialog
          v-model="countIs"
          :now="set.count"
          :names="names"
          :parts="parts"
          @set="emit('enter', () => charted.countIs($event, settings.standpoint))"
        />
      </div>
      <div v-memo="[set?.standing, !set?.trials, !verdict, caller, drill, level]" class="actions" :class="{ foot: !set }">
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

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.full {
  font-weight: 650;
  margin-top: 12px;
}
</style>
