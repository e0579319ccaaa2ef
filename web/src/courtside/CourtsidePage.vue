<script setup lang="ts">
import { useEventListener, useMediaQuery, useWakeLock } from '@vueuse/core'
import { computed, nextTick, onActivated, onBeforeUnmount, onDeactivated, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useOutbox } from '@/charting/outbox'
import CourtDrawing from '@/court/CourtDrawing.vue'
import { isFacing, surfaceOf } from '@/court/shape'
import { turned } from '@/court/turn'
import { useGoals } from '@/shared/goals'
import PenOffer from '@/shared/PenOffer.vue'
import PlainState from '@/shared/PlainState.vue'
import { plain } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import AfterSet from './AfterSet.vue'
import { actionsOf } from './courtKeys'
import BigKeys from './BigKeys.vue'
import CourtCorner from './CourtCorner.vue'
import FarView from './FarView.vue'
import { useFeedback } from './feedback'
import KeyHelp from './KeyHelp.vue'
import OpponentMarks from './OpponentMarks.vue'
import type { Opening } from './opening'
import SetMargin from './SetMargin.vue'
import ShotStrip from './ShotStrip.vue'
import TwoHalves from './TwoHalves.vue'
import { useCharting } from './useCharting'
import { useDrawnCourt } from './useDrawnCourt'
import { useKeys } from './useKeys'
import { useLive } from './useLive'
import { useOnCourt } from './useOnCourt'
import { usePattern } from './usePattern'
import { useSet } from './useSet'
import { useSides } from './useSides'
import { useStage } from './useStage'
import { useWhoAndWhat } from './useWhoAndWhat'
import { useWay } from './ways'

const props = defineProps<{ player: string, drill: string, run?: string, track?: string, occasion?: Opening['occasion'], paper?: boolean }>()
const emit = defineEmits<{ ball: [player: string, shot: string], skip: [] }>()
const { t } = useI18n()
const goals = useGoals()
const settings = useSettings()
const onCourt = useOnCourt()
const feedback = useFeedback()
const outbox = useOutbox()
const wakeLock = useWakeLock()
const onPhone = useMediaQuery('(max-width: 800px)')
const charted = useSet()
const { set, level } = charted
const { players, person, practised, court, places, failed, ask, askAgain, choosePlace } = useWhoAndWhat(props, charted)
const help = ref(false)
const countIs = ref(false)
const way = useWay(props.paper)

const area = useTemplateRef<HTMLElement>('area')
const { rung, lying, stages, stage, other, stance, onSurface, marks } = useStage(charted, practised, person, court)
const surface = computed(() => court.value && stage.value && surfaceOf(court.value, stage.value.plane))
const ready = ref<Promise<unknown>>(new Promise(() => undefined))
const hand = useCharting(charted, {
  rung, onSurface, ready, zones: () => stage.value?.zones ?? [], stages: () => stages.value.length,
  // A pass is one turn's ball, whatever shots it has and whoever hits them.
  logged: (shot) => set.value?.passes?.now.length || hand.ballOf(shot)?.hitter ? undefined : emit('ball', props.player, shot),
}, feedback)
const { chosenId, locked, log, logKey } = hand
const live = useLive(charted, () => rung.value, hand.enter, feedback)

const counted = computed(() => rung.value ? goals.counted(rung.value, set.value) : '')
const standing = computed(() => rung.value ? goals.standing(rung.value, set.value) : '')
const { count, sides, names } = useSides(charted, rung, person, players)
const pattern = usePattern(
  charted, () => rung.value, () => names.value, () => court.value?.strokes ?? [], () => !!surface.value && isFacing(surface.value),
  hand.enter, feedback, () => active)
const { beyond, closeUp, canCloseUp, toggleCloseUp, turned: zonesTurned, touches } = useDrawnCourt({
  area, stage, surface, other, drill: practised, hand, pattern, way,
})

onMounted(() => {
  ready.value = load()
})
onBeforeUnmount(() => void wakeLock.release())
useEventListener(window, 'beforeunload', (event) => {
  if (hand.held.value > 0) {
    event.preventDefault()
  }
})

const loaded = ref(false)
async function load() {
  await ask()
  loaded.value = true
  void wakeLock.request('screen').catch(() => undefined)
  onCourt.remember(props.player, props.drill, practised.value?.family ?? '')
  if (set.value?.closed) {
    hand.judge()
  }
}

const turnCourt = () => {
  settings.standpoint = turned(settings.standpoint)
}

function half(side: number, outcome: 'HIT' | 'NOT_HIT') {
  void hand.toSide(() => side)
  void logKey(plain(outcome))
}

function closeFromHalves() {
  way.value = 'COURT'
  void hand.closeOrNext()
}

watch(way, async () => {
  await nextTick()
  area.value?.focus({ preventScroll: true })
})

/** A touched button takes no keys after it, so that a clicker goes on charting. */
function leaveKeys(event: MouseEvent) {
  if (event.target instanceof Element && event.target.closest('button')) {
    event.preventDefault()
  }
}

const nextSide = () => void hand.toSide((now) => (now + 1) % sides.value)
const keys = actionsOf({
  charted, hand, live, pattern, way, countIs, help, turn: turnCourt, nextSide, skip: () => emit('skip'),
})
useKeys(keys, () => settings.standpoint, () => !!surface.value && isFacing(surface.value), () => active)

// In a queue this page waits, with its set, until its player's turn comes again.
let active = true
onActivated(() => {
  active = true
})
onDeactivated(() => {
  active = false
})
defineExpose({ isReady: () => ready.value, ballOf: hand.ballOf, take: hand.take, give: hand.give, closeOpen: hand.closeOpen })
</script>

<template>
  <PlainState v-if="failed" :title="t('state.failed')" :body="hand.held.value ? undefined : t('state.failedSafe')">
    <p v-if="hand.held.value" data-test="held">{{ t('state.held', { count: hand.held.value }, hand.held.value) }}</p>
    <v-btn @click="askAgain">{{ t('state.retry') }}</v-btn>
  </PlainState>
  <div
    v-else
    class="courtside"
    :class="{ 'left-handed': settings.leftHanded, 'from-memory': way === 'AFTER', unread: !loaded }"
    @mousedown="leaveKeys"
  >
    <p v-if="onPhone && person && practised" class="phone-line" :class="{ called: pattern.called.value }">
      <strong>{{ person.name }}</strong>
      {{ pattern.next.value || t('courtside.drill', { drill: practised.name, level, levels: practised.levels.length }) }}
    </p>
    <section ref="area" class="court-area" tabindex="-1" :aria-busy="!loaded">
      <AfterSet
        v-if="way === 'AFTER' && rung"
        :most="count?.left"
        :hits-alone="rung.hitsAlone"
        :full="!!set?.closed || !!set?.count.full"
        @row="hand.logRow($event)"
        @count="(hits, balls) => log(() => charted.entries.countHits(hits, balls, settings.caller, settings.standpoint))"
      />
      <CourtDrawing
        v-else-if="surface && stage && practised && person"
        :surface="surface"
        :beyond="closeUp ? undefined : beyond"
        :close-up="closeUp"
        :in-use="stage.inUse"
        :zones="stage.zones"
        :lit="pattern.lit.value"
        :zones-turned="zonesTurned"
        :standpoint="settings.standpoint"
        :hitter="t('court.hitter', { name: person.name.split(' ')[0] })"
        :label="t('court.drawing', { name: person.name })"
        :marks="marks"
        :live="!locked"
        @touch="touches.onTouch"
        @lift="touches.onLift"
      >
        <OpponentMarks :stance="stance" />
      </CourtDrawing>
      <p v-if="stages.length > 1 && way === 'COURT'" class="stage" data-test="stage">
        {{ t('courtside.stage', { number: charted.ball.onTheWay.value.length + 1, stages: stages.length, surface: t(`plane.${stage?.plane}`) }) }}
      </p>
      <button v-if="locked" class="lock" type="button" @click="locked = false">{{ t('courtside.locked') }}</button>
      <CourtCorner
        v-model:locked="locked"
        v-model:way="way"
        class="corner"
        :has-halves="!!other && !pattern.both.isOn.value"
        :has-sides="!!pattern.pattern.value"
        :has-choice="pattern.hasChoice.value"
        :can-close-up="canCloseUp"
        :is-close="!!closeUp"
        @close-up="toggleCloseUp"
        @help="help = true"
      />
      <p class="phone-tally" aria-hidden="true">
        <span class="count">{{ counted }}</span>
      </p>
      <p class="standpoint soft">
        {{ t(`court.standpoint.${settings.standpoint}`) }}
        <span class="grain" data-test="grain">{{ t(`grain.${way}`) }}</span>
      </p>
      <PenOffer :run="charted.run" />
      <p v-if="touches.ignored.value" :key="touches.ignored.value" class="ignored">{{ t('courtside.ignored') }}</p>
    </section>
    <BigKeys
      class="big-keys"
      :can-undo="!!set?.undo"
      :can-redo="!!set?.redo"
      :closed="!!set?.closed"
      :endings="pattern.endings.value"
      @end="pattern.end"
      @log="$event === 'HIT' ? keys.hit() : keys.log(plain($event))"
      @undo="hand.undo"
      @redo="hand.redo"
    />
    <div class="turns-area"><slot name="turns" /></div>
    <aside class="margin-area">
      <SetMargin
        v-if="person && practised"
        v-model:count-is="countIs"
        :drill="practised"
        :charted="charted"
        :hand="hand"
        :live="live"
        :pattern="pattern"
        :who="{ player: person, players, names }"
        :where="{ places, place: charted.place.value, lying, stance, onSurface }"
        @place="choosePlace"
        @track="(to) => ready = ready.then(() => charted.onTrack(to))"
        @next="ready = hand.next()"
      />
      <p v-if="charted.run.tookPen.value && !charted.run.watching.value" class="soft">{{ t('pen.elsewhere') }}</p>
    </aside>
    <ShotStrip
      v-model:chosen="chosenId"
      class="strip-area"
      :shots="hand.shots.value"
      :unkept="outbox.unkept"
      :on-surface="onSurface"
    />
    <p class="visually-hidden" aria-live="assertive" data-test="said">{{ hand.said.value }}</p>
    <TwoHalves
      v-if="way === 'HALVES' && person"
      :name="person.name"
      :counted="counted"
      :standing="standing"
      :sides="sides > 1 ? names : []"
      :can-undo="!!set?.undo"
      :full="!!set?.count.full || !!set?.closed"
      @hit="half($event, 'HIT')"
      @not="half($event, 'NOT_HIT')"
      @undo="hand.undo"
      @skip="emit('skip')"
      @close="closeFromHalves"
      @leave="way = 'COURT'"
    />
    <FarView
      v-if="way === 'FAR' && person && count"
      :name="person.name"
      :call="pattern.called.value ? pattern.next.value : ''"
      :counted="sides > 1 ? counted : String(count.done)"
      :wanted="sides > 1 || !count.wanted ? '' : t('far.of', { wanted: count.wanted })"
      @leave="way = 'COURT'"
    />
    <KeyHelp v-model="help" />
  </div>
</template>

<style scoped src="./courtside.css"></style>
