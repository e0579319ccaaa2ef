<script setup lang="ts">
import { mdiKeyboardOutline, mdiLockOpenOutline, mdiLockOutline, mdiRotateLeft } from '@mdi/js'
import { useWakeLock } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { askClub, askToday } from '@/charting/asked'
import CourtDrawing from '@/court/CourtDrawing.vue'
import type { Mark } from '@/court/MarkLayer.vue'
import { surfaceOf } from '@/court/shape'
import { turned, type Place } from '@/court/turn'
import type { Court, Drill, Player, Ruling, SetView, Verdict } from '@/shared/api'
import PlainState from '@/shared/PlainState.vue'
import { areaFor, levelOf, useSentences } from '@/shared/sentences'
import { useSettings } from '@/shared/settings'
import BigKeys from './BigKeys.vue'
import { useFeedback } from './feedback'
import KeyHelp from './KeyHelp.vue'
import SetMargin from './SetMargin.vue'
import ShotStrip from './ShotStrip.vue'
import { useKeys } from './useKeys'
import { useOnCourt } from './useOnCourt'
import { useSet } from './useSet'
import { useTouches } from './useTouches'

const props = defineProps<{ player: string, drill: string, run?: string }>()
const { t } = useI18n()
const { ruling } = useSentences()
const settings = useSettings()
const onCourt = useOnCourt()
const feedback = useFeedback()
const wakeLock = useWakeLock()
const charted = useSet()
const { set, level } = charted

const person = shallowRef<Player>()
const practised = shallowRef<Drill>()
const court = shallowRef<Court>()
const failed = ref(false)
const verdict = shallowRef<Verdict>()
const chosenId = ref<string>()
const decided = ref<string>()
const said = ref('')
const locked = ref(false)
const help = ref(false)

const zone = computed(() => practised.value && person.value
  && areaFor(levelOf(practised.value, level.value), set.value?.hand ?? person.value.hand))
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
const marks = computed<Mark[]>(() => {
  const placed = shots.value.filter((shot) => shot.x !== undefined)
  return placed.map((shot, place) => ({
    id: shot.id, x: shot.x ?? 0, y: shot.y ?? 0, ruling: shot.ruling, close: shot.close,
    size: 0.085 + 0.075 * Math.max(0, 1 - (placed.length - 1 - place) / 6),
  }))
})

/** Shots touched while the set is still being made ready wait for it, in their order. */
let ready: Promise<unknown> = new Promise(() => undefined)
onMounted(() => {
  ready = load()
})
onBeforeUnmount(() => void wakeLock.release())

async function load() {
  failed.value = false
  try {
    const [club, today] = await Promise.all([askClub(), askToday().catch(() => undefined)])
    person.value = club.data.players.find((one) => one.id === props.player)
    practised.value = club.data.drills.find((one) => one.id === props.drill)
    court.value = club.data.courts.find((one) => one.id === practised.value?.court)
    if (!person.value || !practised.value || !court.value) {
      throw new Error('no such player or drill')
    }
    const openRun = today?.data.due.find((due) => due.player === props.player && due.drill === props.drill)?.openRun
    await charted.load({ player: person.value, drill: practised.value, run: props.run || undefined, openRun })
    verdict.value = set.value?.closed ? charted.verdict() : undefined
    onCourt.remember(props.player, props.drill)
    void wakeLock.request('screen').catch(() => undefined)
  } catch {
    failed.value = true
  }
}

type Logged = ReturnType<typeof charted.land>

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

async function log(write: () => Logged) {
  await ready
  if (locked.value || set.value?.closed || set.value?.ballsLeft === 0) {
    feedback('refused')
    said.value = set.value?.closed ? t('courtside.closed') : t('courtside.full', { balls: set.value?.trials ?? 0 })
    return
  }
  chosenId.value = undefined
  const logged = write()
  settle(logged, (now) => t('courtside.said', { ruling: ruling(lastRuling(now)), hits: now.hits, trials: now.trials }))
  if (logged.ok) {
    feedback(lastRuling(logged.set).outcome === 'HIT' ? 'hit' : 'miss')
  }
}

const lastRuling = (now: SetView): Ruling => now.shots.at(-1)?.ruling ?? { outcome: 'VOID', side: 'NONE' }
const logKey = (given: Ruling) => log(() => charted.key(given, settings.caller, settings.standpoint))
const call = (shot: string, given: Ruling) => settle(charted.call(shot, given),
  (now) => t('courtside.said', { ruling: ruling(given), hits: now.hits, trials: now.trials }))
const takenBack = (now: SetView) => t('courtside.undone', { hits: now.hits, trials: now.trials })
const undo = () => set.value?.closed ? undefined : settle(charted.undo(), takenBack)
const redo = () => set.value?.closed ? undefined : settle(charted.redo(), takenBack)

function callClose(other: boolean) {
  const shot = closeShot.value
  if (shot) {
    call(shot.id, other && shot.other ? shot.other : shot.ruling)
  }
}

/** A flick after a close touch, without lifting: towards the zone's middle it was in it, away it was not. */
function flick(from: Place, to: Place) {
  const area = zone.value
  const shot = closeShot.value
  if (!area || !shot?.other) {
    return
  }
  const towards = (to.x - from.x) * (area.middle.x - from.x) + (to.y - from.y) * (area.middle.y - from.y) > 0
  const hit = shot.ruling.outcome === 'HIT' ? shot.ruling : shot.other
  const not = shot.ruling.outcome === 'HIT' ? shot.other : shot.ruling
  call(shot.id, towards ? hit : not)
}

function judge() {
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
  settle(charted.moveLevel(to, by, unmet))
  decided.value = unmet ? t('courtside.decided.unmet', { to }) : t(`courtside.decided.${by === 'RULE' ? 'up' : 'coach'}`, { to })
}

function reopen() {
  decided.value = undefined
  verdict.value = undefined
  settle(charted.reopen())
}

async function next() {
  decided.value = undefined
  verdict.value = undefined
  chosenId.value = undefined
  await charted.next()
}

function turnCourt() {
  settings.standpoint = turned(settings.standpoint)
}

const touches = useTouches(
  (place) => void log(() => charted.land(place, settings.caller, settings.standpoint)), flick)
useKeys({
  log: (given) => void logKey(given), undo, redo, judge, close: closeOrNext, turn: turnCourt,
  callOther: () => callClose(true), callStands: () => callClose(false), help: () => { help.value = true },
}, () => settings.standpoint)
</script>

<template>
  <PlainState v-if="failed" :title="t('state.failed')" :body="t('state.failedSafe')">
    <v-btn @click="ready = load()">{{ t('state.retry') }}</v-btn>
  </PlainState>
  <div v-else class="courtside" :class="{ 'left-handed': settings.leftHanded }">
    <section class="court-area">
      <CourtDrawing
        v-if="court && zone && practised && person"
        :surface="surfaceOf(court, levelOf(practised, level).zone.plane)"
        :in-use="practised.inUse"
        :zone="zone"
        :zone-name="levelOf(practised, level).zone.name"
        :zone-number="levelOf(practised, level).zone.number"
        :standpoint="settings.standpoint"
        :hitter="t('court.hitter', { name: person.name.split(' ')[0] })"
        :label="t('court.drawing', { name: person.name })"
        :marks="marks"
        :live="!locked"
        @touch="touches.onTouch"
        @lift="touches.onLift"
      />
      <button v-if="locked" class="lock" type="button" @click="locked = false">{{ t('courtside.locked') }}</button>
      <div class="corner">
        <v-btn :icon="mdiRotateLeft" :aria-label="t('court.turn')" :title="t(`court.standpoint.${settings.standpoint}`)" @click="turnCourt" />
        <v-btn :icon="locked ? mdiLockOutline : mdiLockOpenOutline" :aria-label="t('courtside.lock')" @click="locked = !locked" />
        <v-btn :icon="mdiKeyboardOutline" :aria-label="t('courtside.keys')" @click="help = true" />
      </div>
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
      @log="logKey({ outcome: $event, side: 'NONE' })"
      @undo="undo"
      @redo="redo"
    />
    <aside class="margin-area">
      <SetMargin
        v-if="person && practised"
        v-model:caller="settings.caller"
        :player="person"
        :drill="practised"
        :level="level"
        :set="set"
        :verdict="verdict"
        :close-shot="closeShot"
        :chosen="chosen"
        :decided="decided"
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
    <ShotStrip class="strip-area" :shots="shots" :chosen="chosenId" @choose="chosenId = chosenId === $event ? undefined : $event" />
    <p class="visually-hidden" aria-live="assertive" data-test="said">{{ said }}</p>
    <KeyHelp v-model="help" />
  </div>
</template>

<style scoped src="./courtside.css"></style>
