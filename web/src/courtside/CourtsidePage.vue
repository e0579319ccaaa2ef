<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import CourtDrawing from '@/court/CourtDrawing.vue'
import { isFacing, surfaceOf } from '@/court/shape'
import { turned, type Place } from '@/court/turn'
import type { Laid, Ruling, SetView, Stance, Verdict } from '@/shared/api'
import PlainState from '@/shared/PlainState.vue'
import { plain, useSentences } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import BigKeys from './BigKeys.vue'
import CourtCorner from './CourtCorner.vue'
import { useFeedback } from './feedback'
import KeyHelp from './KeyHelp.vue'
import OpponentMarks from './OpponentMarks.vue'
import SetMargin from './SetMargin.vue'
import ShotStrip from './ShotStrip.vue'
import { useKeys } from './useKeys'
import { useOnCourt } from './useOnCourt'
import { useSet } from './useSet'
import { useStage } from './useStage'
import { useTouches } from './useTouches'
import { useWhoAndWhat } from './useWhoAndWhat'

const props = defineProps<{ player: string, drill: string, run?: string, track?: string }>()
const { t } = useI18n()
const { ruling } = useSentences()
const settings = useSettings()
const onCourt = useOnCourt()
const feedback = useFeedback()
const wakeLock = useWakeLock()
const charted = useSet()
const { set, level } = charted

const { person, practised, court, places, failed, ask, choosePlace } = useWhoAndWhat(props, charted)
const verdict = shallowRef<Verdict>()
const chosenId = ref<string>()
const decided = ref<string>()
const said = ref('')
const locked = ref(false)
const help = ref(false)

const { rung, lying, stages, stage, other, stance, onSurface, marks } = useStage(charted, practised, person, court)
const shots = computed(() => set.value?.shots ?? [])
const closeShot = computed(() => {
  const last = shots.value.at(-1)
  return last?.close ? last : undefined
})
const chosen = computed(() => {
  const place = shots.value.findIndex((shot) => shot.id === chosenId.value)
  const shot = shots.value[place]
  return shot && { shot, number: place + 1 }
})
/** Shots touched while the set is still being made ready wait for it, in their order. */
let ready: Promise<unknown> = new Promise(() => undefined)
onMounted(() => {
  ready = load()
})
onBeforeUnmount(() => void wakeLock.release())

async function load() {
  if (await ask()) {
    verdict.value = set.value?.closed ? charted.verdict() : undefined
    onCourt.remember(props.player, props.drill)
    void wakeLock.request('screen').catch(() => undefined)
  }
}

type Logged = NonNullable<ReturnType<typeof charted.land>>

function settle(logged: Logged | undefined, words?: (set: SetView) => string) {
  if (!logged) {
    return
  }
  if (!logged.ok) {
    feedback('refused')
    said.value = t('courtside.refused', { reason: t(`problem.${logged.problem.code}`, { ...logged.problem }) })
    return
  }
  if (!logged.set.closed) {
    verdict.value = undefined
  }
  if (words) {
    said.value = words(logged.set)
  }
}

async function log(write: () => Logged | undefined) {
  await ready
  if (locked.value || set.value?.closed || set.value?.count.full) {
    feedback('refused')
    said.value = set.value?.closed ? t('courtside.closed') : t('courtside.full', { balls: set.value?.trials ?? 0 })
    return
  }
  chosenId.value = undefined
  const logged = write()
  if (!logged) {
    feedback('miss')
    said.value = t('courtside.onTheWay', { count: charted.onTheWay.value.length, stages: stages.value.length })
    return
  }
  settle(logged, (now) => t('courtside.said', { ruling: ruling(lastRuling(now), onSurface.value), hits: now.hits, trials: now.trials }))
  if (logged.ok) {
    feedback(lastRuling(logged.set).outcome === 'HIT' ? 'hit' : 'miss')
  }
}

const lastRuling = (now: SetView): Ruling => now.shots.at(-1)?.ruling ?? plain('VOID')
const logKey = (given: Ruling) => log(() => charted.key(given, settings.caller, settings.standpoint))
const call = (shot: string, given: Ruling) => settle(charted.call(shot, given),
  (now) => t('courtside.said', { ruling: ruling(given), hits: now.hits, trials: now.trials }))
const takenBack = (now: SetView) => t('courtside.undone', { hits: now.hits, trials: now.trials })
function undo() {
  if (charted.onTheWay.value.length > 0) {
    charted.forget()
  } else if (!set.value?.closed) {
    settle(charted.undo(), takenBack)
  }
}

const redo = () => set.value?.closed ? undefined : settle(charted.redo(), takenBack)

function callClose(other: boolean) {
  const shot = closeShot.value
  if (shot) {
    call(shot.id, other && shot.other ? shot.other : shot.ruling)
  }
}

/** A flick after a close touch, without lifting: towards the zone's middle it was in it, away it was not. */
function flick(from: Place, to: Place) {
  const shot = closeShot.value
  const zones = stage.value?.zones ?? []
  const number = shot?.other?.zone || shot?.ruling.zone
  const middle = (zones.find((zone) => zone.number === number) ?? zones[0])?.whole.middle
  if (!middle || !shot?.other) {
    return
  }
  const towards = (to.x - from.x) * (middle.x - from.x) + (to.y - from.y) * (middle.y - from.y) > 0
  const hit = shot.ruling.outcome === 'HIT' ? shot.ruling : shot.other
  const not = shot.ruling.outcome === 'HIT' ? shot.other : shot.ruling
  call(shot.id, towards ? hit : not)
}

/** The effect on the receiver: of the shot just charted, or of one without a place. */
function effect() {
  const shot = closeShot.value
  if (shot?.other?.outcome === 'HIT') {
    call(shot.id, shot.other)
  } else {
    void logKey(plain('HIT'))
  }
}

function hitZone(number: number) {
  if (rung.value?.target.zones.some((zone) => zone.number === number)) {
    void logKey({ outcome: 'HIT', side: 'NONE', zone: number })
  }
}

function lay(laid: Laid[]): string {
  const problem = charted.under({ laid })
  return problem ? t(`problem.${problem.code}`, { ...problem }) : ''
}

const standAt = (moved: Stance) => settle(charted.standAt(moved))
const judge = () => {
  verdict.value = charted.verdict()
}

function closeOrNext() {
  if (!set.value) {
    return
  }
  if (set.value.closed) {
    ready = next()
    return
  }
  chosenId.value = undefined
  verdict.value = charted.verdict()
  settle(charted.close())
}

function move(to: number, by: 'RULE' | 'COACH', unmet: boolean) {
  const byRule = to > level.value ? 'up' : 'down'
  settle(charted.moveLevel(to, by, unmet))
  decided.value = t(`courtside.decided.${unmet ? 'unmet' : by === 'COACH' ? 'coach' : byRule}`, { to })
}

function reopen() {
  decided.value = undefined
  verdict.value = undefined
  settle(charted.reopen())
}

async function next() {
  decided.value = verdict.value = chosenId.value = undefined
  await charted.next()
}

const turnCourt = () => {
  settings.standpoint = turned(settings.standpoint)
}

const touches = useTouches(
  (place) => void log(() => charted.land(place, settings.caller, settings.standpoint)), flick)
useKeys({
  log: (given) => void logKey(given), undo, redo, judge, close: closeOrNext, turn: turnCourt,
  callOther: () => callClose(true), callStands: () => callClose(false), effect, zone: hitZone, help: () => { help.value = true },
}, () => settings.standpoint, () => !!court.value && !!stage.value && isFacing(surfaceOf(court.value, stage.value.plane)))
</script>

<template>
  <PlainState v-if="failed" :title="t('state.failed')" :body="t('state.failedSafe')">
    <v-btn @click="ready = load()">{{ t('state.retry') }}</v-btn>
  </PlainState>
  <div v-else class="courtside" :class="{ 'left-handed': settings.leftHanded }">
    <section class="court-area">
      <CourtDrawing
        v-if="court && stage && practised && person"
        :surface="surfaceOf(court, stage.plane)"
        :beyond="settings.wholeCourt ? other : undefined"
        :in-use="stage.inUse"
        :zones="stage.zones"
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
      <p v-if="stages.length > 1" class="stage" data-test="stage">
        {{ t('courtside.stage', { number: charted.onTheWay.value.length + 1, stages: stages.length, surface: t(`plane.${stage?.plane}`) }) }}
      </p>
      <button v-if="locked" class="lock" type="button" @click="locked = false">{{ t('courtside.locked') }}</button>
      <CourtCorner v-model:locked="locked" class="corner" :has-halves="!!other" @help="help = true" />
      <p class="phone-tally" aria-hidden="true">
        <span class="count">{{ t('courtside.count', { hits: set?.hits ?? 0, trials: set?.trials ?? 0 }) }}</span>
      </p>
      <p class="standpoint soft">{{ t(`court.standpoint.${settings.standpoint}`) }}</p>
      <p v-if="touches.ignored.value" :key="touches.ignored.value" class="ignored">{{ t('courtside.ignored') }}</p>
    </section>
    <BigKeys
      class="big-keys"
      :can-undo="!!set?.undo"
      :can-redo="!!set?.redo"
      :closed="!!set?.closed"
      @log="logKey(plain($event))"
      @undo="undo"
      @redo="redo"
    />
    <aside class="margin-area">
      <SetMargin
        v-if="person && practised"
        v-model:caller="settings.caller"
        :charted="charted"
        :player="person"
        :drill="practised"
        :level="level"
        :set="set"
        :verdict="verdict"
        :close-shot="closeShot"
        :chosen="chosen"
        :decided="decided"
        :on-surface="onSurface"
        :places="places"
        :place="charted.place.value"
        :conditions="charted.conditions.value"
        :lying="lying"
        :stance="stance"
        :lay="lay"
        @settle="settle"
        @place="choosePlace"
        @under="charted.under($event)"
        @stand="standAt"
        @call="call"
        @unchoose="chosenId = undefined"
        @judge="judge"
        @close="closeOrNext"
        @reopen="reopen"
        @next="ready = next()"
        @move="move"
      />
      <p v-if="charted.tookPen.value" class="soft">{{ t('courtside.elsewhere') }}</p>
    </aside>
    <ShotStrip v-model:chosen="chosenId" class="strip-area" :shots="shots" :on-surface="onSurface" />
    <p class="visually-hidden" aria-live="assertive" data-test="said">{{ said }}</p>
    <KeyHelp v-model="help" />
  </div>
</template>

<style scoped src="./courtside.css"></style>
